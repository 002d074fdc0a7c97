import type { Wearer } from '../brief';
import { guidelines, medicines, plainName, type PlaceId } from '../catalog';

const vocabulary = new Map(guidelines.conditions.map((entry) => [plainName(entry.id), entry]));

/** What a medicine counts as, by its plain name; some count as two things. */
const byMedicine = new Map<string, string[]>();
for (const [condition, names] of Object.entries(medicines.medicines)) {
  for (const name of names) {
    const plain = plainName(name);
    byMedicine.set(plain, [...(byMedicine.get(plain) ?? []), condition]);
  }
}

/** A dose after a name says nothing of what it is: `warfarin 3 mg daily`. */
const withoutDose = (plain: string): string =>
  plain
    .replace(/\b\d+ ?(mg|mcg|g|ml|iu)?\b/g, ' ')
    .replace(/\b(daily|twice|once|a day|tablets?|capsules?|every|day|night|morning)\b/g, ' ')
    .replace(/ +/g, ' ')
    .trim();

/** Conditions of the vocabulary that someone's words are for; none where no rule reads them. */
export const conditionsRead = (words: string): readonly string[] => {
  const plain = plainName(words);
  const own = vocabulary.get(plain);
  if (own) return [own.id];
  const exact = byMedicine.get(plain) ?? byMedicine.get(withoutDose(plain));
  if (exact) return exact;
  // “Takes warfarin”: the medicine may be among other words.
  const among = [...byMedicine].filter(
    ([name]) => name.length > 3 && ` ${plain} `.includes(` ${name} `),
  );
  return [...new Set(among.flatMap(([, conditions]) => conditions))];
};

/** A condition of the vocabulary by its id. */
export const conditionOf = (id: string) => vocabulary.get(plainName(id));

/** Skin that is sensitive or damaged, all over or at the place, counts as a condition. */
export const damagedSkin = 'hypersensitive or damaged skin';

/** Eczema that is over, or dry and calm, leaves sensitive skin. */
const calmEczema: readonly string[] = ['eczema, in the past', 'eczema, dry'];

/** Allergies that are conditions by another name. */
const salicylates = /^(aspirin|salicylates?|acetylsalicylic acid)$/;

/** Everything of a wearer that rules on conditions read, by the ids of the vocabulary. */
export const conditionsOf = (
  { conditions, allergies, skin }: Pick<Wearer, 'conditions' | 'allergies' | 'skin'>,
  place?: PlaceId,
): ReadonlySet<string> => {
  const read = new Set(conditions.flatMap(conditionsRead));
  if (allergies.some((allergy) => salicylates.test(plainName(allergy))))
    read.add('aspirin sensitivity');
  if (
    skin !== 'normal' ||
    place === 'broken-or-inflamed-skin' ||
    calmEczema.some((text) => read.has(text))
  ) {
    read.add(damagedSkin);
  }
  return read;
};

/** Someone who is trying counts as in the first weeks; where no trimester is given, it is the first. */
export const pregnancyOf = (
  wearer: Wearer,
): { readonly pregnant: boolean; readonly isFirstTrimester: boolean } => {
  const trying = conditionsOf(wearer).has('trying to conceive');
  return {
    pregnant: wearer.pregnant || trying,
    isFirstTrimester: !wearer.pregnant || (wearer.trimester ?? 1) === 1,
  };
};

/** True where an allergy is a condition by another name. */
export const isConditionAllergy = (allergy: string): boolean =>
  salicylates.test(plainName(allergy));
