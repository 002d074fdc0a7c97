import { fillMl, forbiddenNamed, type Catalog, type Oil } from '../catalog';
import type { Evaluation } from '../drops';
import { finding, worst } from '../limits';
import type { Formula } from '../mixture';
import type { SomethingElse } from './event';
import { joined, measureOf } from './inFormula';
import type { Tally } from './tally';

/** What went into a container that its recipe does not have. */
export const alsoIn = (tally: Tally, container: number): readonly SomethingElse[] =>
  tally.additions.filter((addition) => addition.container === container);

/** The oil that went in. What must never go on skin is known by any of its names, in words too. */
const oilOf = (catalog: Catalog, { ingredient, words }: SomethingElse): Oil | undefined => {
  const id = ingredient ?? forbiddenNamed(words)?.id;
  return id === undefined ? undefined : catalog.oil(id);
};

/** Where no one can say how much of a base it was: enough to be judged as being in it. */
const traceMl = 0.01;

/** The formula of one container with what else went in, of what the house knows. */
export const withSomethingElse = (
  catalog: Catalog,
  formula: Formula,
  additions: readonly SomethingElse[],
): Formula => {
  const room = fillMl(formula.container);
  const parts = formula.bases.reduce((total, base) => total + base.parts, 0);
  return additions.reduce((before: Formula, item): Formula => {
    const { ingredient, amount } = item;
    const oil = oilOf(catalog, item);
    if (oil) {
      // Where no one can say how much it was, one drop; that it may be more is stated too.
      const measure = measureOf(amount ?? { unit: 'drops', value: 1 });
      const there = before.oils.some((entry) => entry.oil.id === oil.id);
      return {
        ...before,
        oils: there
          ? before.oils.map((entry) =>
              entry.oil.id === oil.id
                ? { ...entry, measure: joined(entry, measure, before.dropsPerMl) }
                : entry,
            )
          : [...before.oils, { oil, measure }],
      };
    }
    const base = ingredient === null ? undefined : catalog.base(ingredient);
    if (!base) return before;
    const ml =
      amount === null
        ? traceMl
        : amount.unit === 'g'
          ? amount.value / base.densityGPerMl
          : amount.unit === 'ml'
            ? amount.value
            : amount.value / before.dropsPerMl;
    // Bases share what is left of the container: so many ml of it are so many parts more.
    const share = Math.min(0.99, ml / room);
    return {
      ...before,
      bases: [...before.bases, { base, parts: (parts * share) / (1 - share) }],
    };
  }, formula);
};

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
