import { expect, test } from 'vitest';
import { fillMl } from '../catalog';
import { plainSums } from '../limits/plainly.testing';
import { baseDensity, dropOf } from '../mixture';
import { evaluate } from './evaluate';
import { randomBlend } from './problems.testing';

const problems = Number(process.env['PROBLEMS'] ?? 150);

test('no plan of the solver is over, by the rules or on paper', () => {
  let counted = 0;
  for (let seed = 1; seed <= problems; seed += 1) {
    const blend = randomBlend(seed);
    const { formula, brief, guideline } = blend;
    const { plan, findings } = evaluate(blend);
    const poured = formula.oils.flatMap((entry, index) => {
      const drops = plan.drops[index] ?? 0;
      return drops > 0
        ? [{ oil: entry.oil, ml: drops * dropOf(entry, formula.dropsPerMl).likely }]
        : [];
    });
    counted += poured.length;
    const sums = plainSums(
      poured,
      fillMl(formula.container),
      baseDensity(formula.bases),
      brief,
      guideline,
    );
    for (const { rule, subject, value, cap } of sums) {
      if (value <= cap * (1 + 1e-9)) continue;
      throw new Error(`problem ${seed}: ${rule} of ${subject} is at ${value}, past ${cap}`);
    }
    const rules = new Set(sums.map(({ rule }) => rule));
    expect(
      findings.filter(({ rule, verdict }) => rules.has(rule) && verdict === 'over'),
      `problem ${seed}`,
    ).toEqual([]);
  }
  // Plans of nothing would keep every limit.
  expect(counted).toBeGreaterThan(problems);
});
