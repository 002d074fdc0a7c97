import { shippedCatalog } from './catalog';
import { botanicalOf } from './botanical';
import { countedNames, countedOf } from './counted';
import { forbiddenMaterials } from './forbidden';
import { forbiddenPage } from './forbiddenPage';
import { handbook } from './handbook';
import { plantOf } from './plants';
import { compositionFile, constituentLimitsFile } from './schema';
import { chemistryCautionsFile, patchTestNamesFile, saleFile } from './cautionSchema';
import { allergyFamilyIds } from './allergyFamilies';
import { constituentLimits, milderKinOf } from './caps';
import { conditionIds } from './conditions';
import { guidelines, usualContainers } from './shipped';
import { describe, expect, test } from 'vitest';
import baseFactsJson from './data/base-facts.json';
import botanicalJson from './data/botanical.json';
import namesJson from './data/names.json';
import compositionJson from './data/composition.json';
import constituentLimitsJson from './data/constituent-limits.json';
import constituentsJson from './data/constituents.json';
import chemistryCautionsJson from './data/chemistry-cautions.json';
import patchTestJson from './data/patch-test-names.json';
import saleJson from './data/sale.json';
import { libraryProblems } from './libraryProblems';
import { usualCarriers } from './usualCarriers';

const { oils, bases } = shippedCatalog;
const pouring = ['oil', 'antioxidant', 'solubiliser', 'alcohol', 'aqueous'];
const carriers = bases.filter(({ kind }) => pouring.includes(kind));

describe('the shipped library', () => {
  test('every file matches its schema', () => {
    expect(libraryProblems()).toEqual([]);
  });

  test('holds 163 oils, 90 bases of which 44 are oils, and the usual containers, each id once', () => {
    expect(oils).toHaveLength(163);
    expect(bases).toHaveLength(90);
    expect(carriers.filter(({ kind }) => kind === 'oil')).toHaveLength(44);
    expect(carriers).toHaveLength(56);
    expect(usualContainers.filter(({ kind }) => kind === 'roll-on')).toHaveLength(4);
    const ids = [...oils, ...bases].map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
  });

  test('every oil has its plant, and no plant is without its oil', () => {
    expect(Object.keys(botanicalJson.oils).sort()).toEqual(oils.map(({ id }) => id).sort());
  });

  test('what the caps count is what composition and caps say: vitest -u renews it', async () => {
    const composition = compositionFile.parse(compositionJson);
    const counted = countedOf(
      composition,
      countedNames({
        caps: constituentLimitsFile.parse(constituentLimitsJson),
        cautions: chemistryCautionsFile.parse(chemistryCautionsJson),
        patchTests: patchTestNamesFile.parse(patchTestJson),
        sale: saleFile.parse(saleJson),
      }),
    );
    await expect(`${JSON.stringify(counted)}\n`).toMatchFileSnapshot('data/counted.json');
    expect(Object.keys(composition.oils).sort()).toEqual(oils.map(({ id }) => id).sort());
  });

  test('cautions, patch tests and restrictions name materials and constituents that are held', () => {
    const listed = new Set(constituentsJson.constituents.map(({ name }) => name));
    const counting = countedNames({
      caps: constituentLimitsFile.parse(constituentLimitsJson),
      cautions: chemistryCautionsFile.parse(chemistryCautionsJson),
      patchTests: patchTestNamesFile.parse(patchTestJson),
      sale: saleFile.parse(saleJson),
    });
    // Contact allergens that no oil of the library was found to hold.
    const inNoOil = ['cinnamyl cinnamate', 'coniferyl benzoate', 'trans-sabinyl acetate', 'apiole'];
    expect([...counting].filter((name) => !listed.has(name) && !inNoOil.includes(name))).toEqual(
      [],
    );
    const known = (id: string): boolean =>
      [...oils, ...bases].some((material) => material.id === id);
    expect(
      patchTestJson.names.flatMap(({ materials }) => materials).filter((id) => !known(id)),
    ).toEqual([]);
    expect(
      saleJson.restrictions.flatMap(({ materials }) => materials).filter((id) => !known(id)),
    ).toEqual([]);
  });

  test('genus and family of every material are those of its plant', () => {
    for (const { id, genus, family } of oils) {
      expect(plantOf(botanicalOf({ id })), id).toEqual({ genus, family });
      expect(family, id).not.toBeNull();
    }
  });

  test('what may be used instead of something forbidden is harmless itself', () => {
    for (const forbidden of forbiddenMaterials) {
      const page = forbiddenPage(forbidden.id);
      expect(page, forbidden.id).toBeDefined();
      for (const id of page?.instead ?? []) {
        const oil = oils.find((entry) => entry.id === id);
        expect(oil, id).toBeDefined();
        expect(oil?.keepOffSkin, id).toBe(false);
        expect(oil?.notForHomeBlending, id).toBeNull();
      }
    }
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
    const conditions = new Set<string>(conditionIds);
    const families = new Set<string>(allergyFamilyIds);
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

test('the usual carriers are in the library', () => {
  expect(usualCarriers.filter((id) => !shippedCatalog.base(id))).toEqual([]);
});
