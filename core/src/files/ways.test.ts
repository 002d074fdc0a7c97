import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { textureOf } from '../blend/texture';
import type { Evaluation } from '../dose/evaluate';
import { findOil } from '../library/library';
import { known } from '../testing';
import { draftToFile, emptyDraft, workOut, type BlendDraft } from './draft';
import { resolveBlend } from './resolve';
import { enoughFor, intoVessel, shareChanges, timesAsMuch } from './scale';
import { measuredBy, simpleParts, withWax, withWaxPercent, writeBases, writeOils } from './ways';

const written = (more: Partial<BlendDraft>): BlendDraft => ({
  ...emptyDraft(),
  brief: { ...emptyDraft().brief, wearer: 'anyone', place: 'body-leave-on' },
  bases: [{ id: 'jojoba', parts: 1 }],
  ...more,
});

const worked = (draft: BlendDraft): Evaluation => {
  const done = workOut(draft);
  if (done.state !== 'done') {
    throw new Error(done.state === 'problem' ? done.problem.message : done.gaps.join());
  }
  return done.evaluation;
};

/** A balm in two jars: beeswax 12, shea 20, jojoba the rest, 1 % of lavender. */
const balm = written({
  vessel: { id: 'jar-60' },
  count: 2,
  by: 'weight',
  target: { percent: 1 },
  oils: [{ id: 'lavender', parts: 1 }],
  bases: [
    { id: 'beeswax_yellow', percent: 12 },
    { id: 'shea_butter', percent: 20 },
    { id: 'jojoba', parts: 1 },
  ],
});

const grams = ({ mixture }: Evaluation) => mixture.bases.map(({ g }) => g.likely);

describe('simple parts', () => {
  test.each([
    [
      [7, 3],
      [7, 3],
    ],
    [
      [50, 50],
      [1, 1],
    ],
    [
      [15, 10, 5],
      [3, 2, 1],
    ],
    [
      [1, 1.5],
      [2, 3],
    ],
    [
      [70.9, 28, 1.1],
      [70.9, 28, 1.1],
    ],
  ])('%j is %j', (amounts, parts) => expect(simpleParts(amounts)).toEqual(parts));
});

describe('one blend in three ways', () => {
  test('by percent, by parts, by amounts and back it weighs the same', () => {
    const start = worked(balm);
    let draft = balm;
    for (const way of ['parts', 'amounts', 'percent'] as const) {
      draft = writeBases(draft, worked(draft), way, 'weight');
      const now = worked(draft);
      grams(now).forEach((g, index) => {
        // Half a percent of each: what is written is read off a scale, not reckoned.
        expect(Math.abs(g / (grams(start)[index] ?? 0) - 1), way).toBeLessThan(0.005);
      });
    }
    expect(draft.bases).toEqual([
      { id: 'beeswax_yellow', percent: expect.closeTo(12, 0) },
      { id: 'shea_butter', percent: expect.closeTo(20, 0) },
      { id: 'jojoba', parts: 1 },
    ]);
  });

  test('solids are weighed, what pours is measured', () => {
    const { bases } = writeBases(balm, worked(balm), 'amounts', 'volume');
    expect(bases.map((base) => Object.keys(base)[1])).toEqual(['g', 'g', 'ml']);
  });

  test('of the weight instead of the volume the same melt stays', () => {
    const pour = written({
      vessel: { id: 'dropper-30' },
      target: { percent: 2 },
      oils: [
        { id: 'lavender', parts: 2 },
        { id: 'vetiver', percent: 0.5 },
      ],
      bases: [
        { id: 'castor', percent: 30 },
        { id: 'jojoba', parts: 1 },
      ],
    });
    const before = worked(pour);
    const weighed = measuredBy(pour, before, 'weight');
    // Castor is heavier than the whole, so its share by weight is the larger.
    expect(weighed.bases[0]?.percent).toBeGreaterThan(30);
    const after = worked(weighed);
    after.mixture.bases.forEach(({ ml }, index) => {
      expect(ml.likely).toBeCloseTo(before.mixture.bases[index]?.ml.likely ?? 0, 1);
    });
    expect(worked(measuredBy(weighed, after, 'volume')).mixture.bases[0]?.ml.likely).toBeCloseTo(
      before.mixture.bases[0]?.ml.likely ?? 0,
      1,
    );
  });

  test('drops become parts of the strength that they come to, and come back', () => {
    const counted = written({
      vessel: { id: 'dropper-30' },
      oils: [
        { id: 'lavender', drops: 4 },
        { id: 'petitgrain', drops: 2 },
      ],
    });
    const asParts = writeOils(counted, worked(counted), 'parts');
    expect(asParts.oils.map(({ parts }) => parts)).toEqual([2, 1]);
    expect(asParts.target?.percent).toBeCloseTo((100 * 6 * 0.05) / 27.6, 2);
    const back = writeOils(asParts, worked(asParts), 'amounts');
    expect(back.oils.map(({ drops }) => drops)).toEqual([4, 2]);
    const asPercent = writeOils(counted, worked(counted), 'percent');
    expect(asPercent.oils.map(({ percent }) => percent)).toEqual([0.72, 0.36]);
  });

  test('whatever the shares, there and back is within what a scale reads', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 40, noNaN: true }),
        fc.double({ min: 2, max: 40, noNaN: true }),
        fc.constantFrom('parts', 'amounts', 'percent' as const),
        fc.constantFrom('weight', 'volume' as const),
        (wax, shea, way, by) => {
          const draft = {
            ...balm,
            bases: [
              { id: 'beeswax_yellow', percent: wax },
              { id: 'shea_butter', percent: shea },
              { id: 'jojoba', parts: 1 },
            ],
          };
          const before = worked(draft);
          const after = worked(writeBases(draft, before, way, by));
          grams(after).forEach((g, index) =>
            expect(Math.abs(g - (grams(before)[index] ?? 0))).toBeLessThan(0.35),
          );
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('softer and firmer', () => {
  test.each([0, 5, 15, 33])('%d %% of wax is what comes out', (percent) => {
    const moved = withWaxPercent(balm, worked(balm), percent);
    const { mixture } = worked(moved);
    expect(textureOf(mixture)?.waxPercent.likely ?? 0).toBeCloseTo(percent, 1);
    // What else carries keeps its proportion, 20 shea to 67 jojoba.
    const g = (id: string) => mixture.bases.find(({ base }) => base.id === id)?.g.likely ?? 0;
    expect(g('shea_butter') / g('jojoba')).toBeCloseTo(20 / 67, 2);
  });

  test('candelilla takes half of what beeswax weighs, and sets as firmly', () => {
    const before = worked(balm);
    const swapped = withWax(balm, before, 'beeswax_yellow', 'candelilla_wax');
    const after = worked(swapped);
    const wax = after.mixture.bases.find(({ base }) => base.id === 'candelilla_wax');
    expect(wax?.g.likely).toBeCloseTo((grams(before)[0] ?? 0) / 2, 1);
    expect(textureOf(after.mixture)?.waxPercent.likely).toBeCloseTo(12, 1);
    expect(swapped.bases.some(({ id }) => id === 'beeswax_yellow')).toBe(false);
  });

  test('what is written by amounts stays so, and weighs what it weighed', () => {
    const amounts = {
      ...balm,
      bases: [
        { id: 'beeswax_yellow', g: 10 },
        { id: 'jojoba', ml: 80 },
      ],
    };
    const firm = withWaxPercent(amounts, worked(amounts), 20);
    expect(firm.bases.map((base) => Object.keys(base)[1])).toEqual(['g', 'ml']);
    const all = (draft: BlendDraft) => grams(worked(draft)).reduce((total, g) => total + g, 0);
    expect(all(firm)).toBeCloseTo(all(amounts), 0);
    expect(textureOf(worked(firm).mixture)?.waxPercent.likely).toBeCloseTo(20, 0);
  });

  test('an oil that nobody has weighed changes no share of the bases', () => {
    // The density of vanilla is not known: grams of beeswax over ml of the whole would be 10.5 %.
    const odd = { ...balm, oils: [{ id: 'vanilla', parts: 1 }] };
    const evaluation = worked(odd);
    expect(evaluation.mixture.totalG).toBeNull();
    const shares = (draft: BlendDraft) => draft.bases.slice(0, 2).map(({ percent = 0 }) => percent);
    for (const [index, share] of shares(
      writeBases(odd, evaluation, 'percent', 'weight'),
    ).entries()) {
      expect(share).toBeCloseTo([12, 20][index] ?? NaN, 0);
    }
    expect(shares(withWaxPercent(odd, evaluation, 15))[0]).toBeCloseTo(15, 0);
  });

  test('wax alone stays as it is: nothing is there to take its place', () => {
    const wax = { ...balm, bases: [{ id: 'beeswax_white', parts: 1 }] };
    expect(withWaxPercent(wax, worked(wax), 0)).toBe(wax);
  });

  test('more wax than there is room for changes nothing, and loses nothing', () => {
    const scrub = {
      ...balm,
      bases: [
        { id: 'white_sugar', percent: 60 },
        { id: 'beeswax_yellow', percent: 5 },
        { id: 'jojoba', parts: 1 },
      ],
    };
    expect(withWaxPercent(scrub, worked(scrub), 50)).toBe(scrub);
  });

  test('what had no wax gets beeswax', () => {
    const butter = {
      ...balm,
      bases: [
        { id: 'shea_butter', parts: 3 },
        { id: 'jojoba', parts: 1 },
      ],
    };
    const firm = withWaxPercent(butter, worked(butter), 10);
    expect(firm.bases.map(({ id }) => id)).toContain('beeswax_yellow');
    expect(textureOf(worked(firm).mixture)?.waxPercent.likely).toBeCloseTo(10, 1);
  });
});

test('by weight, what stands counts toward the target by weight, and parts share the rest', () => {
  // Both carriers are light, the two oils are not: shares of the volume would be off by a tenth.
  const mixed = written({
    vessel: { id: 'pump-240' },
    by: 'weight',
    target: { percent: 20 },
    oils: [
      { id: 'sandalwood-east-indian', ml: 20 },
      { id: 'vetiver', parts: 1 },
    ],
    bases: [
      { id: 'squalane', parts: 1 },
      { id: 'beeswax_yellow', percent: 1 },
    ],
  });
  const resolved = resolveBlend(known(draftToFile(mixed)));
  if (!resolved.ok) throw new Error(resolved.problem.code);
  const { formula } = resolved.blend;
  const fill = (formula.vessel.nominalMl * formula.vessel.workingFillPercent) / 100;
  const density = (id: string) => known(findOil(id)?.densityGPerMl);
  const askedMl = (known(formula.targetPercent) / 100) * fill;
  const oilsG = 20 * density('sandalwood-east-indian') + (askedMl - 20) * density('vetiver');
  const basesMl = formula.bases.reduce((total, { parts }) => total + parts, 0);
  const basesG = formula.bases.reduce(
    (total, { base, parts }) => total + (parts * base.densityGPerMl * (fill - askedMl)) / basesMl,
    0,
  );
  expect((100 * oilsG) / (oilsG + basesG)).toBeCloseTo(20, 2);
});

describe('scaling', () => {
  const counted = written({
    vessel: { id: 'dropper-10' },
    oils: [
      { id: 'lavender', drops: 2 },
      { id: 'petitgrain', drops: 1 },
    ],
  });

  test('double is twice the vessels; half of one is none', () => {
    const twice = timesAsMuch(counted, worked(counted), 2);
    expect(twice).toMatchObject({ ok: true, draft: { count: 2, oils: counted.oils } });
    expect(timesAsMuch(counted, worked(counted), 0.5)).toEqual({ ok: false, problem: 'not-whole' });
  });

  test('another vessel takes the drops that keep the strength', () => {
    // 10 ml are filled to 9.2, 30 ml to 27.6: three times as much.
    const larger = intoVessel(counted, worked(counted), { id: 'dropper-30' });
    expect(larger.oils.map(({ drops }) => drops)).toEqual([6, 3]);
    const smaller = intoVessel(larger, worked(larger), { id: 'dropper-10' });
    expect(smaller.oils).toEqual(counted.oils);
  });

  test('amounts of a jug follow the number of vessels, and what is counted is solved anew', () => {
    const jug = written({
      vessel: { id: 'tin-15' },
      count: 4,
      by: 'weight',
      oils: [
        { id: 'lavender', drops: 10 },
        { id: 'petitgrain', drops: 5 },
      ],
      bases: [
        { id: 'beeswax_yellow', g: 12 },
        { id: 'jojoba', ml: 40 },
      ],
    });
    const half = timesAsMuch(jug, worked(jug), 0.5);
    if (!half.ok) throw new Error(half.problem);
    expect(half.draft).toMatchObject({
      count: 2,
      bases: [
        { id: 'beeswax_yellow', g: 6 },
        { id: 'jojoba', ml: 20 },
      ],
    });
    const drops = half.draft.oils.map((oil) => oil.drops ?? 0);
    // 7.5 drops in all are 7 or 8; the shares stay as near to two to one as whole drops can.
    expect([7, 8]).toContain(drops.reduce((total, count) => total + count, 0));
    const [lavender] = shareChanges(worked(jug), worked(half.draft));
    expect(lavender?.before).toBeCloseTo(66.7, 1);
    expect(Math.abs((lavender?.after ?? 0) - 66.7)).toBeLessThan(5);
  });

  test('what runs out first is told with how far it goes', () => {
    const stock = new Map([
      ['lavender', { ml: 0.6, g: 0 }],
      ['jojoba', { ml: 100, g: 0 }],
    ]);
    // 2 drops are 0.1 ml: six times. 9.05 ml of jojoba: eleven times.
    const [first, second] = enoughFor(worked(counted), 1, stock);
    expect(first).toMatchObject({ materialId: 'lavender', times: expect.closeTo(6) });
    expect(second?.materialId).toBe('jojoba');
  });

  test('what stands there by weight is told by weight', () => {
    // 12 g of beeswax in 100 g of balm: 36 g are enough for three of them.
    const evaluation = worked(balm);
    const waxG = grams(evaluation)[0] ?? 0;
    const [wax] = enoughFor(evaluation, 1, new Map([['beeswax_yellow', { ml: 0, g: 3 * waxG }]]));
    expect(wax).toMatchObject({
      unit: 'g',
      needed: expect.closeTo(waxG),
      left: expect.closeTo(3 * waxG),
      times: expect.closeTo(3),
    });
    // A part of it in ml counts along: as much again, at 0.96 g a ml.
    const ml = evaluation.mixture.bases[0]?.ml.likely ?? 0;
    const [both] = enoughFor(
      evaluation,
      1,
      new Map([['beeswax_yellow', { ml: 2 * ml, g: 3 * waxG }]]),
    );
    expect(both).toMatchObject({ unit: 'g', times: expect.closeTo(5) });
  });

  test('scaled by any whole number and back, it is what it was', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 40 }), (factor) => {
        const more = timesAsMuch(balm, worked(balm), factor);
        if (!more.ok) throw new Error(more.problem);
        const before = worked(balm).mixture;
        const after = worked(more.draft).mixture;
        expect(after.fillMl / before.fillMl).toBeCloseTo(factor, 9);
        const back = timesAsMuch(more.draft, worked(more.draft), 1 / factor);
        expect(back.ok && back.draft).toEqual(balm);
      }),
      { numRuns: 15 },
    );
  });
});
