import type { WearerOrAnyone } from '../brief';
import type { Base, Oil } from '../catalog';

/** What speaks against a material for somebody's allergies. */
export interface AgainstAllergy {
  readonly what: 'avoid' | 'mind';
  /** The family, or the material itself. */
  readonly to: string;
}

/** The worst of what an allergy says of a material; null where none does. */
export const allergyTo = (
  { id, allergens }: Pick<Oil | Base, 'id' | 'allergens'>,
  wearer: WearerOrAnyone | null,
): AgainstAllergy | null => {
  if (wearer === null || wearer === 'anyone') {
    const [first] = allergens;
    return first ? { what: 'mind', to: first.family } : null;
  }
  if (wearer.allergies.includes(id)) return { what: 'avoid', to: id };
  const found = allergens
    .filter(({ family }) => wearer.allergies.includes(family))
    .sort((a, b) => a.what.localeCompare(b.what))[0];
  return found ? { what: found.what, to: found.family } : null;
};
