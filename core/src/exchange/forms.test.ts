import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { shippedCatalog } from '../catalog';
import { readRecipes } from '../reading';
import { anyRecipe } from '../recipe/anyRecipe.testing';
import { recipeFrom } from '../recipe/recipe.testing';
import { blendHowTo, blendMarkdown, readAnyBlend } from './forms';
import { blendOfRows, formulaRows } from './formulaTable';
import { bytesOfShareCode, shareCodeOf } from './shareCode';
import { fileOf, writeBlend } from './writeBlend';

const steps = ['Count 3 drops of neroli into it.', 'Close it | shake `it`.'];
const outOf = (recipe: Parameters<typeof fileOf>[0]) => ({ recipe, file: fileOf(recipe), steps });

describe('what goes out comes in again as it was', () => {
  const forms = {
    'blend file': ({ file }: ReturnType<typeof outOf>) => writeBlend(file),
    Markdown: (out: ReturnType<typeof outOf>) => blendMarkdown(shippedCatalog, out),
    'JSON-LD': (out: ReturnType<typeof outOf>) => blendHowTo(shippedCatalog, out),
  };
  test.each(Object.entries(forms))('%s', (_, write) => {
    fc.assert(
      fc.property(anyRecipe, fc.string({ maxLength: 60 }), (recipe, words) => {
        const given = { ...recipe, name: words.slice(0, 40), notes: words };
        const out = outOf(given);
        const plain = readAnyBlend(writeBlend(out.file));
        expect(readAnyBlend(write(out))).toEqual(plain);
        expect(plain?.ok).toBe(true);
      }),
    );
  });

  test('a table of the formula, with all that its strength hangs on', () => {
    fc.assert(
      fc.property(anyRecipe, fc.constantFrom(15, 20, 33), (given, dropsPerMl) => {
        // Spoons of what lies in a heap have no row: what they come to is asked for again.
        const loose = given.bases.some(({ amount }) => amount?.unit === 'loose');
        const recipe = { ...given, dropsPerMl };
        const read = blendOfRows(formulaRows(shippedCatalog, recipe));
        expect(read?.ok).toBe(true);
        if (!read?.ok) return;
        const { oils, containers, by, target } = read.recipe;
        expect({ oils, containers, by, dropsPerMl: read.recipe.dropsPerMl }).toEqual({
          oils: recipe.oils.map(({ id, amount }) => ({ id, amount })),
          containers: recipe.containers,
          by: recipe.by,
          dropsPerMl,
        });
        expect(target?.percent).toBe(recipe.target?.percent);
        if (!loose) expect(read.recipe.bases).toEqual(recipe.bases);
      }),
    );
  });

  test('a container of one’s own keeps its size in a table', () => {
    const own = { kind: 'tin' as const, nominalMl: 25, workingFillPercent: 92 };
    const recipe = recipeFrom({ container: own, oils: [{ id: 'neroli', drops: 3 }] });
    const read = blendOfRows(formulaRows(shippedCatalog, recipe));
    expect(read?.ok && read.recipe.containers).toEqual([{ container: own, count: 1 }]);
  });
});

test('what is written for people can be read by anybody’s reader of recipes', () => {
  const recipe = recipeFrom({
    oils: [{ id: 'neroli', drops: 3 }],
    bases: [{ id: 'jojoba', ml: 9 }],
  });
  const [read] = readRecipes(blendHowTo(shippedCatalog, outOf(recipe)), shippedCatalog);
  expect(read?.ingredients).toMatchObject([
    { materialId: 'jojoba', amount: { unit: 'ml', value: 9 } },
    { materialId: 'neroli', amount: { unit: 'drops', value: 3 } },
  ]);
});

test('a text that carries no blend is none, and one whose blend is broken says so', () => {
  expect(readAnyBlend('Lavender 10 drops')).toBeNull();
  expect(readAnyBlend('{"@context":"https://schema.org","@type":"Recipe"}')).toBeNull();
  expect(readAnyBlend('```jubbet-blend\n{"format":"jubbet-blend","version":9}\n```')).toMatchObject(
    {
      ok: false,
    },
  );
  expect(blendOfRows([['material', 'lot']])).toBeNull();
  expect(
    blendOfRows([
      ['kind', 'id', 'name', 'amount', 'unit'],
      ['container', 'roll-on-10', '', '1', ''],
      ['oil', 'neroli', 'Neroli', 'many', 'drops'],
    ]),
  ).toMatchObject({ ok: false });
});

describe('a code for a picture', () => {
  test('any bytes come back', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 2_000 }), (bytes) => {
        expect(bytesOfShareCode(shareCodeOf(bytes))).toEqual(bytes);
      }),
    );
  });
  test('it is Base45 as RFC 9285 has it', () => {
    // The examples of the RFC.
    const of = (text: string) =>
      shareCodeOf(new TextEncoder().encode(text)).slice('JUBBET1:'.length);
    expect(of('AB')).toBe('BB8');
    expect(of('Hello!!')).toBe('%69 VD92EX0');
    expect(of('base-45')).toBe('UJCLQE7W581');
  });
  test('another code, one cut off, and one out of range are none', () => {
    expect(bytesOfShareCode('https://example.org')).toBeNull();
    expect(bytesOfShareCode('JUBBET1:A')).toBeNull();
    expect(bytesOfShareCode('JUBBET1::::')).toBeNull();
    expect(bytesOfShareCode('JUBBET1:abc')).toBeNull();
    expect(bytesOfShareCode(`JUBBET1:${'0'.repeat(6_000)}`)).toBeNull();
  });
});
