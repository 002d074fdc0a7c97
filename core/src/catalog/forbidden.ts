import type { z } from 'zod';
import forbiddenJson from './data/forbidden.json';
import type { forbiddenFile, ForbiddenMaterial } from './cautionSchema';
import { plainName } from './plainName';
import type { Oil } from './schema';

/** Materials that must never go on skin, for ever: found by any of their names, never offered. */
export const forbiddenMaterials = (forbiddenJson as unknown as z.infer<typeof forbiddenFile>)
  .materials;

const asOil = ({ id, name, botanical, why, source, confidence }: ForbiddenMaterial): Oil => ({
  id,
  name,
  botanical,
  dermalMaximum: { percent: 0, status: 'stated', basis: why, confidence },
  phototoxicLimitPercent: null,
  keepOffSkin: true,
  notForHomeBlending: null,
  age: [],
  pregnancy: 'avoid',
  breastfeeding: 'avoid',
  conditions: [],
  oxidation: 'medium',
  shelfYears: 1,
  densityGPerMl: null,
  viscosity: 'medium',
  note: 'middle',
  odourStrength: 3,
  allergens: [],
  genus: null,
  family: null,
  counted: { confidence: 'none', constituents: [] },
  forbidden: { why, source, confidence },
});

const oils = new Map(forbiddenMaterials.map((material) => [material.id, asOil(material)]));

/** A forbidden material by its id, as an oil that no rule lets pass. */
export const forbiddenOil = (id: string): Oil | undefined => oils.get(id);

/** Words that say what something is, not what it is of. */
const saysNothing =
  /\b(100|pure|organic|natural|therapeutic grade|essential oils?|ess oils?|eos?|oils?)\b/g;

/** A name without words that say what something is. */
export const bareName = (name: string): string =>
  plainName(name).replace(saysNothing, ' ').replace(/ +/g, ' ').trim();

const byName = new Map(
  forbiddenMaterials.flatMap((material) =>
    [material.id, material.name, ...material.aliases].map(
      (name) => [plainName(name), material] as const,
    ),
  ),
);
const byBareName = new Map(
  [...byName].flatMap(([name, material]) => {
    const short = bareName(name);
    return short ? [[short, material] as const] : [];
  }),
);

/** True where a name without such words is that of something forbidden: `pure tansy oil`. */
export const isForbiddenBare = (name: string): boolean => byBareName.has(bareName(name));

/** Genus and species of the botanical names in a text. */
export const speciesIn = (botanical: string): string[] =>
  [...botanical.matchAll(/\b([A-Z][a-z]+) (?:x )?([a-z]{3,})\b/g)].map(([, genus, species]) =>
    `${genus} ${species}`.toLowerCase(),
  );

/**
 * The forbidden material of exactly this name, or none: never by a part of a name, since garlic,
 * mustard or an apricot kernel are also harmless things.
 */
export const forbiddenNamed = (name: string): ForbiddenMaterial | undefined =>
  byName.get(plainName(name));

/**
 * The forbidden material that an oil of the maker's own is by its name or plant, or none. Words
 * such as “essential oil” count for nothing.
 *
 * @param allowed plants of which oils are in the library: by their species alone they are harmless
 */
export const forbiddenBehind = (
  { name, botanical }: { readonly name: string; readonly botanical?: string | undefined },
  allowed: (species: string) => boolean,
): ForbiddenMaterial | undefined => {
  const named = forbiddenNamed(name) ?? byBareName.get(bareName(name));
  if (named) return named;
  const species = speciesIn(`${botanical ?? ''}; ${name}`).filter((text) => !allowed(text));
  return forbiddenMaterials.find((material) =>
    speciesIn(material.botanical).some((text) => species.includes(text)),
  );
};
