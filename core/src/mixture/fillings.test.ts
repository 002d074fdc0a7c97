import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { fillMl, usualContainer } from '../catalog';
import { known } from '../catalog/known.testing';
import { heldMl, part, toMixMl, type Filling } from './fillings';

const of = (id: string, count: number): Filling => ({
  container: known(usualContainer(id)),
  count,
});
const none = { lossPercent: 0, gainPercent: 0 };
const ninePlusFour = [of('tin-15', 9), of('tube-5', 4)];

describe('nine tins and four sticks', () => {
  // 9 x 13.5 + 4 x 4.85 = 121.5 + 19.4 = 140.9 ml.
  test('the batch is worked out from them, with a loss allowance on top', () => {
    expect(heldMl(ninePlusFour)).toBeCloseTo(140.9, 9);
    expect(toMixMl(ninePlusFour, 5, 0)).toBeCloseTo(147.945, 9);
    const { lines, leftMl, shortMl } = part(ninePlusFour, 147.945, 133, {
      ...none,
      lossPercent: 5,
    });
    expect(lines.map(({ full }) => full)).toEqual([9, 4]);
    expect([leftMl, shortMl]).toEqual([0, 0]);
    expect(lines[0]?.fillG).toBeCloseTo((13.5 * 133) / 147.945, 9);
  });

  test('they from the batch: 100 ml fill seven tins and half an eighth', () => {
    // 7 x 13.5 = 94.5, 5.5 ml in the eighth; 8 ml and a tin are short, and the sticks.
    const { lines, leftMl, shortMl } = part(ninePlusFour, 100, 90, none);
    expect(lines[0]).toMatchObject({
      full: 7,
      lastMl: expect.closeTo(5.5),
      fillG: expect.closeTo(13.5 * 0.9),
    });
    expect(lines[1]).toMatchObject({ full: 0, lastMl: 0 });
    expect(leftMl).toBe(0);
    expect(shortMl).toBeCloseTo(40.9, 9);
  });

  test('what is left over goes into the smallest container of their kinds that takes it', () => {
    const { leftMl, leftInto } = part(ninePlusFour, 150.9, 140, none);
    expect(leftMl).toBeCloseTo(10, 9);
    expect(leftInto?.id).toBe('tin-15');
    expect(part(ninePlusFour, 1000, 900, none).leftInto).toBeNull();
  });
});

test('a whipped butter takes more jars than its melt', () => {
  // Half again: 108.56 ml a jar are for 72.37 ml of melt, at 0.9 g/ml 65 g.
  const jars = [of('jar-120', 2)];
  const melt = toMixMl(jars, 0, 50);
  expect(melt).toBeCloseTo((2 * 108.56) / 1.5, 6);
  const { lines } = part(jars, melt, melt * 0.9, { lossPercent: 0, gainPercent: 50 });
  expect(lines[0]).toMatchObject({ full: 2, fillG: expect.closeTo(65.136, 3) });
});

test('nothing is lost in parting: filled, begun and left come to what was poured', () => {
  const ids = ['tin-15', 'tin-30', 'tube-5', 'locket', 'jar-60', 'roll-on-10'];
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.constantFrom(...ids), fc.integer({ min: 1, max: 12 })), {
        minLength: 1,
        maxLength: 4,
      }),
      fc.double({ min: 1, max: 2000, noNaN: true }),
      fc.double({ min: 0, max: 20, noNaN: true }),
      fc.constantFrom(0, 30, 50, 100),
      (lines, mixedMl, lossPercent, gainPercent) => {
        const fillings = lines.map(([id, count]) => of(id, count));
        const parted = part(fillings, mixedMl, mixedMl, { lossPercent, gainPercent });
        const filled = parted.lines.reduce(
          (total, line) => total + line.full * fillMl(line.container) + line.lastMl,
          0,
        );
        expect(filled + parted.leftMl).toBeCloseTo(parted.toPourMl, 1);
        expect(parted.leftMl * parted.shortMl).toBe(0);
        const needed = toMixMl(fillings, lossPercent, gainPercent);
        const full = part(fillings, needed, needed, { lossPercent, gainPercent });
        expect(full.leftMl + full.shortMl).toBe(0);
      },
    ),
  );
});
