import type { PlaceId } from '../../catalog';
import { plainLetters, spoonCountryNamed, type SpoonCountry } from '../../quantity';
import type { ReadRecipe } from './draft';

/** What a recipe says of its use; what it does not say is null. */
export interface SaidUse {
  readonly place: PlaceId | null;
  /** The words that name the place. */
  readonly placeText: string;
  /** Other places that the same words name: `wrists, temples and neck`. */
  readonly alsoOn: readonly PlaceId[];
  readonly nightOnly: boolean;
  readonly isRinsedOff: boolean;
  /** `Every night`, `twice a day`. */
  readonly timesPerDay: number | null;
  /** Whose spoons and cups: `US cups`. */
  readonly country: SpoonCountry | null;
}

/** Where a blend goes, by the words that say so: the first that is found counts. */
const places: readonly (readonly [PlaceId, RegExp])[] = [
  ['nappy', /\b(?:nappy|nappies|diapers?)\b/],
  ['nipple', /\bnipples?\b/],
  ['lips', /\blips?\b/],
  ['underarm', /\bunder ?arms?\b|\barmpits?\b|\bdeodorants?\b/],
  ['beard', /\b(?:beards?|moustaches?|mustaches?)\b/],
  ['bath', /\bbath(?: ?tub)? ?(?:salts?|oil|milk|soak|bombs?|melts?|blend)?\b|\btub of water\b/],
  [
    'wash-off',
    /\b(?:body|shower|hand|face|facial) ?(?:wash|gel|soap|cleanser)\b|\bshower gel\b|\b(?:body|sugar|salt|coffee) scrub\b|\bcleansing (?:oil|balm)\b/,
  ],
  ['scalp-or-hair', /\b(?:scalp|hair)\b/],
  [
    'chest-or-back-rub',
    /\b(?:chest|back) rub\b|\b(?:on|onto|into|over|to) (?:the |your )?(?:chest|back)\b|\bchest (?:balm|salve)\b/,
  ],
  ['face', /\b(?:face|facial|eye ?lids?|cheeks?|forehead|temples|t-zone)\b/],
  [
    'hands-or-feet',
    /\b(?:hands?|feet|foot|heels?|cuticles?|nails?)\b(?! ?-?(?:made|mixer|blender|full))/,
  ],
  ['pulse-points', /\b(?:wrists?|pulse ?points?|behind (?:the|your) ears?)\b/],
  ['perfume-small-area', /\b(?:perfume|cologne)\b/],
  ['body-massage', /\bmassage\b/],
];

const rinsed =
  /\b(?:rins|wash)(?:e|es|ed|ing)?(?: it| well| thoroughly)? (?:off|away|out)\b|\brinse well\b/;

const times: readonly (readonly [RegExp, number])[] = [
  [
    /\b(?:twice|two times|2 ?x|2 times) (?:a day|daily|per day|each day)\b|\bmorning and (?:night|evening)\b/,
    2,
  ],
  [/\b(?:three times|3 ?x|3 times) (?:a day|daily|per day|each day)\b/, 3],
  [/\b(?:four times|4 ?x|4 times) (?:a day|daily|per day|each day)\b/, 4],
  [
    /\b(?:once (?:a day|daily)|nightly|every (?:night|evening|morning)|at (?:night|bedtime)|before bed(?:time)?)\b/,
    1,
  ],
];

const night = /\b(?:only at (?:night|bedtime)|at night only|only (?:in the evening|before bed))\b/;

/** A place is told by what is done, or by what the blend is called. */
const tells =
  /\b(?:apply|applied|massage|rub|smooth|spray|dab|roll|use|for (?:the |your |dry |cracked |tired )?)/;

/** Lines that say nothing of where it goes: `on the back burner`, `in a water bath`. */
const otherwise =
  /\bback burner\b|\b(?:water|hot|ice) bath\b|\bdouble boiler\b|\b(?:on|at) hand\b|\bwash (?:your )?hands?\b|\bby hand\b|\bface (?:up|down)\b|\bgoes? back\b|\b(?:between|in) (?:your |the |both )?(?:hands?|palms?|fingers?|fingertips?)\b/g;

const placeIn = (
  text: string,
): { readonly place: PlaceId; readonly text: string; readonly alsoOn: PlaceId[] } | null => {
  const found = places.flatMap(([place, pattern]) => {
    const match = pattern.exec(text);
    return match ? [{ place, text: match[0].trim() }] : [];
  });
  const [first, ...others] = found;
  if (!first) return null;
  // Parts of the body beside each other are several places; a choice of them is one.
  const isOnSkin = isPart.has(first.place) && !isChoice.test(text);
  const alsoOn = isOnSkin ? others.map(({ place }) => place).filter((id) => isPart.has(id)) : [];
  return {
    ...first,
    text: alsoOn.length > 0 ? found.map((one) => one.text).join(', ') : first.text,
    alsoOn,
  };
};

/** Places that are parts of the body, and are named beside one another. */
const isPart: ReadonlySet<PlaceId> = new Set<PlaceId>([
  'underarm',
  'beard',
  'scalp-or-hair',
  'chest-or-back-rub',
  'face',
  'hands-or-feet',
  'pulse-points',
]);

/** `Wrists or temples` is a choice, and `avoid the face` is none of its places. */
const isChoice = /\bor\b|\bavoid(?:ing)?\b|\bnot (?:on|near)\b|\bkeep (?:away|off)\b/;

/** What the words of a recipe say of where it goes, whether it is rinsed off, how often, whose spoons. */
export const saidUse = ({ title, lines }: Pick<ReadRecipe, 'title' | 'lines'>): SaidUse => {
  const texts = lines
    .filter(({ role }) => role !== 'ingredient' && role !== 'title')
    .map(({ text }) => plainLetters(text).replace(otherwise, ' '));
  const named = [
    plainLetters(title).replace(otherwise, ' '),
    ...texts.filter((text) => tells.test(text)),
  ];
  const found = named.map(placeIn).find((one) => one !== null);
  const isRinsedOff = texts.some((text) => rinsed.test(text));
  return {
    place: found?.place ?? null,
    placeText: found?.text ?? '',
    alsoOn: found?.alsoOn ?? [],
    nightOnly: texts.some((text) => night.test(text)),
    isRinsedOff,
    timesPerDay: times.find(([pattern]) => texts.some((text) => pattern.test(text)))?.[1] ?? null,
    country: lines.map(({ text }) => spoonCountryNamed(text)).find((one) => one !== null) ?? null,
  };
};
