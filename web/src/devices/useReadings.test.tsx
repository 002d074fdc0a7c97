// @vitest-environment jsdom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { deviceThat } from './device.testing';
import { useReadings } from './useReadings';

afterEach(cleanup);

test('weights are told as they come, the last dozen; other quantities are none of a scale', () => {
  const { driver, writes } = deviceThat();
  const { result } = renderHook(() => useReadings(driver));
  for (let n = 1; n <= 20; n += 1) writes(`ST,+${n}.00 g`);
  writes('72.5 C');
  expect(result.current.last.map(({ value }) => value)).toEqual(
    Array.from({ length: 12 }, (_, n) => n + 9),
  );
  expect(result.current.trouble).toBeNull();
});

test('twenty lines of nonsense in a row are said, and a weight ends it', () => {
  const { driver, writes } = deviceThat();
  const { result } = renderHook(() => useReadings(driver));
  for (let n = 0; n < 19; n += 1) writes('???');
  expect(result.current.trouble).toBeNull();
  writes('???');
  expect(result.current.trouble).toBe('noise');
  writes('ST,+1.00 g');
  expect(result.current.trouble).toBeNull();
});

test('too much on the scale is said, and no weight stands there', () => {
  const { driver, writes } = deviceThat();
  const { result } = renderHook(() => useReadings(driver));
  writes('ST,+1.00 g');
  writes('OL');
  expect(result.current).toMatchObject({ overloaded: true, last: [] });
});

test('a device that goes away shows no old weight, and comes back', () => {
  const { driver, writes, troubles } = deviceThat();
  const { result } = renderHook(() => useReadings(driver));
  writes('ST,+1.00 g');
  troubles('away');
  expect(result.current).toMatchObject({ trouble: 'away', last: [] });
  troubles(null);
  expect(result.current.trouble).toBeNull();
});

test('the trail keeps one reading at rest in ten seconds', () => {
  const { driver, writes } = deviceThat({ kind: 'thermometer' });
  const { result } = renderHook(() => useReadings(driver));
  for (let second = 0; second <= 30; second += 1) {
    writes(`${second === 20 ? 'US' : 'ST'},+${70 - second}.0 C`, second);
  }
  // At 20 s it moves: the next at rest is taken.
  expect(result.current.trail.map(({ value }) => value)).toEqual([70, 60, 49]);
});

test('who no longer listens is told nothing', () => {
  const { driver, stop } = deviceThat();
  const { unmount } = renderHook(() => useReadings(driver));
  unmount();
  expect(stop).toHaveBeenCalledOnce();
});

describe('a device that falls silent', () => {
  const silent = (ms: number): void => {
    act(() => void vi.advanceTimersByTime(ms));
  };
  afterEach(() => vi.useRealTimers());

  test('has no weight to take any more, sooner where it speaks often', () => {
    vi.useFakeTimers();
    const { driver, writes } = deviceThat();
    const { result } = renderHook(() => useReadings(driver));
    for (let n = 0; n < 5; n += 1) {
      writes('ST,+2.87 g');
      silent(200);
    }
    expect(result.current.last).toHaveLength(5);
    silent(1500);
    expect(result.current).toMatchObject({ last: [], trouble: 'silent' });
  });

  test('is not kept alive by lines that say nothing, nor left with too much on it', () => {
    vi.useFakeTimers();
    const { driver, writes } = deviceThat();
    const { result } = renderHook(() => useReadings(driver));
    writes('OL');
    for (let n = 0; n < 6; n += 1) {
      silent(1000);
      writes('???');
    }
    expect(result.current).toMatchObject({ last: [], overloaded: false, trouble: 'silent' });
  });

  test('is heard again with the next reading', () => {
    vi.useFakeTimers();
    const { driver, writes } = deviceThat();
    const { result } = renderHook(() => useReadings(driver));
    writes('ST,+2.87 g');
    silent(6000);
    expect(result.current.trouble).toBe('silent');
    writes('ST,+3.00 g');
    expect(result.current.trouble).toBeNull();
    expect(result.current.last.map(({ value }) => value)).toEqual([3]);
  });

  test('is not silent where it speaks every ten seconds, as a probe does', () => {
    vi.useFakeTimers();
    const { driver, writes } = deviceThat({ kind: 'thermometer' });
    const { result } = renderHook(() => useReadings(driver));
    writes('ST,+70.0 C');
    silent(4000);
    writes('ST,+69.0 C');
    silent(10_000);
    expect(result.current.trouble).toBeNull();
    silent(2001);
    expect(result.current.trouble).toBe('silent');
  });
});
