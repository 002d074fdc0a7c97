import { expect, test } from 'vitest';
import { oneDropPercent, variantFor } from '../advice';
import { madeOf, usageOf } from '../batch';
import { healthyAdult } from '../brief/wearer.testing';
import { shippedCatalog } from '../catalog';
import { asSettled, timesAsMuch, workOut } from '../drops';
import { preDiluteStepId, stepsOf, type BenchEvent } from '../making';
import { outOfBottles, preDilutedIn, preDilutionNeed } from '../mixture';
import { oilIdsIn, pouredIds, removeOil, type Recipe } from '../recipe';
import { recipeFrom } from '../recipe/recipe.testing';
import { metricUnits, stepDetail } from '../words';
import { blendMarkdown, readAnyBlend } from './forms';
import { blendOfRows, formulaRows } from './formulaTable';
import { readBlendText } from './readBlend';
import { fileOf, writeBlend } from './writeBlend';
import { checkBlend } from './checkBlend';

/** 1 drop each of lavender and mandarin in 2.5 ml of jojoba; of that 8 drops in 9.5 ml. */
const recipe: Recipe = {
  ...recipeFrom({
    brief: { wearer: { ...healthyAdult, ageMonths: 40 }, place: 'body-massage' },
    bases: [{ id: 'jojoba', parts: 1 }],
    oils: [{ id: 'own-mix-1', drops: 8 }],
  }),
  preDilutions: [
    {
      id: 'own-mix-1',
      oils: [
        { id: 'lavender', drops: 1 },
        { id: 'mandarin', drops: 1 },
      ],
      carrier: { id: 'jojoba', ml: 2.5 },
    },
  ],
};

const done = (given: Recipe) => {
  const worked = workOut(shippedCatalog, given);
  if (worked.state !== 'done') throw new Error('not worked out');
  return worked;
};

test('by hand: 0.1 ml of oil in 2.6 ml, and 0.4 ml of that in 9.5 ml, is 0.16 %', () => {
  const { evaluation } = done(recipe);
  // 0.4 × 0.1 / 2.6 = 0.01538 ml of oil; 100 × 0.01538 / 9.5 = 0.162 %.
  expect(evaluation.mixture.strength.byVolume.likely).toBeCloseTo(0.1619, 3);
  expect(evaluation.verdict).toBe('within');
  // One drop more is 0.05 × 0.1 / 2.6 ml: 0.0202 % of 9.5.
  expect(oneDropPercent(done(recipe).blend.formula)?.most).toBeCloseTo(0.02024, 4);
  const [mixed] = preDilutedIn(shippedCatalog, recipe);
  if (!mixed) throw new Error('none');
  expect(mixed.percent).toBeCloseTo(3.846, 3);
  expect(preDilutionNeed(mixed, 0.4)).toMatchObject({
    times: 1,
    leftMl: expect.closeTo(2.2, 6) as number,
  });
  expect(preDilutionNeed(mixed, 5.2 + 0.01).times).toBe(3);
});

test('it is judged as the oils that are in it: mandarin for someone allergic to it is over', () => {
  const allergic: Recipe = {
    ...recipe,
    brief: {
      ...recipe.brief,
      wearer: { ...healthyAdult, allergies: ['mandarin'] },
    },
  };
  expect(done(allergic).evaluation).toMatchObject({ verdict: 'over', blocking: true });
});

test('its steps come before its drops are counted, with what is left', () => {
  const { blend, evaluation } = done(recipe);
  const steps = stepsOf(blend, evaluation.mixture);
  const kinds = steps.map(({ kind }) => kind);
  expect(kinds.indexOf('pre-dilute')).toBeLessThan(kinds.indexOf('count'));
  const step = steps.find(({ kind }) => kind === 'pre-dilute');
  expect(step && stepDetail(blend.catalog, step, metricUnits)).toBe(
    'In a small clean bottle mix 1 drop each of lavender and expressed mandarin in 2.5 ml of jojoba oil. Close it and shake. That is 2.6 ml at 3.8 %; 0.4 ml goes in, 2.2 ml is left over. Label what is left: it is not for skin as it is.',
  );
  const layOut = steps.find(({ kind }) => kind === 'lay-out');
  expect(layOut).toMatchObject({ oilIds: ['lavender', 'mandarin'] });
});

test('the shelf gives a drop of each and 2.5 ml of carrier, however little goes into the bottle', () => {
  const { blend } = done(recipe);
  const source = 'tap' as const;
  const step = 'count/0/own-mix-1';
  const events: BenchEvent[] = [
    { kind: 'done', step: preDiluteStepId('own-mix-1'), source, skipped: false } as BenchEvent,
    ...Array.from({ length: 8 }, (): BenchEvent => ({
      kind: 'drop',
      step,
      container: 0,
      ingredient: 'own-mix-1',
      bottleId: null,
      source,
      drops: 1,
    })),
    ...['count/0/own-mix-1', 'top-up/0'].map((id): BenchEvent => ({
      kind: 'done',
      step: id,
      source,
    })),
  ];
  const taken = usageOf(madeOf(blend, events), events, { lavender: { id: 'lv-1' } });
  const of = (id: string) => taken.find(({ materialId }) => materialId === id);
  expect(of('own-mix-1')).toBeUndefined();
  expect(of('lavender')).toMatchObject({ bottleId: 'lv-1', ml: expect.closeTo(0.05, 6) as number });
  // What goes to the line, 9.1 ml, and the 2.5 ml of the pre-dilution.
  expect(of('jojoba')?.ml).toBeCloseTo(9.1 + 2.5, 6);
});

test('what is set out for it is what is mixed, not what goes in', () => {
  const { evaluation, blend } = done(recipe);
  const { oils, bases } = outOfBottles(evaluation.mixture, blend.preDilutions ?? [], 1);
  expect(oils.map(({ oil, drops }) => [oil.id, drops])).toEqual([
    ['lavender', 1],
    ['mandarin', 1],
  ]);
  expect(bases[0]?.ml.likely).toBeCloseTo(11.6, 6);
  expect(pouredIds(recipe)).toEqual(['lavender', 'mandarin', 'jojoba']);
  expect(oilIdsIn(recipe)).toEqual(['lavender', 'mandarin']);
});

test('it leaves with the blend and comes back: as a file, as Markdown and as a table', () => {
  const file = fileOf(recipe);
  const back = readBlendText(writeBlend(file));
  expect(back.ok && back.recipe.preDilutions).toEqual(recipe.preDilutions);
  const text = blendMarkdown(shippedCatalog, { recipe, file, steps: [] });
  expect(text).toContain(
    'Pre-dilution: mix 1 drop each of lavender and expressed mandarin in 2.5 ml of jojoba oil. That is 2.6 ml at 3.8 %; the drops in the recipe are drops of this.',
  );
  const again = readAnyBlend(text);
  expect(again?.ok && again.recipe.preDilutions).toEqual(recipe.preDilutions);
  const rows = blendOfRows(formulaRows(shippedCatalog, recipe).map((row) => [...row]));
  expect(rows?.ok && rows.recipe.preDilutions).toEqual(recipe.preDilutions);
  const report = checkBlend(writeBlend(file), '2026-11-25');
  expect(report).toMatchObject({ ok: true });
});

test('of something that is not there it says so; taken out, its mixing goes too', () => {
  const [mixed] = recipe.preDilutions ?? [];
  if (!mixed) throw new Error('none');
  const unknown = {
    ...recipe,
    preDilutions: [{ ...mixed, carrier: { id: 'moon-oil', ml: 2.5 } }],
  };
  expect(workOut(shippedCatalog, unknown)).toMatchObject({
    state: 'problem',
    problem: { code: 'not-here', id: 'moon-oil' },
  });
  expect(removeOil('own-mix-1')(recipe).preDilutions).toEqual([]);
});

test('twice as much takes twice the drops of it, and is mixed as often as that needs', () => {
  const { evaluation } = done(recipe);
  const scaled = timesAsMuch(shippedCatalog, recipe, evaluation, 20);
  if (!scaled.ok) throw new Error(scaled.problem);
  const { blend, evaluation: twenty } = done(scaled.recipe);
  const step = stepsOf(blend, twenty.mixture).find(({ kind }) => kind === 'pre-dilute');
  // 20 bottles of 0.4 ml are 8 ml: four times 2.6 ml.
  expect(step).toMatchObject({ need: { times: 4, leftMl: expect.closeTo(2.4, 6) as number } });
});

test('a batch keeps the drops of the day, whatever bottle is open later', () => {
  const bottle = { lot: 'A', keepsUntil: '2027-01-01', because: 'printed', past: false } as const;
  const dropMl = { low: 0.03, likely: 0.03, high: 0.03 };
  const house = {
    ...shippedCatalog,
    openBottle: (id: string) =>
      id === 'lavender' ? { id: 'lv', bottle, dropMl, analysis: null } : undefined,
  };
  const worked = workOut(house, recipe);
  if (worked.state !== 'done') throw new Error('not worked out');
  const made = asSettled(recipe, worked.blend, worked.evaluation);
  expect(made.preDilutions?.[0]?.oils[0]).toEqual({ id: 'lavender', drops: 1, dropMl, bottle });
});

test('a baby’s is by pre-dilution, no stronger than is recommended', () => {
  const adult = recipeFrom({
    brief: { wearer: 'anyone', place: 'body-massage' },
    bases: [{ id: 'jojoba', parts: 1 }],
    oils: [
      { id: 'lavender', drops: 3 },
      { id: 'chamomile-roman', drops: 3 },
    ],
  });
  const variant = variantFor(shippedCatalog, adult, {
    wearer: { ...healthyAdult, ageMonths: 8 },
    personId: 'baby',
  });
  if (!variant.ok) throw new Error(variant.why);
  expect(variant.recipe.preDilutions).toHaveLength(1);
  expect(variant.evaluation.verdict).toBe('within');
  expect(variant.evaluation.mixture.strength.byVolume.likely).toBeLessThanOrEqual(0.5);
  expect(variant.evaluation.mixture.strength.byVolume.likely).toBeGreaterThan(0.2);
});
