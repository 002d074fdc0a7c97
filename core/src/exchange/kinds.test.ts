import { readdirSync, readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { readBlendText } from './readBlend';
import { checkBlend } from './checkBlend';

const folder = new URL('../../../docs/formats/examples/kinds/', import.meta.url);
const kinds = readdirSync(folder).map((name) => name.replace('.json', ''));

const reportOf = (name: string) => {
  const text = readFileSync(new URL(`${name}.json`, folder), 'utf8');
  const checked = checkBlend(text, '2026-12-01');
  if (!checked.ok) throw new Error(checked.sentence);
  const read = readBlendText(text);
  if (!read.ok) throw new Error(read.problem.code);
  return { recipe: read.recipe, report: checked.report };
};

test('every kind of product has its example', () => {
  expect(kinds.sort()).toEqual([
    'bath-melts',
    'beard-oil',
    'body-butter',
    'chest-balm',
    'facial-balm',
    'facial-oil',
    'lockets',
    'massage-balm',
    'massage-oil',
    'oil-spray',
    'perfume-oil',
    'roll-on',
    'solid-perfume',
    'sugar-scrub',
    'whipped-butter',
  ]);
});

test.each(kinds)('%s: nothing is over, and what goes in is what comes out', (name) => {
  const { recipe, report } = reportOf(name);
  expect(['within', 'caution']).toContain(report.verdict);
  const g = (list: readonly { readonly g: { likely: number } }[]) =>
    list.reduce((total, entry) => total + entry.g.likely, 0);
  const whole = report.total.g.likely;
  expect(g(report.oils) + g(report.bases)).toBeCloseTo(whole, 6);
  const ml =
    report.oils.reduce((total, oil) => total + oil.ml.likely, 0) +
    report.bases.reduce((total, base) => total + base.ml.likely, 0);
  expect(ml).toBeCloseTo(report.total.ml.likely, 6);
  // Filled, left and lost come to what was mixed.
  const gain = 1 + (recipe.whipPercent ?? 0) / 100;
  const loss = 1 + (report.mixedInOne ? recipe.lossPercent : 0) / 100;
  const held = report.vessels.reduce((total, vessel) => total + vessel.count * vessel.ml, 0);
  const mixed =
    report.total.ml.likely * (report.mixedInOne ? 1 : (recipe.containers[0]?.count ?? 1));
  expect(held + report.leftMl - report.shortMl).toBeCloseTo((mixed * gain) / loss, 1);
});

test('by hand: the whipped butter weighs in its jars what its melt weighs in two thirds of them', () => {
  const { report } = reportOf('whipped-butter');
  const density = report.total.g.likely / report.total.ml.likely;
  // 118 ml x 92 % = 108.56 ml in a jar, which is 72.37 ml of melt.
  expect(report.vessels[0]?.g).toBeCloseTo((108.56 / 1.5) * density, 6);
});

test('by hand: the lockets hold 0.85 ml each, and a fifth more is mixed', () => {
  const { report } = reportOf('lockets');
  expect(report.total.ml.likely).toBeCloseTo(6 * 0.85 * 1.2, 9);
  expect(report.texture?.texture).toBe('hard');
});
