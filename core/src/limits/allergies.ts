import type { WearerOrAnyone } from '../brief';
import {
  guidelines,
  patchTestNames,
  plainName,
  shippedCatalog,
  type Base,
  type Catalog,
  type Oil,
  allergyNames,
} from '../catalog';
import { contentOf } from './contents';

/** What speaks against a material for someone's allergies. */
export interface AgainstAllergy {
  readonly what: 'avoid' | 'caution';
  /** The family, the patch test, or the id of the material itself. */
  readonly to: string;
  readonly by: 'itself' | 'relative' | 'family' | 'patch-test';
}

type Material = Pick<Oil | Base, 'id' | 'allergens' | 'genus' | 'family'> &
  Partial<Pick<Oil, 'counted'>>;
type Known = Pick<Catalog, 'oil' | 'base'>;

/** Plant families by the names that people use. */
const latinById = new Map(allergyNames.plantFamilies.map(({ id, latin }) => [id, latin]));

const familiesByPlain = new Map(guidelines.allergyFamilies.map((id) => [plainName(id), id]));
for (const { id, latin } of allergyNames.plantFamilies) familiesByPlain.set(plainName(latin), id);
for (const { name, id } of allergyNames.names) familiesByPlain.set(name, id);

/** The family or patch test that someone's words name; undefined where it is none of them. */
export const familyRead = (words: string): string | undefined =>
  familiesByPlain.get(plainName(words));

const testsById = new Map(patchTestNames.map((patchTestName) => [patchTestName.id, patchTestName]));

/** Some tests are asked for by the name of a family. */
const testOf = (id: string) =>
  testsById.get(id === 'daisy family' ? 'sesquiterpene lactones (daisy family)' : id);

const byTest = (material: Material, id: string): AgainstAllergy | null => {
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

/** A refined carrier of the family holds next to nothing of what an oil of it does. */
const byFamily = (material: Material, id: string): AgainstAllergy | null => {
  const declared = material.allergens.find(({ family }) => family === id);
  if (declared) {
    return { what: declared.what === 'avoid' ? 'avoid' : 'caution', to: id, by: 'family' };
  }
  const latin = latinById.get(id);
  return latin !== undefined && material.family === latin
    ? { what: material.counted === undefined ? 'caution' : 'avoid', to: id, by: 'family' }
    : null;
};

const byMaterial = (
  material: Material,
  id: string,
  { oil, base }: Known,
): AgainstAllergy | null => {
  if (material.id === id) return { what: 'avoid', to: id, by: 'itself' };
  const genus = oil(id)?.genus ?? base(id)?.genus;
  return genus && material.genus === genus ? { what: 'caution', to: id, by: 'relative' } : null;
};

const worse = (a: AgainstAllergy | null, b: AgainstAllergy | null): AgainstAllergy | null =>
  a === null || (b?.what === 'avoid' && a.what === 'caution') ? b : a;

/** The worst that one allergy, as it was typed, says of a material; null where it says nothing. */
export const allergySays = (
  material: Material,
  allergy: string,
  catalog: Known,
): AgainstAllergy | null => {
  const family = familyRead(allergy);
  const found =
    family === undefined ? null : worse(byFamily(material, family), byTest(material, family));
  return worse(found, byMaterial(material, allergy, catalog));
};

/** The worst that someone's allergies say of a material; null where none does. */
export const allergyTo = (
  material: Material,
  wearer: WearerOrAnyone | null,
  catalog: Known = shippedCatalog,
): AgainstAllergy | null => {
  if (wearer === null || wearer === 'anyone') {
    const [first] = material.allergens;
    return first ? { what: 'caution', to: first.family, by: 'family' } : null;
  }
  return wearer.allergies
    .map((allergy) => allergySays(material, allergy, catalog))
    .reduce(worse, null);
};
