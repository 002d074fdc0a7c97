import { shippedCatalog } from './catalog';
import { botanicalOf } from './botanical';
import { cappedOf } from './capped';
import { measuresFile, textureFile } from './craftSchema';
import { handbook, handbookFile } from './handbook';
import { aliasesOf, basesNamed, oilsNamed, searchBases, searchOils, tellApart } from './names';
import {
  ambiguousNamesFile,
  baseFactsFile,
  botanicalFile,
  basesFile,
  namesFile,
  cappedFile,
  compositionFile,
  constituentLimitsFile,
  constituentsFile,
  dropsFile,
  oilsFile,
  containersFile,
} from './schema';
import { cautionsFile, guidelinesFile } from './guidelineSchema';
import { constituentLimits, guidelines, milderKinOf, usualContainers } from './shipped';
import { describe, expect, test } from 'vitest';
import ambiguous from './data/ambiguous-names.json';
import baseFactsJson from './data/base-facts.json';
import botanicalJson from './data/botanical.json';
import basesJson from './data/bases.json';
import measuresJson from './data/measures.json';
import namesJson from './data/names.json';
import cappedJson from './data/capped.json';
import compositionJson from './data/composition.json';
import constituentLimitsJson from './data/constituent-limits.json';
import cautionsJson from './data/cautions.json';
import constituentsJson from './data/constituents.json';
import dropsJson from './data/drops.json';
import guidelinesJson from './data/guidelines.json';
import handbookJson from './data/handbook.json';
import oilsJson from './data/oils.json';
import textureJson from './data/texture.json';
import containersJson from './data/vessels.json';

const { oils, bases } = shippedCatalog;
const pouring = ['oil', 'antioxidant', 'solubiliser', 'alcohol', 'aqueous'];
const carriers = bases.filter(({ kind }) => pouring.includes(kind));

describe('the shipped library', () => {
  test.each([
    ['oils', oilsFile, oilsJson],
    ['bases', basesFile, basesJson],
    ['what describes bases', baseFactsFile, baseFactsJson],
    ['the plants of oils', botanicalFile, botanicalJson],
    ['names', namesFile, namesJson],
    ['spoons and ounces', measuresFile, measuresJson],
    ['composition', compositionFile, compositionJson],
    ['constituents', constituentsFile, constituentsJson],
    ['caps on constituents', constituentLimitsFile, constituentLimitsJson],
    ['handbook', handbookFile, handbookJson],
    ['cautions', cautionsFile, cautionsJson],
    ['what the caps count', cappedFile, cappedJson],
    ['vessels', containersFile, containersJson],
    ['texture', textureFile, textureJson],
    ['measures', measuresFile, measuresJson],
    ['drops', dropsFile, dropsJson],
    ['guidelines', guidelinesFile, guidelinesJson],
    ['ambiguous names', ambiguousNamesFile, ambiguous],
  ])('%s match their schema', (_, schema, json) => {
    expect(schema.safeParse(json).error?.issues).toBeUndefined();
  });

  test('holds 127 oils, 55 bases of which 31 pour, and the usual vessels, each id once', () => {
    expect(oils).toHaveLength(127);
    expect(bases).toHaveLength(55);
    expect(carriers.filter(({ kind }) => kind === 'oil')).toHaveLength(31);
    expect(carriers).toHaveLength(40);
    expect(usualContainers.filter(({ kind }) => kind === 'roll-on')).toHaveLength(4);
    const ids = [...oils, ...bases].map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
  });

  test('every oil has its plant, and no plant is without its oil', () => {
    expect(Object.keys(botanicalJson.oils).sort()).toEqual(oils.map(({ id }) => id).sort());
  });

  test('what the caps count is what composition and caps say: vitest -u renews it', async () => {
    const composition = compositionFile.parse(compositionJson);
    const counted = cappedOf(composition, constituentLimitsFile.parse(constituentLimitsJson));
    await expect(`${JSON.stringify(counted)}\n`).toMatchFileSnapshot('data/capped.json');
    expect(Object.keys(composition.oils).sort()).toEqual(oils.map(({ id }) => id).sort());
  });

  test('flash points are of oils that the library holds', () => {
    for (const { id, rangeC } of handbook.flashPoints) {
      expect(
        oils.some((oil) => oil.id === id),
        id,
      ).toBe(true);
      expect(rangeC[0]).toBeLessThanOrEqual(rangeC[1] ?? Infinity);
    }
  });

  test('every material has its names, and every base what describes it', () => {
    expect(Object.keys(namesJson.oils)).toEqual(oils.map(({ id }) => id));
    expect(Object.keys(namesJson.bases)).toEqual(bases.map(({ id }) => id));
    expect(Object.keys(baseFactsJson.bases)).toEqual(bases.map(({ id }) => id));
  });

  test('every constituent of an oil and of a cap is one that is listed', () => {
    const listed = new Set(constituentsJson.constituents.map(({ name }) => name));
    const named = [
      ...Object.values(compositionJson.oils).flatMap(({ constituents }) =>
        constituents.map(([name]) => String(name)),
      ),
      ...constituentLimits.flatMap(({ members }) => members),
    ];
    expect(named.filter((name) => !listed.has(name))).toEqual([]);
  });

  test('typical contents of an oil come to no more than the whole of it', () => {
    for (const [id, { constituents }] of Object.entries(compositionJson.oils)) {
      const all = constituents.reduce((total, [, , typical]) => total + Number(typical), 0);
      expect(all, id).toBeLessThanOrEqual(101);
    }
  });

  test('a stated maximum has a figure, and no other status has one but "assumed"', () => {
    for (const { dermalMaximum, phototoxicLimitPercent } of oils) {
      const has = dermalMaximum.percent !== null;
      expect(has).toBe(['stated', 'assumed'].includes(dermalMaximum.status));
      if (dermalMaximum.status === 'light only') expect(phototoxicLimitPercent).not.toBeNull();
    }
  });

  test('every condition and family that a material names is in the vocabulary', () => {
    const conditions = new Set(guidelines.conditions.map(({ id }) => id));
    const families = new Set(guidelines.allergyFamilies);
    for (const material of [...oils, ...carriers]) {
      for (const { condition } of material.conditions) expect(conditions).toContain(condition);
      for (const { family } of material.allergens) expect(families).toContain(family);
    }
  });

  test('ages run on from birth without gap', () => {
    guidelines.age.reduce((end, row) => {
      expect(row.fromMonths).toBe(end);
      return row.toMonths ?? Infinity;
    }, 0);
  });
});

const ids = (found: readonly { id: string }[]) => found.map(({ id }) => id);

describe('finding an oil', () => {
  test('by name, alias, botanical name and id, whatever the spelling', () => {
    expect(ids(oilsNamed(shippedCatalog, 'Ylang-Ylang'))).toEqual(['ylang-ylang']);
    expect(ids(oilsNamed(shippedCatalog, 'tulsi'))).toEqual(['holy-basil']);
    expect(ids(oilsNamed(shippedCatalog, 'LAVANDULA ANGUSTIFOLIA'))).toContain('lavender');
    expect(ids(oilsNamed(shippedCatalog, 'Réunion basil'))).toEqual(['basil-estragole']);
  });

  test('an alias that means several oils answers with all of them', () => {
    expect(ids(oilsNamed(shippedCatalog, 'rosemary')).sort()).toEqual([
      'rosemary-camphor',
      'rosemary-cineole',
      'rosemary-verbenone',
    ]);
    expect(ids(oilsNamed(shippedCatalog, 'lavender')).sort()).toEqual([
      'lavandin',
      'lavender',
      'lavender-spike',
    ]);
    expect(ids(oilsNamed(shippedCatalog, 'fir needle')).sort()).toEqual([
      'fir-balsam',
      'fir-silver',
    ]);
  });

  test('tells apart what goes by one name', () => {
    expect(tellApart('bergamot', 'bergamot')).toMatch(/sun/);
    expect(tellApart('bergamot', 'lavender')).toBeUndefined();
  });

  test('three letters are enough', () => {
    expect(searchOils(shippedCatalog, 'pet')[0]?.id).toBe('petitgrain');
    expect(searchOils(shippedCatalog, 'lav')[0]?.id).toBe('lavender');
    expect(searchOils(shippedCatalog, 'vet')[0]?.id).toBe('vetiver');
    expect(searchOils(shippedCatalog, 'yla')[0]?.id).toBe('ylang-ylang');
  });

  test('every oil is found by every name it goes by', () => {
    for (const oil of oils) {
      for (const name of [oil.name, botanicalOf(oil), ...aliasesOf(oil.id)]) {
        expect(ids(oilsNamed(shippedCatalog, name)), name).toContain(oil.id);
      }
    }
  });

  test('a slip of the finger still finds it', () => {
    expect(ids(searchOils(shippedCatalog, 'lavendar'))).toContain('lavender');
    expect(ids(searchOils(shippedCatalog, 'frankinsense'))).toContain('frankincense');
    expect(ids(searchOils(shippedCatalog, 'patchuli'))).toContain('patchouli');
  });

  test('nonsense and emptiness find nothing', () => {
    expect(searchOils(shippedCatalog, '')).toEqual([]);
    expect(searchOils(shippedCatalog, '   ')).toEqual([]);
    expect(searchOils(shippedCatalog, 'qqqqzzzz')).toEqual([]);
  });
});

test('the milder kin of an oil is in the library, and is held back less or not at all', () => {
  const held = oils.filter(({ id }) => milderKinOf(id));
  expect(held.length).toBeGreaterThan(8);
  const kinOf = (id: string) => shippedCatalog.oil(milderKinOf(id) ?? '');
  for (const oil of held) {
    expect(kinOf(oil.id)).toBeDefined();
    expect(kinOf(oil.id)?.id).not.toBe(oil.id);
  }
  expect(kinOf('bergamot')?.phototoxicLimitPercent).toBeNull();
  expect(milderKinOf('lavender')).toBeUndefined();
});

test('carriers are found by alias and INCI name too', () => {
  expect(ids(basesNamed(shippedCatalog, 'FCO'))).toEqual(['fractionated_coconut']);
  expect(searchBases(shippedCatalog, 'joj')[0]?.id).toBe('jojoba');
  expect(ids(searchBases(shippedCatalog, 'Prunus Amygdalus Dulcis (Sweet Almond) Oil'))[0]).toBe(
    'sweet_almond',
  );
});
