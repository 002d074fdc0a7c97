import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { evaluate, workOut } from '../drops';
import { shippedCatalog } from '../catalog';
import { forAnyone } from '../recipe';
import { recipeFrom } from '../recipe/recipe.testing';
import { blendOf } from '../drops/blend.testing';
import { ml } from '../mixture/measures.testing';
import { asCounted } from './asCounted';
import { stepsNow } from './bottle';
import { waysOn } from './extraDrops';
import {
  addEvent,
  countedDrops,
  currentStep,
  emptyTally,
  stepBefore,
  tallyOf,
  type Tally,
} from './tally';
import type { BenchEvent } from './event';
import { isAsPlanned, type CountStep } from './steps/count';
import { stepsOf } from './stepsOf';
import { done, drop, reopened, takeBack } from './events.testing';

const blend = blendOf({ oils: { petitgrain: 3, vetiver: 1, lavender: ml(0.1), cypress: 0 } });
const steps = stepsOf({ ...blend, count: 2 }, evaluate(blend).mixture);

describe('the steps for roll-ons', () => {
  test('run bottle by bottle, oils before carrier, label last, nothing for an oil of no drops', () => {
    expect(steps.map(({ id }) => id)).toEqual([
      'wipe',
      'lay-out',
      'count/0/petitgrain',
      'count/0/vetiver',
      'measure/0/lavender',
      'count/1/petitgrain',
      'count/1/vetiver',
      'measure/1/lavender',
      'smell',
      'top-up/0',
      'top-up/1',
      'close',
      'label',
    ]);
  });

  test('the carrier is what the oils leave of the fill line', () => {
    // 9.5 - (3 + 1) x 0.05 - 0.1 = 9.2 ml.
    expect(steps.find(({ id }) => id === 'top-up/0')).toMatchObject({ ml: expect.closeTo(9.2) });
  });
});

describe('the tally', () => {
  const entry = drop('count/0/petitgrain');
  const back = takeBack('count/0/petitgrain');

  test('counts what fell, takes back, and never goes below none', () => {
    expect(tallyOf([entry, entry, back]).drops.get('count/0/petitgrain')).toBe(1);
    expect(tallyOf([back, back, entry]).drops.get('count/0/petitgrain')).toBe(1);
  });

  test('knows the current step, and where "step back" leads', () => {
    const tally = tallyOf([done('wipe'), done('lay-out')]);
    expect(currentStep(steps, tally)?.id).toBe('count/0/petitgrain');
    expect(stepBefore(steps, tally)?.id).toBe('lay-out');
    expect(currentStep(steps, addEvent(tally, reopened('lay-out')))?.id).toBe('lay-out');
    expect(stepBefore(steps, emptyTally)).toBeNull();
  });

  test('when all is done there is no current step', () => {
    const all = tallyOf(steps.map(({ id }) => done(id)));
    expect(currentStep(steps, all)).toBeNull();
    expect(stepBefore(steps, all)?.id).toBe('label');
  });

  test('a drop counts in its own container and oil alone', () => {
    const counts = steps.filter((step) => step.kind === 'count');
    const pressed = fc.array(fc.nat(counts.length - 1), { maxLength: 60 });
    fc.assert(
      fc.property(pressed, (order) => {
        const tally = tallyOf(order.map((n) => drop(counts[n]?.id ?? '')));
        counts.forEach(({ id, container, oilId }, n) => {
          const fell = order.filter((entry) => entry === n).length;
          expect(countedDrops(steps, tally, container).get(oilId), id).toBe(fell);
        });
      }),
    );
  });
});

describe('when more fell than was asked', () => {
  const four = blendOf({ oils: { petitgrain: 2, lavender: 2 } });
  const planned = stepsOf({ ...four, count: 2 }, evaluate(four).mixture);
  const step = planned.find(({ id }) => id === 'count/0/petitgrain') as CountStep;
  const fell = (count: number) =>
    tallyOf([done('wipe'), done('lay-out'), ...Array.from({ length: count }, () => drop(step.id))]);
  const ways = (count: number) =>
    new Map(waysOn(four, planned, fell(count), step).map((way) => [way.kind, way]));

  test('keeping it: the bottle is as strong as what fell, and takes less carrier', () => {
    // (4 + 2) x 0.05 of 9.5 ml.
    const keep = ways(4).get('keep');
    expect(keep?.outcome?.mixture.strength.byVolume.likely).toBeCloseTo((100 * 0.3) / 9.5, 9);
    expect(keep?.carrierMl).toBeCloseTo(9.2, 9);
  });

  test('restoring the proportion: the others get as many times more', () => {
    const restore = ways(4).get('restore');
    expect(restore?.more).toEqual(new Map([['lavender', 2]]));
    expect(restore?.outcome?.mixture.strength.byVolume.likely).toBeCloseTo((100 * 0.4) / 9.5, 9);
  });

  test('carrier up to what the bottle is sold as, where that brings the strength back', () => {
    // One drop more of six needs 9.5 x 7 / 6 = 11.1 ml, more than 10. Of 24 it needs 9.9 ml.
    expect(ways(3).has('carrier')).toBe(false);
    const many = blendOf({ oils: { petitgrain: 12, lavender: 12 } });
    const manySteps = stepsOf(many, evaluate(many).mixture);
    const first = manySteps.find((manyStep): manyStep is CountStep => manyStep.kind === 'count')!;
    const events = Array.from({ length: 13 }, (): BenchEvent => drop(first.id));
    const carrier = waysOn(many, manySteps, tallyOf(events), first).find(
      ({ kind }) => kind === 'carrier',
    );
    expect(carrier?.outcome?.mixture.fillMl).toBeCloseTo((9.5 * 25) / 24, 9);
    expect(carrier?.outcome?.mixture.strength.byVolume.likely).toBeCloseTo((100 * 1.2) / 9.5, 9);
  });

  test('moving on in the next bottle thins it', () => {
    const move = ways(4).get('move');
    expect(move?.containerId).toBe('roll-on-15');
    expect(move?.outcome?.mixture.strength.byVolume.likely).toBeCloseTo((100 * 0.3) / 14.25, 9);
  });

  test('chosen, the rest of the plan follows, in that bottle alone', () => {
    const then = ways(4).get('restore')!.events.reduce(addEvent, fell(4));
    const steps = stepsNow(four, planned, then);
    const stepOf = (id: string) => steps.find((entry) => entry.id === id);
    expect(stepOf('count/0/petitgrain')).toMatchObject({ drops: 4 });
    expect(stepOf('count/0/lavender')).toMatchObject({ drops: 4 });
    expect(stepOf('count/1/lavender')).toMatchObject({ drops: 2 });
    expect(stepOf('top-up/0')).toMatchObject({ ml: expect.closeTo(9.1) });
    expect(stepOf('top-up/1')).toMatchObject({ ml: expect.closeTo(9.3) });
  });

  test('thrown away, the bottle is begun again, and the other is left alone', () => {
    const both = [drop('count/1/petitgrain'), ...ways(4).get('discard')!.events] as const;
    const then = both.reduce<Tally>(addEvent, fell(4));
    expect(then.drops.get('count/0/petitgrain')).toBeUndefined();
    expect(then.drops.get('count/1/petitgrain')).toBe(1);
    expect(then.discards.get(0)).toBe(1);
    expect(currentStep(planned, then)?.id).toBe('count/0/petitgrain');
  });
});

test('two extra drops are judged as they fell', () => {
  const counted = asCounted(
    blend.formula,
    new Map([
      ['petitgrain', 5],
      ['vetiver', 1],
    ]),
    new Set(['lavender']),
  );
  const { mixture } = evaluate({ ...blend, formula: counted });
  // (5 + 1) x 0.05 + 0.1 = 0.4 ml of 9.5.
  expect(mixture.strength.byVolume.likely).toBeCloseTo((100 * 0.4) / 9.5, 12);
  const before = asCounted(blend.formula, new Map(), new Set());
  expect(evaluate({ ...blend, formula: before }).mixture.strength.byVolume.likely).toBe(0);
});

test('of ten to fifteen drops every number is as planned, judged at fifteen; one asked for anew is exact', () => {
  const recipe = {
    ...forAnyone(
      recipeFrom({ brief: { place: 'pulse-points' }, bases: [{ id: 'jojoba', parts: 1 }] }),
    ),
    oils: [{ id: 'petitgrain', amount: { unit: 'drops' as const, value: 15, from: 10 } }],
  };
  const worked = workOut(shippedCatalog, recipe);
  if (worked.state !== 'done') throw new Error(worked.state);
  // 15 drops of 0.05 ml in 9.5 ml: 7.9 %.
  expect(worked.evaluation.mixture.strength.byVolume.likely).toBeCloseTo(7.89, 2);
  const planned = stepsOf(worked.blend, worked.evaluation.mixture);
  const step = planned.find((one): one is CountStep => one.kind === 'count')!;
  expect([9, 10, 12, 15, 16].map((count) => isAsPlanned(step, count))).toEqual([
    ...[false, true, true, true, false],
  ]);
  const asked = tallyOf([{ kind: 'asked', step: step.id, drops: 16 }]);
  const now = stepsNow(worked.blend, planned, asked).find(({ id }) => id === step.id) as CountStep;
  expect([15, 16].map((count) => isAsPlanned(now, count))).toEqual([false, true]);
});
