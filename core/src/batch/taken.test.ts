import fc from 'fast-check';
import { expect, test } from 'vitest';
import { blendOf } from '../drops/blend.testing';
import type { BenchEvent } from '../making';
import { madeOf } from './made';
import { anyAct, anyBlend, played } from './played.testing';
import { usageOf } from './taken';

// Two bottles of 10 ml, each with 4 drops of lavender of 0.05 ml in jojoba.
const blend = { ...blendOf({ oils: { lavender: 4 } }), count: 2 };

const drops = (container: number, count: number, bottleId: string | null = null): BenchEvent[] =>
  Array.from({ length: count }, () => ({
    kind: 'drop',
    step: `count/${container}/lavender`,
    container,
    ingredient: 'lavender',
    bottleId,
    source: 'tap',
    drops: 1,
  }));

const lavender = (events: readonly BenchEvent[], bottles = {}) =>
  usageOf(madeOf(blend, events), events, bottles).filter(
    ({ materialId }) => materialId === 'lavender',
  );

test('what fell is what was taken, whatever was planned, out of the bottle it was begun with', () => {
  const taken = lavender([...drops(0, 3), ...drops(1, 4)], { lavender: { id: 'lv-1' } });
  expect(taken).toHaveLength(1);
  // 7 drops of 0.05 ml.
  expect(taken[0]).toMatchObject({ bottleId: 'lv-1', ml: expect.closeTo(0.35, 6) as number });
});

test('two bottles have each their share by the drops that came out of them', () => {
  const taken = lavender([...drops(0, 4, 'lv-1'), ...drops(1, 1, 'lv-1'), ...drops(1, 3, 'lv-2')]);
  expect(taken.map(({ bottleId, ml }) => [bottleId, Math.round(1000 * ml) / 1000])).toEqual([
    ['lv-1', 0.25],
    ['lv-2', 0.15],
  ]);
});

test('what was thrown away with its container is gone too', () => {
  const taken = lavender([...drops(0, 5), { kind: 'discarded', container: 0 }, ...drops(0, 4)]);
  expect(taken[0]?.ml).toBeCloseTo(0.45, 6);
});

test('what was added after smelling came out of its own bottle', () => {
  const events: BenchEvent[] = [
    ...drops(0, 4, 'lv-1'),
    ...drops(1, 4, 'lv-1'),
    {
      kind: 'something-else',
      container: 0,
      ingredient: 'petitgrain',
      bottleId: 'pg-1',
      source: 'tap',
      amount: { unit: 'drops', value: 1 },
      words: '',
      intended: true,
    },
  ];
  const petitgrain = usageOf(madeOf(blend, events), events, {}).find(
    ({ materialId }) => materialId === 'petitgrain',
  );
  expect(petitgrain).toMatchObject({ bottleId: 'pg-1', ml: expect.closeTo(0.05, 6) as number });
});

test('of nothing nothing was taken', () => {
  expect(usageOf(madeOf(blend, []), [], {})).toEqual([]);
});

test('without anything thrown away, what was taken is what is in the containers', () => {
  fc.assert(
    fc.property(anyBlend, fc.array(anyAct, { maxLength: 40 }), (any, acts) => {
      const events = played(
        any,
        acts.filter((act) => act !== 'discard'),
      );
      const inside = madeOf(any, events)
        .containers.filter(({ isEmpty }) => !isEmpty)
        .reduce((total, { evaluation }) => total + evaluation.mixture.totalG.likely, 0);
      const out = usageOf(madeOf(any, events), events, {}).reduce((total, { g }) => total + g, 0);
      expect(out).toBeCloseTo(inside, 6);
    }),
    { numRuns: 60 },
  );
});

test('drops out of another bottle are of that one, and one that is taken back goes back into its own', () => {
  // Seven drops of the first bottle, one more of the second, which did not fall.
  const events: BenchEvent[] = [
    ...drops(0, 4, 'lv-1'),
    ...drops(1, 3, 'lv-1'),
    ...drops(1, 1, 'lv-2'),
    {
      kind: 'take-back',
      step: 'count/1/lavender',
      container: 1,
      ingredient: 'lavender',
      bottleId: 'lv-1',
      source: 'tap',
      drops: 1,
      undoes: 8,
    },
  ];
  const taken = lavender(events);
  expect(taken.map(({ bottleId }) => bottleId)).toEqual(['lv-1']);
  expect(taken[0]?.ml).toBeCloseTo(0.35, 6);
});

test('practice takes nothing off the shelf', () => {
  const events = drops(0, 4, 'lv-1').map((event) => ({ ...event, source: 'simulated' as const }));
  expect(usageOf(madeOf(blend, events as BenchEvent[]), events as BenchEvent[], {})).toEqual([]);
});
