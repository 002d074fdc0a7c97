import { expect, test } from 'vitest';
import { dayLines, stretchesOf } from './stretches';

const task = (
  batch: string,
  what: string,
  start: string,
  end: string,
  { hands = 1, pan = false }: { hands?: 0 | 1; pan?: boolean } = {},
) => ({
  ...{ batch, what, hands, pan, step: 'count', fridge: false },
  start: `2026-12-${start}`,
  end: `2026-12-${end}`,
});

/** A balm cools while a roll-on is made; a patch test goes on over two nights. */
const tasks = [
  task('balm-1', 'Melt', '09T18:00', '09T18:20', { pan: true }),
  task('balm-1', 'Let it cool', '09T18:20', '09T19:00', { hands: 0, pan: true }),
  task('rolls-1', 'Lavender, 36 drops', '09T18:20', '09T18:40'),
  task('rolls-1', 'Top up', '09T18:40', '09T18:50'),
  task('balm-1', 'Pour', '09T19:00', '09T19:10', { pan: true }),
  task('rolls-1', 'Patch test', '09T18:50', '11T18:50', { hands: 0 }),
  task('rolls-1', 'Label', '10T18:00', '10T18:10'),
];

test('what is done on a batch without leaving it is one stretch', () => {
  expect(stretchesOf(tasks).map(({ batch, what }) => [batch, what.length])).toEqual([
    ['balm-1', 1],
    ['balm-1', 1],
    ['rolls-1', 2],
    ['balm-1', 1],
    ['rolls-1', 1],
    ['rolls-1', 1],
  ]);
});

test('each day has its hands, its pan from melting to pouring, and what waits', () => {
  const { days, from, to } = dayLines(tasks);
  expect([from / 60, to / 60]).toEqual([18, 20]);
  expect(days.map(({ day }) => day)).toEqual(['2026-12-09', '2026-12-10']);
  const [first, second] = days;
  expect(first?.hands).toHaveLength(1);
  expect(first?.pans.flat().map((bar) => [bar.from, bar.to])).toEqual([[18 * 60, 19 * 60 + 10]]);
  // The patch test began before and goes on after the second day.
  expect(second?.waiting.flat()).toEqual([
    expect.objectContaining({ from: 0, to: 1440, goesOn: true }),
  ]);
});

test('bars of a row never lie over each other, whatever is planned', () => {
  const many = Array.from({ length: 60 }, (_, n) => {
    const start = 480 + ((n * 37) % 600);
    const at = (minute: number) =>
      `09T${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;
    return task(`b-${n}`, 'Count', at(start), at(start + 5 + ((n * 13) % 50)));
  });
  for (const row of dayLines(many).days.flatMap(({ hands }) => hands)) {
    for (const [n, bar] of row.entries()) {
      expect(bar.from).toBeGreaterThanOrEqual(row[n - 1]?.to ?? 0);
    }
  }
});

test('nothing planned has no day', () => {
  expect(dayLines([]).days).toEqual([]);
});
