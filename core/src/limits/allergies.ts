import type { Wearer, WearerOrAnyone } from '../brief';
import {
  allergyFamilyOf,
  allergenIn,
  isAllergyFamily,
  constituentNamed,
  membersOfSum,
  patchTestNames,
  plainName,
  readAllergies,
  readConditions,
  shippedOils,
  type AllergyFamilyId,
  type Base,
  type Catalog,
  type Oil,
} from '../catalog';
import { unique } from '../quantity';
import { contentOf } from './contents';

/** What speaks against a material for someone's allergies. */
export interface AgainstAllergy {
  readonly what: 'avoid' | 'caution';
  /** The family, the patch test, or the id of the material itself. */
  readonly to: string;
  readonly by: 'itself' | 'relative' | 'family' | 'patch-test' | 'constituent';
}

type Material = Pick<Oil | Base, 'id' | 'allergens' | 'genus' | 'family'> &
  Partial<Pick<Oil, 'counted'>>;
/** Materials by their id or their own name; none where nothing goes by it. */
const materialsNamed = (text: string, catalog: Catalog): string[] => {
  if (catalog.oil(text) || catalog.base(text)) return [text];
  const plain = plainName(text);
  return [...catalog.oils, ...catalog.bases]
    .filter(({ name }) => plainName(name) === plain)
    .map(({ id }) => id);
};

/** Constituents whose share in every oil is held, each with itself as the list to add up. */
const counted: ReadonlyMap<string, string[]> = new Map(
  shippedOils.flatMap((oil) => oil.counted?.constituents ?? []).map(([name]) => [name, [name]]),
);

/** Constituents by any name, where the library holds how much of them is in each oil. */
const constituentsIn = (text: string): readonly string[] => {
  const name = constituentNamed(allergenIn(text));
  if (name === null) return [];
  const members = membersOfSum(name);
  const all = members.length > 0 ? members : [name];
  return all.every((member) => counted.has(member)) ? all : [];
};

/** Everything that a wearer is allergic to, as the rules read it. */
interface ReadAllergies {
  /** Ids of families and materials. */
  readonly read: readonly string[];
  /** Constituents: answered from what is in an oil. */
  readonly constituents: readonly string[];
  /** What no rule reads, as it was typed. */
  readonly unread: readonly string[];
}

/**
 * What someone is allergic to, also of what was typed among the conditions.
 */
export const allergiesOf = (
  { allergies, conditions }: Pick<Wearer, 'allergies' | 'conditions'>,
  catalog: Catalog,
): ReadAllergies => {
  const read: string[] = readConditions(conditions).flatMap(({ allergies: ids }) => ids);
  const constituents: string[] = [];
  const unread: string[] = [];
  const readings = readAllergies(allergies);
  for (const [n, text] of allergies.entries()) {
    const whole = materialsNamed(text, catalog);
    const { allergies: families = [], unread: pieces = [] } = readings[n] ?? {};
    read.push(...families, ...whole);
    if (whole.length > 0) continue;
    for (const piece of pieces) {
      const materials = materialsNamed(piece, catalog);
      const held = materials.length > 0 ? [] : constituentsIn(piece);
      read.push(...materials);
      constituents.push(...held);
      if (materials.length + held.length === 0) unread.push(piece);
    }
  }
  const families = read.flatMap((id) => familiesOf(id, catalog));
  return {
    read: unique([...read, ...families]),
    constituents: unique(constituents),
    unread: unique(unread),
  };
};

/** Families of which this material is one, where one member speaks for all. */
const familiesOf = (id: string, { oil, base }: Catalog): string[] =>
  ((base(id) ?? oil(id))?.allergens ?? []).flatMap(({ family }) =>
    isAllergyFamily(family) && allergyFamilyOf(family).isOneForAll ? [family] : [],
  );

const testsById = new Map(patchTestNames.map((patchTestName) => [patchTestName.id, patchTestName]));

/** Some tests are asked for by the name of a family. */
const testOf = (id: AllergyFamilyId) => testsById.get(allergyFamilyOf(id).patchTest ?? id);

const byTest = (material: Material, id: AllergyFamilyId): AgainstAllergy | null => {
  const test = testOf(id);
  if (!test) return null;
  const says = (what: 'avoid' | 'caution'): AgainstAllergy => ({ what, to: id, by: 'patch-test' });
  if (test.materials.includes(material.id)) return says(test.materialsWhat);
  if (material.counted && material.family && test.plantFamilies.includes(material.family)) {
    return says(test.what);
  }
  const holds =
    material.counted && test.constituents.length > 0
      ? contentOf({ counted: material.counted }, { members: test.constituents }).likely
      : 0;
  return holds > 0 && holds >= test.fromPercentOfOil ? says(test.what) : null;
};

/** A carrier of the family holds next to nothing of what an oil of it does, unless it is declared. */
const byFamily = (material: Material, id: AllergyFamilyId): AgainstAllergy | null => {
  const declared = material.allergens.find(({ family }) => family === id);
  if (declared) {
    return { what: declared.what === 'avoid' ? 'avoid' : 'caution', to: id, by: 'family' };
  }
  const { latin } = allergyFamilyOf(id);
  return latin !== undefined && material.family === latin && material.counted !== undefined
    ? { what: 'avoid', to: id, by: 'family' }
    : null;
};

const byMaterial = (
  material: Material,
  id: string,
  { oil, base }: Catalog,
): AgainstAllergy | null => {
  if (material.id === id) return { what: 'avoid', to: id, by: 'itself' };
  const genus = oil(id)?.genus ?? base(id)?.genus;
  return genus && material.genus === genus ? { what: 'caution', to: id, by: 'relative' } : null;
};

const worse = (a: AgainstAllergy | null, b: AgainstAllergy | null): AgainstAllergy | null =>
  a === null || (b?.what === 'avoid' && a.what === 'caution') ? b : a;

/** The worst that one allergy says of a material; null where it says nothing. */
export const allergySays = (
  material: Material,
  allergyId: string,
  catalog: Catalog,
): AgainstAllergy | null =>
  worse(
    isAllergyFamily(allergyId)
      ? worse(byFamily(material, allergyId), byTest(material, allergyId))
      : null,
    byMaterial(material, allergyId, catalog),
  );

/** What an allergy to one constituent says of a material: nothing where it usually holds none. */
export const constituentAllergySays = (
  { counted: held }: Material,
  name: string,
): AgainstAllergy | null =>
  held && contentOf({ counted: held }, { members: counted.get(name) ?? [] }).likely > 0
    ? { what: 'avoid', to: name, by: 'constituent' }
    : null;

/** The worst that someone's allergies say of a material; null where none does. */
export const allergyTo = (
  material: Material,
  wearer: WearerOrAnyone | null,
  catalog: Catalog,
): AgainstAllergy | null => {
  if (wearer === null || wearer === 'anyone') {
    const [first] = material.allergens;
    return first ? { what: 'caution', to: first.family, by: 'family' } : null;
  }
  return allergiesOf(wearer, catalog)
    .read.map((id) => allergySays(material, id, catalog))
    .reduce(worse, null);
};
