// @vitest-environment jsdom
import { addEvent, tallyOf, type BenchEvent, type Step } from '@jubbet/core/making';
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { showScreen } from '../../parts/onScreen.testing';
import { savedFiles } from '../../parts/savedFiles.testing';
import { Clocks } from './Clocks';

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['Date'], now: new Date('2026-11-25T10:00:00.000Z') });
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
  vi.useRealTimers();
});

const show = (step: Step | null = null) => {
  const all: BenchEvent[] = [];
  const Bench = () => {
    const [tally, setTally] = useState(tallyOf([]));
    return (
      <Clocks
        name="Keepsake"
        step={step}
        tally={tally}
        onEvents={(events) => {
          all.push(...events);
          setTally((before) => events.reduce(addEvent, before));
        }}
      />
    );
  };
  showScreen(Bench, '/');
  return all;
};

test('a clock of one’s own runs as long as was asked, and is turned off', () => {
  const all = show();
  fireEvent.change(screen.getByLabelText('Minutes of a clock of your own'), {
    target: { value: '25' },
  });
  fireEvent.click(screen.getByRole('button', { name: 'Start' }));
  expect(all).toEqual([
    expect.objectContaining({
      kind: 'timer',
      startedAt: '2026-11-25T10:00:00.000Z',
      endsAt: '2026-11-25T10:25:00.000Z',
      step: null,
    }),
  ]);
  expect(screen.getByRole('listitem').textContent).toMatch(/25:00|25 min/);
  fireEvent.click(screen.getByRole('button', { name: /^Turn off/ }));
  expect(screen.queryByRole('listitem')).toBeNull();
  expect(all.map(({ kind }) => kind)).toEqual(['timer', 'timer-off']);
});

test('no clock runs for no time at all', () => {
  const all = show();
  const minutes = screen.getByLabelText('Minutes of a clock of your own');
  fireEvent.change(minutes, { target: { value: '0' } });
  expect(screen.getByRole('alert').textContent).toMatch(/0/);
  fireEvent.blur(minutes);
  fireEvent.click(screen.getByRole('button', { name: 'Start' }));
  expect(all).toEqual([expect.objectContaining({ endsAt: '2026-11-25T10:10:00.000Z' })]);
});

test('clocks that run leave as a calendar', async () => {
  show();
  fireEvent.click(screen.getByRole('button', { name: 'Start' }));
  const saved = savedFiles();
  fireEvent.click(screen.getByRole('button', { name: 'Save to a calendar' }));
  expect(saved[0]?.name).toBe('Keepsake, clocks.ics');
  expect(await saved[0]?.text).toMatch(/DTSTART:20261125T101000Z/);
});

test('what the step offers starts with a press, and is not offered twice', () => {
  const smell = { id: 'smell', kind: 'smell' } as unknown as Step;
  const all = show(smell);
  const offers = () => screen.queryAllByRole('button', { name: /^10? min/ });
  expect(offers()).toHaveLength(2);
  fireEvent.click(offers()[0]!);
  expect(all).toEqual([
    expect.objectContaining({ step: 'smell', endsAt: '2026-11-25T10:01:00.000Z' }),
  ]);
  expect(offers()).toHaveLength(1);
});
