import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { evaluate } from '../dose/evaluate';
import { guidelines, oils } from '../library/library';
import type { PlaceId } from '../library/schema';
import { blendOf, ml } from '../testing';
import type { Finding } from './finding';
import { verdictOrder } from './verdict';

const ids = oils.map(({ id }) => id);
const places = guidelines.place.map(({ id }) => id);
const conditions = guidelines.conditions.map(({ id }) => id);

const amounts = fc.uniqueArray(
  fc.record({
    id: fc.constantFrom(...ids),
    amount: fc.double({ min: 0.001, max: 0.4, noNaN: true }),
  }),
  { minLength: 1, maxLength: 6, selector: ({ id }) => id },
);

const wearer = fc.oneof(
  fc.constant('anyone' as const),
  fc.record({
    ageMonths: fc.integer({ min: 0, max: 1100 }),
    pregnant: fc.boolean(),
    nursing: fc.boolean(),
    conditions: fc.subarray(conditions, { maxLength: 2 }),
    skin: fc.constantFrom('normal' as const, 'sensitive' as const, 'damaged' as const),
  }),
);

const asked = fc.record({
  amounts,
  wearer,
  place: fc.constantFrom<PlaceId>(...places),
  use: fc.constantFrom('leave-on' as const, 'rinse-off' as const),
  forSale: fc.boolean(),
});

type Asked = typeof asked extends fc.Arbitrary<infer T> ? T : never;

const judged = (
  { amounts: list, wearer: who, place, use, forSale }: Asked,
  more: { vessel?: string; school?: 'clinical' | 'cautious' } = {},
) =>
  evaluate(
    blendOf({
      oils: Object.fromEntries(list.map(({ id, amount }) => [id, ml(amount)])),
      wearer: who,
      brief: { place, use, forSale },
      vessel: 'roll-on-10',
      ...more,
    }),
  );

const keyOf = ({ rule, subject, reason }: Finding): string => `${rule}/${subject}/${reason.code}`;

const rank = ({ verdict, hard }: Finding): number =>
  2 * (verdictOrder.length - verdictOrder.indexOf(verdict)) + Number(hard);

/** How bad the worst finding of each rule about this oil is. */
const ofOil = (findings: readonly Finding[], id: string): ReadonlyMap<string, number> => {
  const worst = new Map<string, number>();
  for (const one of findings.filter(({ subject }) => subject === id)) {
    worst.set(one.rule, Math.max(rank(one), worst.get(one.rule) ?? 0));
  }
  return worst;
};

describe('whatever the blend and the wearer', () => {
  test('more of an oil never improves that oil’s own findings', () => {
    fc.assert(
      fc.property(asked, fc.double({ min: 1.01, max: 4, noNaN: true }), (given, factor) => {
        const [first, ...rest] = given.amounts;
        if (!first) return;
        const more = { ...given, amounts: [{ ...first, amount: first.amount * factor }, ...rest] };
        const before = ofOil(judged(given).findings, first.id);
        const after = ofOil(judged(more).findings, first.id);
        for (const [rule, worst] of before) {
          expect(after.get(rule), rule).toBeGreaterThanOrEqual(worst);
        }
      }),
      { numRuns: 300 },
    );
  });

  test('a larger vessel with the same amounts never worsens a sum', () => {
    fc.assert(
      fc.property(asked, (given) => {
        const small = new Map(
          judged(given).findings.map((one) => [`${one.rule}/${one.subject}`, one]),
        );
        for (const one of judged(given, { vessel: 'roll-on-30' }).findings) {
          if (one.value === null || one.limit === null) continue;
          const before = small.get(`${one.rule}/${one.subject}`);
          if (before) expect(rank(one)).toBeLessThanOrEqual(rank(before));
        }
      }),
      { numRuns: 300 },
    );
  });

  test('the order of the oils changes nothing', () => {
    fc.assert(
      fc.property(asked, (given) => {
        const round = { ...given, amounts: [...given.amounts].reverse() };
        const one = judged(given);
        const other = judged(round);
        expect(other.verdict).toBe(one.verdict);
        expect(other.hard).toBe(one.hard);
        expect(other.findings.map(keyOf).sort()).toEqual(one.findings.map(keyOf).sort());
      }),
      { numRuns: 300 },
    );
  });

  test('every hard finding stays hard whatever the school', () => {
    fc.assert(
      fc.property(asked, (given) => {
        const hard = (school: 'clinical' | 'cautious') =>
          judged(given, { school })
            .findings.filter((one) => one.hard)
            .map(({ rule, subject }) => `${rule}/${subject}`)
            .sort();
        expect(hard('cautious')).toEqual(hard('clinical'));
      }),
      { numRuns: 500 },
    );
  });

  test('what is not known never passes for fine', () => {
    fc.assert(
      fc.property(asked, (given) => {
        const unknown = given.amounts.some(
          ({ id }) => oils.find((oil) => oil.id === id)?.dermalMaximum.status === 'not known',
        );
        if (unknown) expect(['not-known', 'over']).toContain(judged(given).verdict);
      }),
      { numRuns: 500 },
    );
  });
});
