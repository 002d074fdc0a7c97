import { plainName } from '../catalog';
import type { PlaceWord } from './finding';

/** Words in a name or a purpose that ask whether the place is right. */
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
    'swallow',
    'drink',
    'ingest',
    'capsule',
    'capsules',
    'mouthwash',
    'gargle',
  ],
  wound: ['wound', 'wounds', 'open cut', 'open cuts', 'stitches', 'burns'],
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
};

/** The first word in a text that asks whether the place is right; null without one. */
export const placeWordIn = (
  text: string,
): { readonly word: string; readonly about: PlaceWord } | null => {
  const plain = ` ${plainName(text)} `;
  for (const [about, list] of Object.entries(words) as [PlaceWord, readonly string[]][]) {
    const word = list.find((entry) => plain.includes(` ${entry} `));
    if (word !== undefined) return { word, about };
  }
  return null;
};
