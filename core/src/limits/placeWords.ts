import type { Wearer } from '../brief';
import { guidelines, plainName, type PlaceId } from '../catalog';
import type { PlaceWord } from './finding';

/** Words in a name or a purpose that ask whether the place, or the wearer, is right. */
const words: Readonly<Record<PlaceWord, readonly string[]>> = {
  mucosa: [
    'eye',
    'eyes',
    'eyelid',
    'eyelids',
    'earache',
    'ear drops',
    'nostril',
    'nostrils',
    'nasal',
  ],
  nipple: ['nipple', 'nipples'],
  intimate: [
    'vulva',
    'yoni',
    'labia',
    'lubricant',
    'lube',
    'pessary',
    'pessaries',
    'suppository',
    'suppositories',
    'thrush',
    'vulval',
    'vagina',
    'vaginal',
    'intimate',
    'genital',
    'genitals',
    'penis',
    'perineum',
    'perineal',
    'haemorrhoid',
    'haemorrhoids',
    'hemorrhoid',
    'hemorrhoids',
    'piles',
  ],
  nappy: ['nappy', 'nappies', 'diaper', 'diapers'],
  mouth: [
    'gum',
    'gums',
    'teething',
    'tooth',
    'toothache',
    'mouth',
    'swallow',
    'swallowed',
    'drink',
    'ingest',
    'capsule',
    'capsules',
    'mouthwash',
    'gargle',
  ],
  breathed: [
    'vape',
    'vapes',
    'vaping',
    'nebuliser',
    'nebulisers',
    'nebulizer',
    'nebulizers',
    'inhaler',
    'inhale',
  ],
  wound: [
    'wound',
    'wounds',
    'open cut',
    'open cuts',
    'stitches',
    'burns',
    'sunburn',
    'sunburnt',
    'sunburned',
    'tattoo',
    'tattoos',
  ],
  animal: [
    'cat',
    'cats',
    'kitten',
    'kittens',
    'dog',
    'dogs',
    'puppy',
    'puppies',
    'pet',
    'pets',
    'horse',
    'horses',
    'rabbit',
    'rabbits',
  ],
  child: [
    'baby',
    'babies',
    'newborn',
    'infant',
    'infants',
    'toddler',
    'toddlers',
    'child',
    'children',
    'childrens',
    'kid',
    'kids',
    'little one',
    'little ones',
  ],
  pregnancy: [
    'bump',
    'pregnancy',
    'pregnant',
    'expecting',
    'mum to be',
    'mom to be',
    'prenatal',
    'antenatal',
    'breastfeeding',
  ],
};

/** Words that ask whether the wearer is right: they say nothing where the wearer is what they say. */
const isAnswered: Partial<Record<PlaceWord, (wearer: Wearer) => boolean>> = {
  child: ({ ageMonths }) => ageMonths < guidelines.adult.fromMonths,
  pregnancy: ({ pregnant, breastfeeding, ageMonths }) =>
    pregnant || breastfeeding || ageMonths < guidelines.adult.fromMonths,
};

/** The words in a text that ask whether place and wearer are right, one of each kind. */
export const placeWordsIn = (
  text: string,
  wearer: Wearer | null,
): readonly { readonly word: string; readonly about: PlaceWord }[] => {
  const plain = ` ${plainName(text)} `;
  return (Object.entries(words) as [PlaceWord, readonly string[]][]).flatMap(([about, list]) => {
    const word = list.find((entry) => plain.includes(` ${entry} `));
    const answered = wearer !== null && (isAnswered[about]?.(wearer) ?? false);
    return word === undefined || answered ? [] : [{ word, about }];
  });
};

const soaked = /\b(?:foot|feet|hand|hands|sitz|hip) ?(?:bath|soak)s?\b/;

/** True for a bath; a foot bath by its name is one, whatever place it is said to be for. */
export const isBath = (place: PlaceId, named: string): boolean =>
  place === 'bath' || soaked.test(plainName(named));
