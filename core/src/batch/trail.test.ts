import fc from 'fast-check';
import { expect, test } from 'vitest';
import { batchesWith, bottlesOf, suspectsOf, type TrailBatch } from './trail';

const batch = (number: string, part: Partial<TrailBatch> = {}): TrailBatch => ({
  id: `id-${number}`,
  number,
  name: 'Encore',
  madeOn: '2026-05-01',
  personId: null,
  from: [],
  madeOf: [],
  ...part,
});

const from = (bottleId: string | null, lot: string, materialId = 'lavender') => ({
  materialId,
  bottleId,
  lot,
});

const numbers = (batches: readonly TrailBatch[]) => batches.map(({ number }) => number);

test('a bottle leads to every batch it went into, also inside another', () => {
  const house = [
    batch('1', { from: [from('lv-1', 'LV-118')] }),
    batch('2', { from: [from('lv-2', 'LV-119')] }),
    batch('3', { madeOf: ['1'] }),
    batch('4', { madeOf: ['3'] }),
  ];
  expect(numbers(batchesWith(house, [{ kind: 'bottle', bottleId: 'lv-1' }]))).toEqual([
    '1',
    '3',
    '4',
  ]);
});

test('a lot is one of one material, and may stand in several bottles', () => {
  const house = [
    batch('1', { from: [from('lv-1', 'A')] }),
    batch('2', { from: [from('lv-2', 'A')] }),
    batch('3', { from: [from('tt-1', 'A', 'tea-tree')] }),
  ];
  const lot = { kind: 'lot', materialId: 'lavender', lot: 'A' } as const;
  expect(numbers(batchesWith(house, [lot]))).toEqual(['1', '2']);
});

test('batches that are inside each other, as only a broken file has them, end', () => {
  const house = [batch('1', { madeOf: ['2'] }), batch('2', { madeOf: ['1'] })];
  expect(numbers(batchesWith(house, [{ kind: 'batch', batchId: 'id-1' }]))).toEqual(['1', '2']);
  expect(bottlesOf(house, house[0]!)).toEqual([]);
});

/** Houses of 500 batches: each from some bottles, and now and then from batches before it. */
const anyHouse = fc
  .array(
    fc.record({
      bottles: fc.array(fc.nat(60), { maxLength: 6 }),
      inside: fc.array(fc.nat(499), { maxLength: 2 }),
      isMix: fc.boolean(),
    }),
    { minLength: 500, maxLength: 500 },
  )
  .map((rows) =>
    rows.map(({ bottles, inside, isMix }, n) =>
      batch(String(n), {
        from: bottles.map((bottle) => from(`b-${bottle}`, `L-${bottle % 20}`, `m-${bottle % 7}`)),
        madeOf: isMix ? inside.filter((at) => at < n).map(String) : [],
      }),
    ),
  );

/** By hand: ask each batch, and each that is in it, for what it came from. */
const goesBackTo = (
  house: readonly TrailBatch[],
  trailBatch: TrailBatch,
  bottleId: string,
): boolean =>
  trailBatch.from.some((bottle) => bottle.bottleId === bottleId) ||
  trailBatch.madeOf.some((number) => {
    const inside = house[Number(number)];
    return inside !== undefined && goesBackTo(house, inside, bottleId);
  });

test('both ways agree with a search by hand, in houses of 500 batches', () => {
  fc.assert(
    fc.property(anyHouse, fc.nat(60), (house, n) => {
      const bottleId = `b-${n}`;
      const found = new Set(batchesWith(house, [{ kind: 'bottle', bottleId }]));
      for (const trailBatch of house) {
        const byHand = goesBackTo(house, trailBatch, bottleId);
        expect(found.has(trailBatch)).toBe(byHand);
        expect(bottlesOf(house, trailBatch).some((bottle) => bottle.bottleId === bottleId)).toBe(
          byHand,
        );
      }
    }),
    { numRuns: 8 },
  );
});

test('a recall from a batch finds every other that shares a bottle or a lot with it', () => {
  const house = [
    batch('1', { from: [from('lv-1', 'A'), from('tt-1', '', 'tea-tree')] }),
    batch('2', { from: [from('tt-1', '', 'tea-tree')] }),
    batch('3', { from: [from('lv-9', 'A')] }),
    batch('4', { from: [from('lv-8', 'B')] }),
  ];
  expect(numbers(batchesWith(house, suspectsOf(house, house[0]!)))).toEqual(['1', '2', '3']);
});
