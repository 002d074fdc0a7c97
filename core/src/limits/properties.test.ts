import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { conditionIds, guidelines, shippedCatalog, type PlaceId } from '../catalog';
import { ml } from '../mixture/measures.testing';
import { judged } from './judged.testing';
import type { Finding } from './finding';
import { verdictOrder } from './verdict';

const ids = shippedCatalog.oils.map(({ id }) => id);
const places = guidelines.place.map(({ id }) => id);
const conditions: string[] = [...conditionIds];

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
    breastfeeding: fc.boolean(),
    conditions: fc.subarray(conditions, { maxLength: 2 }),
    skin: fc.constantFrom('normal' as const, 'sensitive' as const, 'damaged' as const),
  }),
);

const judgedCase = fc.record({
  amounts,
  wearer,
  place: fc.constantFrom<PlaceId>(...places),
  use: fc.constantFrom('leave-on' as const, 'rinse-off' as const),
  forSale: fc.boolean(),
});

type Asked = typeof judgedCase extends fc.Arbitrary<infer T> ? T : never;

const judge = (
  { amounts: list, wearer: who, place, use, forSale }: Asked,
  more: { container?: string; guideline?: 'clinical' | 'cautious' } = {},
) =>
  judged({
    oils: Object.fromEntries(list.map(({ id, amount }) => [id, ml(amount)])),
    wearer: who,
    brief: { place, use, forSale },
    container: 'roll-on-10',
    ...more,
  });

const keyOf = ({ rule, subject, reason }: Finding): string => `${rule}/${subject}/${reason.code}`;

const rank = ({ verdict, blocking }: Finding): number =>
  verdict === 'note'
    ? 3
    : 2 * (verdictOrder.length - verdictOrder.indexOf(verdict)) + Number(blocking);

/** A finding among those of its rule: the whole blend may be held against two figures. */
const keyed = ({ rule, subject, limit }: Finding): string => `${rule}/${subject}/${limit}`;

/** How bad the worst finding of each rule about this oil is. */
const ofOil = (findings: readonly Finding[], id: string): ReadonlyMap<string, number> => {
  const worst = new Map<string, number>();
  for (const finding of findings.filter(({ subject }) => subject === id)) {
    worst.set(finding.rule, Math.max(rank(finding), worst.get(finding.rule) ?? 0));
  }
  return worst;
};

describe('whatever the blend and the wearer', () => {
  test('more of an oil never improves that oil’s own findings', () => {
    fc.assert(
      fc.property(judgedCase, fc.double({ min: 1.01, max: 4, noNaN: true }), (given, factor) => {
        const [first, ...rest] = given.amounts;
        if (!first) return;
        const more = { ...given, amounts: [{ ...first, amount: first.amount * factor }, ...rest] };
        const before = ofOil(judge(given).findings, first.id);
        const after = ofOil(judge(more).findings, first.id);
        for (const [rule, worst] of before) {
          expect(after.get(rule), rule).toBeGreaterThanOrEqual(worst);
        }
      }),
      { numRuns: 200 },
    );
  });

  test('a larger container with the same amounts never worsens a sum', () => {
    fc.assert(
      fc.property(judgedCase, (given) => {
        const small = new Map(judge(given).findings.map((finding) => [keyed(finding), finding]));
        for (const finding of judge(given, { container: 'roll-on-30' }).findings) {
          if (finding.value === null || finding.limit === null) continue;
          const before = small.get(keyed(finding));
          if (before) expect(rank(finding)).toBeLessThanOrEqual(rank(before));
        }
      }),
      { numRuns: 200 },
    );
  });

  test('the order of the oils changes nothing', () => {
    fc.assert(
      fc.property(judgedCase, (given) => {
        const round = { ...given, amounts: [...given.amounts].reverse() };
        const entry = judge(given);
        const other = judge(round);
        expect(other.verdict).toBe(entry.verdict);
        expect(other.blocking).toBe(entry.blocking);
        expect(other.findings.map(keyOf).sort()).toEqual(entry.findings.map(keyOf).sort());
      }),
      { numRuns: 200 },
    );
  });

  test('every blocking finding stays blocking whatever the guideline', () => {
    fc.assert(
      fc.property(judgedCase, (given) => {
        const blocking = (guideline: 'clinical' | 'cautious') =>
          judge(given, { guideline })
            .findings.filter((finding) => finding.blocking)
            .map(({ rule, subject }) => `${rule}/${subject}`)
            .sort();
        expect(blocking('cautious')).toEqual(blocking('clinical'));
      }),
      { numRuns: 200 },
    );
  });

  test('what is not known never passes for fine', () => {
    fc.assert(
      fc.property(judgedCase, (given) => {
        const unknown = given.amounts.some(
          ({ id }) =>
            shippedCatalog.oils.find((oil) => oil.id === id)?.dermalMaximum.status === 'not known',
        );
        if (unknown) expect(['unknown', 'over']).toContain(judge(given).verdict);
      }),
      { numRuns: 200 },
    );
  });
});
