import { describe, expect, test } from 'vitest';
import { emptyDraft, workOut, type BlendDraft } from './draft';
import { mended, mendingOffers, predilution } from './mending';

const draft = (
  change: Partial<BlendDraft>,
  brief: Partial<BlendDraft['brief']> = {},
): BlendDraft => ({
  ...emptyDraft(),
  brief: {
    wearer: {
      ageMonths: 492,
      pregnant: false,
      nursing: false,
      conditions: [],
      allergies: [],
      skin: 'normal',
    },
    personId: null,
    place: 'pulse-points',
    use: 'leave-on',
    sun: 'exposed',
    forSale: false,
    ...brief,
  },
  bases: [{ id: 'jojoba', parts: 1 }],
  ...change,
});

const kinds = (given: BlendDraft) => mendingOffers(given, 9).map(({ mending }) => mending.kind);

test('a blend that holds, or only needs minding, is offered nothing', () => {
  expect(mendingOffers(draft({ oils: [{ id: 'lavender', drops: 3 }] }))).toEqual([]);
  expect(mendingOffers(draft({ oils: [{ id: 'lavender', drops: 7 }] }))).toEqual([]);
  expect(mendingOffers(emptyDraft())).toEqual([]);
});

test('two drops of ylang ylang in 10 ml: one less, or a bigger bottle', () => {
  const given = draft({
    oils: [
      { id: 'ylang-ylang', drops: 2 },
      { id: 'petitgrain', drops: 2 },
    ],
  });
  const offers = mendingOffers(given, 9);
  expect(offers).toContainEqual(
    expect.objectContaining({ mending: { kind: 'drops', drops: { 'ylang-ylang': 1 } } }),
  );
  // 2 x 0.05 ml of 14.25 ml is 0.7 %, within 0.8 %.
  expect(offers).toContainEqual(
    expect.objectContaining({ mending: { kind: 'vessel', id: 'roll-on-15' } }),
  );
  expect(offers.filter(({ mending }) => mending.kind === 'vessel')).toHaveLength(1);
});

test('bergamot in the sun: cover the skin, or take the kind without furanocoumarins', () => {
  const given = draft({ oils: [{ id: 'bergamot', drops: 3 }] });
  expect(kinds(given)).toEqual(expect.arrayContaining(['cover', 'swap']));
  const swap = mendingOffers(given, 9).find(({ mending }) => mending.kind === 'swap');
  expect(swap?.outcome.mixture.oils[0]?.oil.id).toBe('bergamot-fcf');
});

test('a strength past the maximum: ask for what the limits leave', () => {
  const given = draft({
    target: { percent: 9 },
    oils: [
      { id: 'lavender', parts: 1 },
      { id: 'patchouli', parts: 1 },
    ],
  });
  const [offer] = mendingOffers(given);
  expect(offer?.mending.kind).toBe('ask-for');
  // Asked for what can be reached, the shares are even again.
  const then = workOut(mended(given, offer!.mending));
  if (then.state !== 'done') throw new Error(then.state);
  const drops = then.evaluation.plan.drops.map((count) => count ?? 0);
  expect(Math.abs((drops[0] ?? 0) - (drops[1] ?? 0))).toBeLessThanOrEqual(1);
});

test('beside oils by parts, a counted oil is taken down to what may be', () => {
  const given = draft({
    target: { percent: 3 },
    oils: [
      { id: 'petitgrain', parts: 1 },
      { id: 'ylang-ylang', drops: 5 },
    ],
  });
  expect(mendingOffers(given, 9).map(({ mending }) => mending)).toContainEqual({
    kind: 'drops',
    drops: { 'ylang-ylang': 1 },
  });
});

test('what must not be used at all can only be taken out', () => {
  expect(
    kinds(
      draft({
        oils: [
          { id: 'rue', drops: 1 },
          { id: 'lavender', drops: 2 },
        ],
      }),
    ),
  ).toEqual(['take-out']);
});

describe('every offer, made, is no longer over', () => {
  const oils = [
    [
      { id: 'ylang-ylang', drops: 4 },
      { id: 'clove-bud', drops: 3 },
    ],
    [
      { id: 'lemon', drops: 6 },
      { id: 'bergamot', drops: 2 },
    ],
    [{ id: 'lavender', drops: 14 }],
    [{ id: 'eucalyptus-globulus', drops: 2 }],
  ];
  for (const ageMonths of [60, 492]) {
    for (const list of oils) {
      test(`${list.map(({ id }) => id).join(' and ')} at ${ageMonths} months`, () => {
        const given = draft(
          { oils: list },
          {
            wearer: {
              ageMonths,
              pregnant: false,
              nursing: false,
              conditions: [],
              allergies: [],
              skin: 'normal',
            },
          },
        );
        for (const { mending, outcome } of mendingOffers(given, 9)) {
          const then = workOut(mended(given, mending));
          if (then.state !== 'done') throw new Error(then.state);
          expect(then.evaluation.verdict).not.toBe('over');
          expect(then.evaluation.verdict).toBe(outcome.verdict);
        }
      });
    }
  }
});

test('one drop too much is thinned in carrier: by hand', () => {
  // 0.02 ml may go in and a drop is 0.05 ml: a share of 0.4, so 1 drop in 3 parts.
  expect(predilution(0.02, 0.05)).toEqual({
    carrierMl: expect.closeTo(0.1),
    share: expect.closeTo(1 / 3),
  });
});
