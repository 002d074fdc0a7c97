import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { catalogCarrying, shippedCatalog } from '../catalog';
import { workOut } from '../drops';
import { readBlendText } from './readBlend';

const rows = readFileSync('docs/rules.md', 'utf8')
  .split('\n')
  .filter((line) => line.includes('](rules/'))
  .map((line) => line.split('|').map((cell) => cell.trim()))
  .map(([, rule = '', example = '', check = '', subject = '', , comesTo = '', verdict = '']) => ({
    rule,
    file: /\((.*)\)/.exec(example)?.[1] ?? '',
    check,
    subject,
    comesTo,
    verdict,
  }));

test('the table has a row for every rule that reads a file', () => {
  expect(rows).toHaveLength(48);
});

test.each(rows)('$rule: the worked example comes to what stands in the table', (row) => {
  const read = readBlendText(readFileSync(`docs/${row.file}`, 'utf8'));
  if (!read.ok) throw new Error(read.problem.code);
  const worked = workOut(
    catalogCarrying(shippedCatalog, read.materials, { today: '2026-12-01' }),
    read.recipe,
  );
  if (worked.state !== 'done') throw new Error(worked.state);
  const found = worked.evaluation.findings.find(
    ({ rule, subject }) => rule === row.check && subject === row.subject,
  );
  expect(found?.verdict).toBe(row.verdict);
  if (row.comesTo === '') return;
  const digits = row.comesTo.replace(/^0\.0*|\./g, '').length;
  expect(Number(found?.value?.likely.toPrecision(digits))).toBe(Number(row.comesTo));
});
