import { shelvedOf } from './shelved.testing';
import { expect, test } from 'vitest';
import { evaluate } from '../drops';
import { blendOf } from '../drops/blend.testing';
import type { ShelvedBottle } from './ledger';
import { onTheTable } from './onTheTable';

const bottle = (more: Partial<ShelvedBottle>): ShelvedBottle =>
  shelvedOf({
    lot: 'L-1',
    openedOn: '2026-06-01',
    atStart: 10,
    left: 10,
    ...more,
  });

// 6 drops of 0.05 ml are 0.3 ml in each roll-on.
const { mixture } = evaluate(blendOf({ oils: { lavender: 6 }, bases: { jojoba: 1 } }));
const rowOf = (bottles: ShelvedBottle[], count = 3) => {
  const shelf = bottles.map((shelvedBottle, n) => ({ id: `b${n}`, bottle: shelvedBottle }));
  return onTheTable(mixture, count, shelf, (id) =>
    id === 'lavender' ? { id: 'b0', bottle: { past: false } } : undefined,
  )[0];
};

test('a bottle that holds enough is enough for all containers', () => {
  expect(rowOf([bottle({ left: 0.9 })])).toMatchObject({
    materialId: 'lavender',
    each: { drops: 6, ml: expect.closeTo(0.3, 9) as number },
    from: { lot: 'L-1', left: 0.9, enoughFor: 3 },
    closed: null,
  });
});

test('one that holds less says for how many, and names a closed one that is enough', () => {
  const low = bottle({ left: 0.7 });
  expect(rowOf([low])?.from?.enoughFor).toBe(2);
  expect(rowOf([low, bottle({ lot: 'L-2', openedOn: null, left: 0.8 })])?.closed).toBeNull();
  expect(rowOf([low, bottle({ lot: 'L-2', openedOn: null })])?.closed).toEqual({ lot: 'L-2' });
  expect(
    rowOf([low, bottle({ lot: 'L-2', openedOn: null, finishedOn: '2026-07-01' })])?.closed,
  ).toBeNull();
});

test('a bottle in g is measured by weight', () => {
  // 0.3 ml of lavender at 0.885 g/ml are 0.27 g.
  expect(rowOf([bottle({ unit: 'g', left: 0.54 })])?.from?.enoughFor).toBe(2);
});

test('what stands on no shelf has no bottle', () => {
  const [, jojoba] = onTheTable(mixture, 1, [], () => undefined);
  expect(jojoba).toMatchObject({ materialId: 'jojoba', from: null, closed: null });
});
