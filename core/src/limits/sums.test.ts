import fc from 'fast-check';
import { expect, test } from 'vitest';
import { guidelines, shippedCatalog, type PlaceId } from '../catalog';
import { baseOf, oilOf } from '../catalog/known.testing';
import { ml } from '../mixture/measures.testing';
import { fullCaseOf } from './judgedCase.testing';
import { judged } from './judged.testing';
import { plainSums } from './plainly.testing';
import { sumLimits } from './sums';

const places: readonly PlaceId[] = guidelines.place.map(({ id }) => id);
const amounts = fc.uniqueArray(
  fc.record({
    id: fc.constantFrom(
      ...shippedCatalog.oils
        .filter(({ densityGPerMl }) => densityGPerMl !== null)
        .map(({ id }) => id),
    ),
    amount: fc.double({ min: 0.001, max: 0.3, noNaN: true }),
  }),
  { minLength: 1, maxLength: 6, selector: ({ id }) => id },
);

test('what rules say of sums is what is reckoned on paper', () => {
  fc.assert(
    fc.property(
      amounts,
      fc.constantFrom(...places),
      fc.constantFrom('clinical' as const, 'cautious' as const),
      fc.constantFrom('leave-on' as const, 'rinse-off' as const),
      (given, place, guideline, use) => {
        const judgedCase = {
          oils: Object.fromEntries(given.map(({ id, amount }) => [id, ml(amount)])),
          brief: { place, use },
          guideline,
        };
        const { brief } = fullCaseOf(judgedCase);
        const poured = given.map(({ id, amount }) => ({ oil: oilOf(id), ml: amount }));
        // A roll-on of 10 ml takes 9.5 to its line.
        const plain = plainSums(poured, 9.5, baseOf('jojoba').densityGPerMl, brief, guideline);
        const { findings } = judged(judgedCase);
        for (const { rule, subject, value, cap } of plain) {
          const found = findings.find(
            (finding) => finding.rule === rule && finding.subject === subject,
          );
          expect([rule, subject, found?.limit]).toEqual([rule, subject, cap]);
          expect(found?.value?.likely).toBeCloseTo(value, 9);
          // At the limit itself floating point decides nothing.
          if (Math.abs(value / cap - 1) > 1e-6) expect(found?.verdict === 'over').toBe(value > cap);
        }
        // And the drops are held to these, and to no others.
        expect(
          sumLimits(
            poured.map(({ oil }) => oil),
            brief,
            guideline,
            'volume',
          )
            .map(({ rule, subject, cap }) => [rule, subject, cap])
            .sort(),
        ).toEqual(plain.map(({ rule, subject, cap }) => [rule, subject, cap]).sort());
      },
    ),
    { numRuns: 200 },
  );
});
