/** Words that would make a cosmetic a medicine, or promise what no one has shown. */
interface Claim {
  /** In its usual forms. */
  readonly pattern: RegExp;
  /** What may be said in its place; null where nothing may. */
  readonly instead: string | null;
  /** Of the environment: it needs proof. Any other is of health, and makes it a medicine. */
  readonly about?: 'environment';
}

const claims: readonly Claim[] = [
  {
    pattern:
      /\b(?:relie(?:ves?|ving|f)|eases?|soothes?)\b[^.]{0,20}\b(?:pain|ache|aches|migraines?|headaches?)\b/,
    instead: 'for a warming rub after exercise',
  },
  { pattern: /\bpain ?killers?\b|\bpain relief\b/, instead: 'for a warming rub after exercise' },
  { pattern: /\binsomnia\b/, instead: 'a soft scent for the end of the day' },
  { pattern: /\b(?:eczema|psoriasis|dermatitis)\b/, instead: 'a rich balm for dry skin' },
  {
    pattern: /\b(?:repairs?|heals?|fades?|removes?)\b[^.]{0,15}\bscars?\b/,
    instead: 'helps skin look smooth',
  },
  {
    pattern: /\bclears?\b[^.]{0,15}\b(?:sinus(?:es)?|chest|nose)\b|\bsinusitis\b|\bdecongestant\b/,
    instead: 'a fresh, camphor-like scent',
  },
  {
    pattern: /\banxiety\b|\bdepression\b|\bpanic attacks?\b/,
    instead: 'a calming scent; a moment of calm',
  },
  {
    pattern: /\bwrinkles?\b|\banti-?ag(?:e)?ing\b/,
    instead: 'helps reduce the look of fine lines',
  },
  {
    pattern:
      /\banti-?(?:bacterial|viral|fungal|septic|microbial)\b|\bdisinfects?\b|\bkills? (?:germs|bacteria|viruses)\b/,
    instead: 'fresh-smelling',
  },
  { pattern: /\b(?:head )?lice\b|\bscabies\b/, instead: null },
  {
    pattern: /\b(?:cures?|curing|heals?|healing|remed(?:y|ies)|treats|treatment of)\b/,
    instead: 'what it is and how it feels or smells',
  },
  {
    pattern: /\banti-?inflammatory\b|\barthritis\b|\brheumati(?:c|sm)\b|\basthma\b|\bmigraines?\b/,
    instead: 'what it is and how it feels or smells',
  },
  {
    pattern:
      /\bboosts?\b[^.]{0,12}\bimmun\w*|\bhormones?\b|\bmenopaus\w*|\bdetox\w*|\bblood pressure\b|\bnausea\b/,
    instead: null,
  },
  {
    pattern:
      /\btherapeutic grade\b|\bclinically proven\b|\bdoctor recommended\b|\bsafe in pregnancy\b|\bhypo-?allergenic\b|\bchemical[- ]free\b|\bnon-?toxic\b/,
    instead: null,
  },
  {
    // Without proof of the kind that the directive of 2024 asks for.
    pattern:
      /\beco[- ]?friendly\b|\benvironmentally friendly\b|\bplanet[- ]friendly\b|\b(?:climate|carbon)[- ](?:neutral|positive)\b|\bbiodegradable\b|\bsustainable\b/,
    instead: null,
    about: 'environment',
  },
];

/** A claim that was found in a text. */
export interface FoundClaim {
  /** As it is in the text. */
  readonly words: string;
  readonly instead: string | null;
  readonly about: 'health' | 'environment';
}

/** Claims in a name, a purpose or directions; what a claim holds of another is reported once. */
export const claimsIn = (text: string): readonly FoundClaim[] => {
  const plain = text.toLowerCase().slice(0, 5000);
  const taken: [number, number][] = [];
  return claims.flatMap(({ pattern, instead, about }): FoundClaim[] =>
    [...plain.matchAll(new RegExp(pattern, 'g'))].flatMap((match) => {
      const [from, to] = [match.index, match.index + match[0].length];
      if (taken.some(([a, b]) => from < b && a < to)) return [];
      taken.push([from, to]);
      return [{ words: text.slice(from, to), instead, about: about ?? 'health' }];
    }),
  );
};
