import { forbiddenNamed, type Catalog, type Oil } from '../catalog';
import type { Evaluation } from '../drops';
import { finding, worst } from '../limits';
import { measured, type Formula } from '../mixture';
import type { SomethingElse } from './event';
import { joined, measureOf } from './inFormula';
import type { Tally } from './tally';

/** What went into a container that its recipe does not have. */
export const alsoIn = (
  tally: Tally,
  container: number,
): readonly (SomethingElse & { readonly seq: number })[] =>
  tally.additions.filter((addition) => addition.container === container);

/** The oil that went in. What must never go on skin is known by any of its names, in words too. */
const oilOf = (catalog: Catalog, { ingredient, words }: SomethingElse): Oil | undefined => {
  const id = ingredient ?? forbiddenNamed(words)?.id;
  return id === undefined ? undefined : catalog.oil(id);
};

/** Where no one can say how much of a base it was: enough to be judged as being in it. */
const traceMl = 0.01;

/** What one addition takes up in a container, in ml; 0 of what the house does not know. */
const mlAdded = (catalog: Catalog, { dropsPerMl }: Formula, item: SomethingElse): number => {
  const { ingredient, amount } = item;
  const oil = oilOf(catalog, item);
  if (oil) {
    // Where no one can say how much it was, one drop; that it may be more is stated too.
    const measure = measureOf(amount ?? { unit: 'drops', value: 1 });
    return measured({ oil, measure }, dropsPerMl, 0).ml.likely;
  }
  const base = ingredient === null ? undefined : catalog.base(ingredient);
  if (!base) return 0;
  if (amount === null) return traceMl;
  switch (amount.unit) {
    case 'g':
      return amount.value / base.densityGPerMl;
    case 'ml':
      return amount.value;
    case 'drops':
      return amount.value / dropsPerMl;
  }
};

/** What additions take up in a container, in ml on likely drops. */
export const addedMl = (
  catalog: Catalog,
  formula: Formula,
  additions: readonly SomethingElse[],
): number => additions.reduce((total, item) => total + mlAdded(catalog, formula, item), 0);

/**
 * A container with what else went in, of what the house knows: it holds so much more, and what is in
 * it stays.
 *
 * @param formula of which the parts of the bases are their ml
 */
export const withAdded = (
  catalog: Catalog,
  formula: Formula,
  additions: readonly SomethingElse[],
): Formula =>
  additions.reduce((before: Formula, item): Formula => {
    const ml = mlAdded(catalog, before, item);
    const { container } = before;
    const more = {
      ...before,
      container: {
        ...container,
        workingFillPercent: container.workingFillPercent + (100 * ml) / container.nominalMl,
      },
    };
    const oil = oilOf(catalog, item);
    if (oil) {
      const measure = measureOf(item.amount ?? { unit: 'drops', value: 1 });
      const there = before.oils.some((entry) => entry.oil.id === oil.id);
      return {
        ...more,
        oils: there
          ? before.oils.map((entry) =>
              entry.oil.id === oil.id
                ? { ...entry, measure: joined(entry, measure, before.dropsPerMl) }
                : entry,
            )
          : [...before.oils, { oil, measure }],
      };
    }
    const base = item.ingredient === null ? undefined : catalog.base(item.ingredient);
    if (!base) return before;
    const isThere = before.bases.some((entry) => entry.base.id === base.id);
    return {
      ...more,
      bases: isThere
        ? before.bases.map((entry) => {
            if (entry.base.id !== base.id) return entry;
            const { loose: _, ...rest } = entry;
            return { ...rest, parts: entry.parts + ml };
          })
        : [...before.bases, { base, parts: ml }],
    };
  }, formula);

/** What cannot be judged of it: what the house does not know, and amounts that no one can say. */
export const withUntold = (
  catalog: Catalog,
  evaluation: Evaluation,
  additions: readonly SomethingElse[],
): Evaluation => {
  const untold = additions.filter(
    ({ ingredient, amount }) =>
      amount === null ||
      ingredient === null ||
      !(catalog.oil(ingredient) ?? catalog.base(ingredient)),
  );
  if (untold.length === 0) return evaluation;
  const findings = untold.map(({ ingredient, words }) =>
    finding({
      rule: 'not-known',
      verdict: 'unknown',
      subject: ingredient ?? 'something-else',
      source: 'RECALL',
      reason: { code: 'something-else', words },
    }),
  );
  return {
    ...evaluation,
    verdict: worst([evaluation.verdict ?? 'within', 'unknown']),
    findings: [
      ...evaluation.findings.filter(({ verdict }) => verdict === 'over'),
      ...findings,
      ...evaluation.findings.filter(({ verdict }) => verdict !== 'over'),
    ],
  };
};
