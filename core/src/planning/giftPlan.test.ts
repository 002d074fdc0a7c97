import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { shippedCatalog as catalog } from '../catalog';
import { balmInJars, forBody, workedOut as workedOf } from '../drops/worked.testing';
import { workOutPlan, type GiftPlan, type WorkedPlan } from './giftPlan';
import { lineBatches, takenFor, type PlannedLine } from './lineBatches';

const rollOn = forBody({
  container: { id: 'roll-on-10' },
  oils: [
    { id: 'lavender', drops: 3 },
    { id: 'petitgrain', drops: 1 },
  ],
});
const line = (given: Partial<PlannedLine> = {}): PlannedLine => ({
  ...{ id: 'a', catalog, recipe: rollOn, pieces: 12, patchTest: false },
  ...given,
});
const plan = (given: Partial<GiftPlan> = {}): GiftPlan => ({
  ...{ from: '2026-12-12T09:00', ready: '2026-12-19T18:00', hours: null },
  capacity: { hands: 1, pans: 1, fridges: 1 },
  ...{ largestJugMl: 500, lines: [line()], shelf: [], sold: [], containers: [], pace: new Map() },
  ...given,
});
const out = (given: Partial<GiftPlan> = {}): WorkedPlan => {
  const planned = workOutPlan(plan(given), { placements: 5_000 });
  if (!planned.ok) throw new Error(planned.problem.problem.code);
  return planned.plan;
};
const problemOf = (given: Partial<GiftPlan>) => {
  const planned = workOutPlan(plan(given), { placements: 5_000 });
  return planned.ok ? null : planned.problem;
};

describe('batches', () => {
  const sizes = (given: Partial<PlannedLine>, jugMl: number) => {
    const planned = lineBatches(line(given), jugMl);
    return planned.ok ? planned.batches.map(({ pieces }) => pieces) : planned.problem.code;
  };

  test('what is dripped straight into each bottle is one batch of many bottles', () => {
    expect(sizes({ pieces: 60 }, 50)).toEqual([60]);
  });

  test('what is melted is as few as the jug allows, as even as can be', () => {
    const { evaluation, blend } = workedOf(balmInJars);
    const count = blend.fillings.reduce((total, entry) => total + entry.count, 0);
    const eachMl = evaluation.mixture.fillMl / count;
    expect(sizes({ recipe: balmInJars, pieces: 10 }, 4 * eachMl)).toEqual([4, 3, 3]);
    expect(sizes({ recipe: balmInJars, pieces: 10 }, 10 * eachMl)).toEqual([10]);
    expect(sizes({ recipe: balmInJars, pieces: 10 }, 0.9 * eachMl)).toBe('jug');
  });

  test('fixed amounts scale with the pieces, and every piece is filled', () => {
    const whole = lineBatches(line({ recipe: balmInJars, pieces: 7 }), 20_000);
    if (!whole.ok) throw new Error(whole.problem.code);
    const [batch] = whole.batches;
    const of = workedOf(balmInJars);
    const count = of.blend.fillings.reduce((total, entry) => total + entry.count, 0);
    expect((batch?.ml ?? 0) / 7).toBeCloseTo(of.evaluation.mixture.fillMl / count, 6);
    const wax = (batch ? takenFor(batch) : []).find(({ id }) => id === 'beeswax_yellow');
    const was = of.evaluation.mixture.bases.find(({ base }) => base.id === 'beeswax_yellow');
    expect((wax?.g ?? 0) / 7).toBeCloseTo((was?.g.likely ?? 0) / count, 2);
  });

  test('drops are those of the bottle that is taken', () => {
    const shelf = [
      {
        ...{ id: 'b', material: 'lavender', unit: 'ml' as const, amount: 5, opened: '2026-01-01' },
        ...{ bestBefore: null, price: null, size: null, dropMl: 0.04 },
      },
    ];
    const supply = out({ shelf }).supplies.find(({ id }) => id === 'lavender');
    // 3 drops in each of 12, of 0.04 ml.
    expect(supply).toMatchObject({ drops: 36, ml: expect.closeTo(1.44, 9) as number });
  });
});

describe('on the clock', () => {
  test('by hand: twelve roll-ons of two oils', () => {
    // Wipe 6; two oils out 1; 36 drops in 12 bottles 12 × 0.3 + 36/30 = 4.8; 12 drops 4; smell 2; top up 12; close 1;
    // label 6: each rounded up, 6 + 1 + 5 + 4 + 2 + 12 + 1 + 6 = 37.
    const worked = out();
    expect(worked.handsMinutes).toBe(37);
    expect(worked.tookMinutes).toBe(37);
    expect(worked.boundMinutes).toBe(37);
    expect(worked.finish).toBe('2026-12-12T09:37');
    expect(worked.tasks.map(({ task }) => task === 'patch-test' || task.steps[0].kind)).toEqual([
      ...['wipe', 'lay-out', 'count', 'count', 'smell', 'top-up', 'close', 'label'],
    ]);
    // 37 minutes before 18:00, to five minutes from 9:00.
    expect(worked.lastStart).toBe('2026-12-19T17:20');
  });

  test('a patch test adds two days after the last batch of its line', () => {
    const worked = out({ lines: [line({ patchTest: true })] });
    expect(worked.finish).toBe('2026-12-14T09:37');
    expect(worked.tasks.at(-1)).toMatchObject({ task: 'patch-test', hands: false });
    // At the last minute it can’t be in time.
    const late = out({ lines: [line({ patchTest: true })], from: '2026-12-18T09:00' });
    expect(late).toMatchObject({ isInTime: false, lastStart: null });
  });

  test('a house of its own pace', () => {
    expect(out({ pace: new Map([['top-up', 2]]) }).handsMinutes).toBe(49);
  });

  test('what cannot be planned names its line', () => {
    const hours = [{ day: 5, from: 600, to: 610 }];
    expect(problemOf({ hours })).toMatchObject({
      line: 'a',
      problem: { code: 'too-long', minutes: 12 },
    });
    const toddler = { ...rollOn, brief: { ...rollOn.brief, place: 'nappy' as const } };
    expect(problemOf({ lines: [line({ id: 'b', recipe: toddler })] })).toMatchObject({
      line: 'b',
      problem: { code: 'blocking' },
    });
  });
});

test('forty lines: progress is told, and a stop leaves the best that was found', () => {
  const lines = Array.from({ length: 40 }, (_, n) =>
    line({ id: `l${n}`, pieces: 1 + (n % 7), recipe: n % 2 === 0 ? rollOn : balmInJars }),
  );
  const hours = [{ day: 5, from: 600, to: 960 }];
  const told: number[] = [];
  const run = (stopAt: number) =>
    workOutPlan(plan({ lines, hours, capacity: { hands: 2, pans: 1, fridges: 1 } }), {
      placements: 60_000,
      onProgress: (share) => {
        told.push(share);
        return told.length >= stopAt;
      },
    });
  const stopped = run(2);
  expect(told.length).toBeLessThanOrEqual(4);
  expect(told.every((share) => share >= 0 && share <= 1)).toBe(true);
  expect(stopped.ok && stopped.plan.tookMinutes >= stopped.plan.boundMinutes).toBe(true);
  expect(stopped.ok && new Set(stopped.plan.batches.map((batch) => batch.line)).size).toBe(40);
});

test('containers come in packs, and what there is goes first', () => {
  const [needed] = out({
    lines: [line({ pieces: 24 })],
    containers: [{ id: 'roll-on-10', have: 6, pack: 5, price: 4 }],
  }).containers;
  // 18 are short: four packs of five, 16; of those that are used 24 × 0.80.
  expect(needed).toMatchObject({ need: 24, packs: 4, price: 16 });
  expect(needed?.usedCost).toBeCloseTo(19.2, 9);
});

test('pieces and their cost add up, whatever is planned', () => {
  const price = 8;
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          pieces: fc.integer({ min: 1, max: 30 }),
          isBalm: fc.boolean(),
          patchTest: fc.boolean(),
        }),
        { minLength: 1, maxLength: 4 },
      ),
      fc.integer({ min: 150, max: 900 }),
      (given, largestJugMl) => {
        const lines = given.map(({ pieces, isBalm, patchTest }, n) =>
          line({ id: `l${n}`, pieces, patchTest, recipe: isBalm ? balmInJars : rollOn }),
        );
        const materials = ['lavender', 'petitgrain', 'jojoba', 'shea_butter', 'beeswax_yellow'];
        const worked = out({
          ...{ lines, largestJugMl },
          sold: materials.map((material) => ({ material, unit: 'ml', amount: 50, price })),
          containers: ['roll-on-10', 'jar-30', 'jar-60'].map((id) => ({
            id,
            have: 0,
            pack: 1,
            price: 1,
          })),
        });
        for (const { id, pieces } of lines) {
          const own = worked.batches.filter((batch) => batch.line === id);
          expect(own.reduce((total, batch) => total + batch.pieces, 0)).toBe(pieces);
        }
        for (const batch of worked.batches) {
          if (batch.calculated.blend.inOne)
            expect(batch.ml).toBeLessThanOrEqual(largestJugMl * (1 + 1e-9));
        }
        const perPiece = lines.reduce(
          (total, { id, pieces }) => total + (worked.perPiece.get(id) ?? NaN) * pieces,
          0,
        );
        if (worked.usedCost !== null) expect(perPiece).toBeCloseTo(worked.usedCost, 6);
      },
    ),
    { numRuns: 25 },
  );
});
