// @vitest-environment jsdom
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import { deviceThat } from '../../devices/device.testing';
import { showScreen } from '../../parts/onScreen.testing';
import { LiveDrops } from './LiveDrops';
import { LiveScale } from './LiveScale';

afterEach(cleanup);

const scale = (askedG: number | null, commands = false) => {
  const device = deviceThat({ simulated: false }, commands);
  const taken: number[] = [];
  showScreen(
    () => <LiveScale driver={device.driver} askedG={askedG} onTake={(g) => taken.push(g)} />,
    '/',
  );
  fireEvent.click(screen.getByRole('button', { name: 'Read the scale' }));
  return { ...device, taken };
};
const shown = () => screen.getByTestId('on-scale').textContent;
const status = () => screen.getByRole('status').textContent;
const take = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Take this weight' });

test('a weight is said beside what is asked, and taken only at rest', () => {
  const { writes, taken } = scale(12);
  writes('US,+5.00 g');
  expect(shown()).toBe('5.00 g');
  expect(status()).toBe('7 g still to come, still moving');
  expect(take().disabled).toBe(true);
  writes('ST,+13.00 g');
  expect(status()).toBe('1 g too much');
  fireEvent.click(take());
  writes('ST,+12.00 g');
  expect(status()).toBe('right');
  fireEvent.click(take());
  expect(taken).toEqual([13, 12]);
});

test('a scale that takes no commands is tared by what stood on it', () => {
  const { writes, taken } = scale(null);
  writes('ST,+12.40 g');
  fireEvent.click(screen.getByRole('button', { name: 'Tare' }));
  expect(shown()).toBe('0.00 g');
  writes('ST,+15.00 g');
  fireEvent.click(take());
  expect(taken).toEqual([2.6]);
  // Below the jar there is nothing to take.
  writes('ST,+12.00 g');
  expect(take().disabled).toBe(true);
});

test('one that takes commands is asked to tare itself', () => {
  const { writes, command } = scale(null, true);
  writes('ST,+12.40 g');
  fireEvent.click(screen.getByRole('button', { name: 'Tare' }));
  expect(command).toHaveBeenCalledWith({ command: 'tare' });
  expect(shown()).toBe('12.40 g');
});

test('too much on it is no weight, and a scale that is gone says what to do', () => {
  const { writes, troubles } = scale(12);
  writes('OL');
  expect(shown()).toBe('too much on it');
  expect(take().disabled).toBe(true);
  troubles('away');
  expect(status()).toMatch(/does not answer/);
});

const dropsOf = () => {
  const device = deviceThat();
  const counted: number[] = [];
  showScreen(
    () => (
      <LiveDrops
        driver={device.driver}
        drop={{ low: 0.026, likely: 0.044, high: 0.053 }}
        onDrops={(drops) => counted.push(drops)}
      />
    ),
    '/',
  );
  fireEvent.click(screen.getByRole('button', { name: /^Count by weight/ }));
  return {
    counted,
    /** The scale comes to rest at a weight. */
    rests: (g: number) => {
      for (let n = 0; n < 6; n += 1) device.writes(`ST,+${g.toFixed(3)} g`);
    },
  };
};

test('a drop counts once, from what stood there when counting began', () => {
  const { rests, counted } = dropsOf();
  rests(31.2);
  expect(counted).toEqual([]);
  rests(31.244);
  rests(31.244);
  rests(31.288);
  expect(counted).toEqual([1, 1]);
});

test('what may be two or three is asked, and counts as what was answered', () => {
  const { rests, counted } = dropsOf();
  rests(31.2);
  rests(31.29);
  expect(status()).toMatch(/how many drops were that\?/);
  expect(counted).toEqual([]);
  fireEvent.click(screen.getByRole('button', { name: '2 drops' }));
  expect(counted).toEqual([2]);
  rests(31.334);
  expect(counted).toEqual([2, 1]);
});

test('what no drop weighs is asked about, and nothing of it counts', () => {
  const { rests, counted } = dropsOf();
  rests(31.2);
  rests(40);
  expect(status()).toMatch(/Was something put on, or taken off\?/);
  fireEvent.click(screen.getByRole('button', { name: 'none' }));
  rests(40.044);
  expect(counted).toEqual([1]);
});
