import fc from 'fast-check';
import { expect, test } from 'vitest';
import { suggestChanges } from '../advice';
import {
  catalogCarrying,
  catalogOf,
  chemistryOf,
  conditionIds,
  guidelines,
  houseMaterials,
  shippedCatalog,
  shippedOils,
  type OwnMaterial,
} from '../catalog';
import { workOut, type WorkedOut } from '../drops';
import { labelOf, plannedPieces } from '../label';
import { gateOf, stepsOf, tallyOf } from '../making';
import { recipeFrom } from '../recipe/recipe.testing';
import type { Recipe } from '../recipe';
import { fileOf, writeBlend } from './writeBlend';
import { readBlendText } from './readBlend';
import { healthyAdult } from '../brief/wearer.testing';

// Ways round a blend that must not be used by its wearer, each tried on many blends.

const oils = shippedOils.filter(({ densityGPerMl }) => densityGPerMl !== null);
const conditions: string[] = [...conditionIds];

/** `npm run test:long` tries five times as many. */
const times = Number(process.env['TIMES'] ?? 1);

const anyCase = fc
  .record({
    oils: fc.uniqueArray(
      fc.record({
        id: fc.constantFrom(...oils.map(({ id }) => id)),
        ml: fc.double({ min: 0.005, max: 0.6, noNaN: true }),
      }),
      { minLength: 1, maxLength: 4, selector: ({ id }) => id },
    ),
    wearer: fc.record({
      ageMonths: fc.integer({ min: 0, max: 900 }),
      pregnant: fc.boolean(),
      breastfeeding: fc.boolean(),
      conditions: fc.subarray(conditions, { maxLength: 2 }),
      allergies: fc.subarray(['daisy family', 'tree nut', 'lavender', 'mint family'], {
        maxLength: 1,
      }),
      skin: fc.constantFrom('normal' as const, 'sensitive' as const),
    }),
    place: fc.constantFrom(...guidelines.place.map(({ id }) => id)),
  })
  .map(({ oils: list, wearer, place }) =>
    recipeFrom({
      name: 'A blend',
      brief: { wearer, place },
      container: { id: 'roll-on-10' },
      oils: list,
      bases: [{ id: 'jojoba', parts: 1 }],
    }),
  );

const done = (worked: WorkedOut) => {
  if (worked.state !== 'done') throw new Error(worked.state);
  return worked;
};

/** What is blocked, by check and material. */
const blocked = (worked: WorkedOut): string[] =>
  done(worked)
    .evaluation.findings.filter(({ blocking }) => blocking)
    .map(({ rule, subject }) => `${rule}/${subject}`)
    .sort();

/** All oils of a recipe in one ready-made blend, drop for drop what they were. */
const readyMade = (recipe: Recipe): { recipe: Recipe; materials: OwnMaterial[] } => {
  const parts = recipe.oils.map(({ id, amount }) => ({ id, parts: amount?.value ?? 0 }));
  const ml = parts.reduce((total, part) => total + part.parts, 0);
  const g = parts.reduce(
    (total, part) => total + part.parts * (shippedCatalog.oil(part.id)?.densityGPerMl ?? 0),
    0,
  );
  return {
    recipe: { ...recipe, oils: [{ id: 'own-mix', amount: { unit: 'ml', value: ml } }] },
    materials: [
      {
        kind: 'ready-made',
        id: 'own-mix',
        name: 'A mix',
        botanical: '',
        densityGPerMl: g / ml,
        shelfYears: 2,
        note: 'middle',
        viscosity: 'thin',
        source: 'its label',
        essentialPercent: 100,
        parts,
      },
    ],
  };
};

const catalog = shippedCatalog;
const facts = { batch: '', madeOn: '2026-11-26', maker: '' };

test('no way leads past what is blocked: file, ready-made, other guideline, answers, name', () => {
  let tried = 0;
  fc.assert(
    fc.property(anyCase, (recipe) => {
      const worked = workOut(catalog, recipe);
      const before = blocked(worked);
      if (before.length === 0) return;
      tried += 1;
      const read = readBlendText(writeBlend(fileOf(recipe)));
      if (!read.ok) throw new Error(read.problem.code);
      expect(blocked(workOut(catalogCarrying(catalog, read.materials), read.recipe))).toEqual(
        before,
      );
      expect(blocked(workOut(catalog, { ...recipe, guideline: 'cautious' }))).toEqual(before);
      const answered = {
        ...recipe,
        name: 'Another name',
        brief: { ...recipe.brief, asked: ['everything', 'stage'] },
      };
      expect(blocked(workOut(catalog, answered))).toEqual(before);
      // In a ready-made blend it is judged as the oils in it. At twice a limit itself rounding
      // decides, so that what is over there need only be over.
      const mixed = readyMade(recipe);
      const there = done(
        workOut(catalogOf(houseMaterials(mixed.materials)), mixed.recipe),
      ).evaluation;
      for (const text of before) {
        expect(
          there.findings.some(
            ({ rule, subject, verdict }) => `${rule}/${subject}` === text && verdict === 'over',
          ),
          text,
        ).toBe(true);
      }
      expect(there.blocking).toBe(true);
    }),
    { numRuns: 60 * times },
  );
  expect(tried).toBeGreaterThan(20 * times);
});

test('what is blocked is blocked at the bench, and its label says so', () => {
  fc.assert(
    fc.property(anyCase, (recipe) => {
      const { blend, evaluation } = done(workOut(catalog, recipe));
      if (!evaluation.blocking) return;
      const planned = stepsOf(blend, evaluation.mixture);
      expect(gateOf(blend, planned, tallyOf([]), 'a reason in so many words').state).not.toBe(
        'open',
      );
      for (const piece of plannedPieces(blend, evaluation)) {
        expect(labelOf(blend, piece, facts).doNotUse).toBe(true);
      }
    }),
    { numRuns: 30 * times },
  );
});

test('no suggested change leads to something over', () => {
  fc.assert(
    fc.property(anyCase, (recipe) => {
      for (const { outcome } of suggestChanges(catalog, recipe, 9)) {
        expect(outcome.verdict).not.toBe('over');
        expect(outcome.blocking).toBe(false);
      }
    }),
    { numRuns: 12 * times },
  );
});

test('written as a material of one’s own, an oil keeps every caution of its chemistry', () => {
  const children = [2, 20, 40, 70, 100, 140].map((ageMonths) => ({ ageMonths }));
  const wearers = [
    ...children,
    { pregnant: true, trimester: 2 as const },
    { breastfeeding: true },
    // A medicine that sensitises to light asks for the phototoxic limit, which is not chemistry alone.
    ...conditions
      .filter((condition) => condition !== 'light-sensitising medicine')
      .map((condition) => ({ conditions: [condition] })),
  ];
  const own = oils.map((oil): OwnMaterial => ({
    kind: 'oil',
    id: `own-${oil.id}`,
    name: `My ${oil.id} number nine`,
    botanical: '',
    densityGPerMl: oil.densityGPerMl,
    shelfYears: 2,
    note: 'middle',
    viscosity: 'thin',
    source: 'its sheet',
    maximumPercent: 100,
    lightPercent: null,
    contents: [...(chemistryOf(oil)?.constituents ?? [])],
  }));
  const house = catalogOf(houseMaterials(own));
  const findingsOf = (id: string, wearer: object) =>
    done(
      workOut(
        house,
        recipeFrom({
          brief: {
            wearer: {
              ...healthyAdult,
              ...wearer,
            },
            place: 'chest-or-back-rub',
          },
          container: { id: 'dropper-30' },
          oils: [{ id, ml: 0.01 }],
          bases: [{ id: 'jojoba', parts: 1 }],
        }),
      ),
    ).evaluation.findings;
  /** What is reported for what is in it; amyris alone is exempt by its name. */
  const byChemistry = (id: string, wearer: object): string[] =>
    findingsOf(id, wearer).flatMap(({ rule, verdict, reason }) => {
      const why = 'why' in reason ? reason.why : undefined;
      const isCap = rule === 'constituent' && reason.code === 'constituent';
      return (rule === 'life-stage' || rule === 'condition') && why && verdict !== 'note'
        ? [`${rule}: ${why}`]
        : isCap
          ? [`${rule}: ${verdict}`]
          : [];
    });
  for (const { id } of oils) {
    if (id === 'amyris') continue;
    for (const wearer of wearers) {
      const theirs = new Set(byChemistry(`own-${id}`, wearer));
      const missed = byChemistry(id, wearer).filter((text) => !theirs.has(text));
      expect(missed, `${id} ${JSON.stringify(wearer)}`).toEqual([]);
    }
    for (const wearer of children) {
      // Of a child the strictest that is stated counts: by its name an oil may be kept longer away.
      const own = findingsOf(`own-${id}`, wearer).find(({ rule }) => rule === 'age');
      const named = findingsOf(id, wearer).find(({ rule }) => rule === 'age');
      if (own?.blocking) expect(named?.blocking, id).toBe(true);
    }
  }
});
