import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { z } from 'zod';
import published2 from '../../../docs/formats/jubbet-blend-2.schema.json';
import published3 from '../../../docs/formats/jubbet-blend-3.schema.json';
import type { OwnMaterial } from '../catalog';
import { forAnyone, type Recipe } from '../recipe';
import { anyRecipe } from '../recipe/anyRecipe.testing';
import { recipeFrom } from '../recipe/recipe.testing';
import { blendFile2Schema, blendFile3Schema } from './blendFile2';
import { checkBlend } from './checkBlend';
import { readBlend, readBlendText } from './readBlend';
import { fileOf, writeBlend } from './writeBlend';

/** A recipe in which everything that a file can hold is stated. */
const everything: Recipe = {
  ...recipeFrom({
    name: 'Prompt desk',
    purpose: 'to stay awake',
    notes: 'Greener.',
    tags: ['desk', 'green'],
    brief: {
      wearer: {
        name: 'Ines',
        ageMonths: 492,
        pregnant: false,
        breastfeeding: true,
        conditions: ['asthma'],
        allergies: [],
        skin: 'normal',
      },
      place: 'pulse-points',
      sun: 'covered',
      asked: ['anticoagulants', 'asthma'],
      timesPerDay: 3,
    },
    container: { kind: 'jar', nominalMl: 12, workingFillPercent: 90, name: 'Frost' },
    count: 2,
    more: [{ container: { id: 'tin-15' }, count: 1 }],
    by: 'weight',
    guideline: 'cautious',
    dropsPerMl: 27.5,
    target: { percent: 2 },
    bases: [
      { id: 'beeswax_yellow', loose: { value: 2, unit: 'tablespoon', form: 'pellets', ml: 30 } },
      { id: 'jojoba', parts: 1 },
    ],
    lossPercent: 4,
    whipPercent: 50,
    useMl: 0.4,
    stepWords: { melt: 'On the small ring.' },
    parentVersion: 'version-3',
  }),
  notUnderstood: ['a pinch of unicorn dust'],
  oils: [
    { id: 'petitgrain', amount: { unit: 'parts', value: 3 } },
    { id: 'rose-otto', amount: { unit: 'drops', value: 3, from: 2, asTyped: '2-3 drops' } },
    { id: 'vetiver', amount: { unit: 'ml', value: 0.5, asTyped: '10 drops, or so' } },
    { id: 'lavender', amount: null },
  ],
};

/** The recipe that a file of this one gives; who in the house it is for stays there. */
const again = (recipe: Recipe): Recipe => {
  const read = readBlendText(writeBlend(fileOf(recipe)));
  if (!read.ok) throw new Error(JSON.stringify(read.problem));
  return read.recipe;
};

test('everything that can be said comes back as it was', () => {
  expect(again(everything)).toEqual(everything);
});

test('any recipe comes back as it was, whatever its shape', () => {
  fc.assert(
    fc.property(anyRecipe, (recipe) => {
      expect(again(recipe)).toEqual(recipe);
    }),
  );
});

test('for anyone, nothing of the wearer is in the file', () => {
  const text = writeBlend(fileOf(forAnyone({ ...everything, name: 'Desk' })));
  expect(text).not.toMatch(/Ines|asthma|anticoagulants|breastfeeding|492/);
});

describe('a file carries the materials of its maker', () => {
  const jasmine: OwnMaterial = {
    kind: 'oil',
    id: 'own-night-jasmine',
    name: 'Hedge blossom',
    botanical: '',
    densityGPerMl: 0.95,
    shelfYears: 2,
    note: 'middle',
    viscosity: 'thin',
    source: 'distilled here',
    maximumPercent: 1,
    lightPercent: null,
    contents: [],
  };
  const other: OwnMaterial = { ...jasmine, id: 'own-other', name: 'Another' };
  const recipe = recipeFrom({
    name: 'Theirs',
    brief: { wearer: 'anyone', place: 'body-leave-on' },
    oils: [{ id: 'own-night-jasmine', drops: 3 }],
    bases: [{ id: 'jojoba', parts: 1 }],
  });

  test('those that are in it, and no others', () => {
    expect(fileOf(recipe, [jasmine, other]).materials).toEqual([jasmine]);
  });

  test('so that it is judged where nobody has seen them', () => {
    const checked = checkBlend(writeBlend(fileOf(recipe, [jasmine])), '2026-12-01');
    // 3 x 0.05 / 9.5 is 1.6 %: past the 1 % that their maker allows.
    expect(checked.ok && checked.report).toMatchObject({ verdict: 'over', hard: false });
  });

  test('without them the name is told, and what to do', () => {
    const checked = checkBlend(writeBlend(fileOf(recipe)), '2026-12-01');
    expect(checked).toEqual({
      ok: false,
      sentence: 'oils.0.id: “someone’s own material” is not known here: add it, or choose another.',
    });
    const named = { ...recipe, oils: [{ ...recipe.oils[0]!, id: 'night-jasmine' }] };
    const report = checkBlend(writeBlend(fileOf(named)), '2026-12-01');
    expect(report.ok ? '' : report.sentence).toMatch(/“Night jasmine” is not known here/);
  });
});

describe('what is not finished can be kept in a file, and not checked', () => {
  test.each<[string, (recipe: Recipe) => Recipe, string]>([
    [
      'no wearer',
      (entry) => ({ ...entry, brief: { ...entry.brief, wearer: null } }),
      'brief.wearer',
    ],
    ['no place', (entry) => ({ ...entry, brief: { ...entry.brief, place: null } }), 'brief.place'],
    ['no target', (entry) => ({ ...entry, target: null }), 'target'],
    ['no base', (entry) => ({ ...entry, bases: [] }), 'bases'],
    ['no amount', (entry) => entry, 'oils.3.amount'],
  ])('%s', (_, change, field) => {
    const recipe = change(everything);
    expect(again(recipe)).toEqual(recipe);
    const checked = checkBlend(writeBlend(fileOf(recipe)), '2026-12-01');
    expect(checked.ok ? '' : checked.sentence.split(':')[0]).toBe(field);
  });
});

test.each<[string, object, RegExp]>([
  ['too few drops to a ml', { dropsPerMl: 5 }, /^dropsPerMl: should be at least 12/],
  ['no container', { containers: [] }, /^containers: needs at least 1/],
  ['a field of version 1', { vessel: { id: 'roll-on-10' } }, /^file: has a field .*“vessel”/],
  ['half a drop', { oils: [{ id: 'lemon', amount: { unit: 'drops', value: 1.5 } }] }, /^oils\.0/],
  ['an unknown unit', { oils: [{ id: 'lemon', amount: { unit: 'pinch', value: 1 } }] }, /^oils\.0/],
])('%s is refused with the field', (_, part, sentence) => {
  const checked = checkBlend(JSON.stringify({ ...fileOf(everything), ...part }), '2026-12-01');
  expect(checked.ok ? '' : checked.sentence).toMatch(sentence);
});

test('any mutation of a good file is read or refused with one sentence, never thrown', () => {
  const file = fileOf({ ...everything, oils: everything.oils.slice(0, 2) });
  const keys = Object.keys(file);
  fc.assert(
    fc.property(fc.constantFrom(...keys), fc.jsonValue(), (key, value) => {
      const checked = checkBlend(JSON.stringify({ ...file, [key]: value }), '2026-12-01');
      if (!checked.ok) expect(checked.sentence).toMatch(/^.+: .+\.$/s);
    }),
    { numRuns: 300 },
  );
});

test('a batch of version 1 and one of version 2 give the same recipe', () => {
  const entry = readBlend({
    format: 'jubbet-blend',
    version: 1,
    name: 'Same',
    brief: { wearer: 'anyone', place: 'face', use: 'leave-on', sun: 'exposed' },
    vessel: { id: 'roll-on-10' },
    dropSchool: 'insert',
    oils: [{ id: 'lavender', drops: 2 }],
    bases: [{ id: 'jojoba', parts: 1 }],
  });
  if (!entry.ok) throw new Error(entry.problem.code);
  expect(again(entry.recipe)).toEqual(entry.recipe);
  expect(entry.recipe.dropsPerMl).toBe(30);
});

test('the example in the description of the file is read as it stands there', () => {
  const [, block = ''] =
    /```json\n(.*?)```/s.exec(readFileSync('docs/formats/README.md', 'utf8')) ?? [];
  const checked = checkBlend(block, '2026-12-01');
  expect(checked.ok ? checked.report.verdict : checked.sentence).toMatch(/^(within|caution)$/);
});

test('the published JSON Schema is the one that the code makes', () => {
  expect(published2).toEqual(z.toJSONSchema(blendFile2Schema, { io: 'input' }));
  expect(published3).toEqual(z.toJSONSchema(blendFile3Schema, { io: 'input' }));
});
