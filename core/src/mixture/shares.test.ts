import { expect, test } from 'vitest';
import { shippedCatalog } from '../catalog';
import { exactly } from '../quantity';
import { baseShare, noteShares } from './shares';

const oil = (id: string, ml: number) => {
  const known = shippedCatalog.oil(id);
  if (!known) throw new Error(id);
  const none = exactly(0);
  return {
    oil: known,
    ml: exactly(ml),
    g: none,
    byVolume: none,
    byWeight: none,
    percent: none,
    drops: null,
  };
};

test('shares of the notes go by volume and come to 100 %', () => {
  // Bergamot is a top note, lavender a middle, vetiver a base: 2, 5 and 1 of 8 ml.
  const shares = noteShares({
    oils: [oil('bergamot', 2), oil('lavender', 5), oil('vetiver', 1)],
  });
  expect(shares).toEqual([
    { note: 'top', percent: 25 },
    { note: 'middle', percent: 62.5 },
    { note: 'base', percent: 12.5 },
  ]);
});

test('no oils have no shares', () => {
  expect(noteShares({ oils: [] }).map(({ percent }) => percent)).toEqual([0, 0, 0]);
});

test('a base is a share of the volume or of the weight, as the blend is measured', () => {
  const whole = { totalG: exactly(50), fillMl: 60 };
  const base = { ml: exactly(15), g: exactly(10) };
  expect(baseShare(whole, base, 'volume')).toBe(25);
  expect(baseShare(whole, base, 'weight')).toBe(20);
});
