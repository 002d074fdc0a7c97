import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { evaluate, type Blend } from '../drops';
import { blendOf } from '../drops/blend.testing';
import { balmInJars, workedOut } from '../drops/worked.testing';
import { contentsAt } from './contents';
import { done, drop, dropped } from './events.testing';
import type { BenchEvent, BenchMeasure, SomethingElse } from './event';
import { bottleNow } from './bottle';
import { overRim } from './overRim';
import { stepsOf } from './stepsOf';
import { tallyOf } from './tally';

const measured = (step: string, unit: BenchMeasure['unit'], value: number): BenchEvent => ({
  kind: 'measured',
  step,
  ingredient: null,
  source: 'scale',
  amount: { unit, value },
});

const went = (part: Partial<SomethingElse>): BenchEvent => ({
  kind: 'something-else',
  container: 0,
  ingredient: null,
  bottleId: null,
  source: 'typed',
  amount: null,
  words: '',
  ...part,
});

const now = (blend: Blend, events: readonly BenchEvent[]) => {
  const steps = stepsOf(blend, evaluate(blend).mixture);
  return bottleNow(blend, steps, tallyOf(events), 0).mixture;
};

const baseG = (blend: Blend, events: readonly BenchEvent[], id: string): number =>
  now(blend, events).bases.find(({ base }) => base.id === id)?.g.likely ?? 0;

describe('what was weighed stays as it was weighed', () => {
  const { blend } = workedOut(balmInJars);
  const weighed = [
    measured('weigh/0/beeswax_yellow', 'g', 2.87),
    measured('weigh/0/shea_butter', 'g', 4.79),
    measured('weigh/0/jojoba', 'g', 16.2),
  ];

  test('after 10 g of olive oil went in by mistake, to the last digit', () => {
    const events = [...weighed, went({ ingredient: 'olive', amount: { unit: 'g', value: 10 } })];
    expect(baseG(blend, events, 'beeswax_yellow')).toBeCloseTo(2.87, 9);
    expect(baseG(blend, events, 'shea_butter')).toBeCloseTo(4.79, 9);
    expect(baseG(blend, events, 'jojoba')).toBeCloseTo(16.2, 9);
    expect(baseG(blend, events, 'olive')).toBeCloseTo(10, 9);
    expect(now(blend, events).totalG.likely).toBeCloseTo(2.87 + 4.79 + 16.2 + 10, 6);
  });

  test('a pan with only wax in it holds that wax', () => {
    const events = [weighed[0] as BenchEvent];
    expect(baseG(blend, events, 'beeswax_yellow')).toBeCloseTo(2.87, 9);
    expect(baseG(blend, events, 'jojoba')).toBe(0);
    expect(now(blend, events).totalG.likely).toBeCloseTo(2.87, 6);
  });

  test('additions never lower what was measured, whatever they are', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            ingredient: fc.constantFrom('olive', 'lavender', 'jojoba', 'castor'),
            unit: fc.constantFrom('ml' as const, 'g' as const),
            value: fc.double({ min: 0.01, max: 500, noNaN: true }),
          }),
          { maxLength: 6 },
        ),
        (added) => {
          const events = [
            ...weighed,
            ...added.map(({ ingredient, unit, value }) =>
              went({ ingredient, amount: { unit, value } }),
            ),
          ];
          expect(baseG(blend, events, 'beeswax_yellow')).toBeCloseTo(2.87, 6);
          expect(baseG(blend, events, 'shea_butter')).toBeCloseTo(4.79, 6);
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('what was never poured is not in it', () => {
  /** 4 drops of lavender, 0.2 ml, in a roll-on that takes 9.5 ml. */
  const blend = blendOf({ oils: { lavender: 4 } });
  const counted = [...dropped('count/0/lavender', 4), done('count/0/lavender')];

  test('before the carrier it is neat oil; nothing is taken for granted', () => {
    const mixture = now(blend, counted);
    expect(mixture.fillMl).toBeCloseTo(0.2, 9);
    expect(mixture.strength.byVolume.likely).toBeCloseTo(100, 6);
    expect(mixture.bases[0]?.ml.likely).toBe(0);
  });

  test('once it is poured to the line it is that: 2.1 %', () => {
    const mixture = now(blend, [...counted, done('top-up/0')]);
    expect(mixture.fillMl).toBeCloseTo(9.5, 9);
    expect(mixture.strength.byVolume.likely).toBeCloseTo(2.105, 3);
  });

  test('0 ml that was typed is none', () => {
    const events = [...counted, measured('top-up/0', 'ml', 0)];
    expect(now(blend, events).strength.byVolume.likely).toBeCloseTo(100, 6);
  });

  test('9.9 ml that were measured stay 9.9, with 2 drops by mistake behind them', () => {
    const poured = [...counted, measured('top-up/0', 'ml', 9.9), done('top-up/0')];
    const more = [...poured, went({ ingredient: 'lemon', amount: { unit: 'drops', value: 2 } })];
    expect(now(blend, more).bases[0]?.ml.likely).toBeCloseTo(9.9, 9);
    expect(now(blend, more).fillMl).toBeCloseTo(9.9 + 0.2 + 0.1, 6);
  });

  test('before it is poured, carrier gives way to what else went in; after that the whole is more', () => {
    const extra = went({ ingredient: 'lemon', amount: { unit: 'ml', value: 1 } });
    const before = now(blend, [...counted, extra, done('top-up/0')]);
    expect(before.fillMl).toBeCloseTo(9.5, 6);
    expect(before.bases[0]?.ml.likely).toBeCloseTo(8.3, 6);
    const after = now(blend, [...counted, done('top-up/0'), extra]);
    expect(after.fillMl).toBeCloseTo(10.5, 6);
    expect(after.bases[0]?.ml.likely).toBeCloseTo(9.3, 6);
  });

  test('carrier first: what was poured stays, and each drop makes it more', () => {
    const first: BenchEvent[] = [
      { kind: 'order', first: 'carrier', rounds: false },
      done('top-up/0'),
    ];
    const poured = now(blend, first);
    expect(poured.fillMl).toBeCloseTo(9.3, 6);
    const two = now(blend, [...first, drop('count/0/lavender'), drop('count/0/lavender')]);
    expect(two.bases[0]?.ml.likely).toBeCloseTo(9.3, 6);
    expect(two.fillMl).toBeCloseTo(9.4, 6);
  });

  test('of nothing there is nothing', () => {
    const steps = stepsOf(blend, evaluate(blend).mixture);
    expect(contentsAt(blend, steps, tallyOf([]), 0, 'now').ml).toBe(0);
    expect(contentsAt(blend, steps, tallyOf([done('wipe')]), 0, 'now').ml).toBe(0);
  });
});

describe('over the rim', () => {
  const blend = blendOf({ oils: { lavender: 4 } });
  const steps = stepsOf(blend, evaluate(blend).mixture);
  const step = steps.find(({ kind }) => kind === 'top-up');
  if (step?.kind !== 'top-up') throw new Error('it is topped up');
  const tally = tallyOf([...dropped('count/0/lavender', 4), done('count/0/lavender')]);
  const brim = blend.formula.container.brimfulMl ?? 10;

  test('14 ml do not go into a roll-on of 10: a larger one, or so much ran over', () => {
    const over = overRim(blend, steps, tally, step, 14, 'typed');
    if (!over) throw new Error('it fits');
    expect(over.overMl).toBeCloseTo(14 + 0.2 - brim, 6);
    expect(over.larger?.id).toBe('roll-on-15');
    const ran = [...dropped('count/0/lavender', 4), ...over.ranOver];
    expect(now(blend, ran).fillMl).toBeCloseTo(brim, 2);
    const moved = [...dropped('count/0/lavender', 4), ...(over.larger?.events ?? [])];
    expect(now(blend, moved).bases[0]?.ml.likely).toBeCloseTo(14, 6);
  });

  test('up to the brim it has room', () => {
    expect(overRim(blend, steps, tally, step, brim - 0.2, 'typed')).toBeNull();
    expect(overRim(blend, steps, tally, step, 9.9, 'typed')).toBeNull();
  });
});
