import type { Span } from '../../quantity';

// Amounts that are of no ingredient: how much is used, what a container holds, rules of thumb.

/** `apply 2 drops`, `massage about 5 ml`: what is used of what was made. */
const useBefore =
  /(?:^|[.;:!?(,]|\band\b|\bthen\b|\bto\b|\bjust\b) *(?:(?:you|we|i|simply|gently|only|just|to|always|please) ){0,2}(?:apply|applying|use|using|massage|rub|dab|smooth|spread|roll|spritz|spray|swipe|inhale|sniff|pat|press|warm|take|need|put|work|pour|add|drop|place) (?:(?:a|the|about|only|just|up|to|around|no|more|than|some|another|in|on) ){0,4}$/;
const alwaysUse =
  /\b(?:apply|applying|massage|rub|dab|smooth|spread|spritz|swipe|inhale|sniff|pat) (?:[a-z]+ ){0,4}$/;
/** Of it, or onto somebody: nothing that is named. */
const useAfter =
  /^ ?(?:of (?:it|this|that|the (?:oil|blend|mix|mixture|serum|balm|product|finished \w+)|your (?:blend|oil|mix|serum))\b|to (?:the|your|each|a|clean|dry|damp|wrists?|pulse|skin)\b|on(?:to)? |in(?:to)? (?:your|the|a|each) (?:palms?|hands?|bath|tub|diffuser|warm|running)\b|per\b|at (?:a time|bedtime|night)|as needed|daily|twice|once|every|each (?:day|night|time|morning)|a day|behind|over|between|before|after|when)/;
const nothingAfter = /^ ?(?:[.,;:!?)]|$)/;
/** `20 drops per ml`, `1 drop for each 5 ml`, `20 drops = 1 ml`: a rule of thumb. */
const perAfter =
  /^ ?(?:of [a-z]+(?: [a-z]+)? )?(?:per|for every|for each|to each|to every)\b|^ ?(?:=|is|are|equals?|makes?) ?(?:about )?\d/;
const perBefore =
  /\b(?:per|for every|for each|to each|to every)(?: [a-z]+)? $|\d ?[a-z]+ (?:=|is|are|equals?|makes?) ?(?:about )?$/;
/** `makes 60 ml`, `a 10 ml size`. */
const holdsBefore =
  /\b(?:makes?|making|yields?|fills?|holds?|size|capacity|volume|enough for|serves?|batch(?: of)?|sold in)[: ]*(?:about |around |roughly |approx\S* |up to )?$/;
const holdsAfter = /^ ?(?:size|capacity|batch|in volume|in size|worth)\b/;
/** `no more than 2 drops of anything`: a bound, not an amount. */
const boundBefore =
  /\b(?:(?:no|never|not) more than|at (?:the )?most|maximum(?: of)?|max\.?|less than|more than|exceed(?:ing)?) $/;
/** Water that something stands in, and is warmed by. */
const panWater =
  /^ ?(?:of )?(?:boiling |hot |warm |simmering )?water (?:(?:in|into|to) (?:a|the) (?:pan|saucepan|pot|double boiler|bottom)|to (?:a|the)? ?(?:boil|simmer)|and (?:bring|simmer|boil))/;

/** True where an amount of a line is of no ingredient, as what is around it says, unless a name follows it. */
export const isOfNoIngredient = (plain: string, { from, to }: Span): boolean => {
  const before = plain.slice(0, from);
  const after = plain.slice(to);
  return (
    (alwaysUse.test(before) && !/^ ?of [a-z]/.test(after)) ||
    (useBefore.test(before) && (useAfter.test(after) || nothingAfter.test(after))) ||
    perAfter.test(after) ||
    perBefore.test(before) ||
    holdsBefore.test(before) ||
    holdsAfter.test(after) ||
    boundBefore.test(before)
  );
};

/** True of water that is only boiled under something: `2 cups of water in a pan`. */
export const isForThePan = (plain: string, { to }: Pick<Span, 'to'>): boolean =>
  panWater.test(plain.slice(to));

/** The sentence, or the part of one, in which something stands, up to where it begins. */
const clauseBefore = (plain: string, from: number): string =>
  /[^.;!?]*$/.exec(plain.slice(0, from))?.[0] ?? '';

/** Words by which something that is named is not, or perhaps not, in it. */
const notInIt =
  /\b(?:last time|used to|instead|swap(?:ped)?|replac\w+|substitut\w+|variations?|never|avoid|too much|burn\w*|react\w*|rash|not|don't|without)\b/;
const perhapsInIt =
  /\b(?:if you|you can|you could|you may|could|might|may|would|optional(?:ly)?|use[ds]?|using|diffus\w+|inhal\w+|for a (?:stronger|lighter|milder))\b/;

/** What a sentence says of something that it names: that it goes in, that it may, or that it does not. */
export const roleIn = (plain: string, { from, to }: Span): 'in' | 'perhaps' | 'not' => {
  const clause = clauseBefore(plain, from);
  const rest = /^[^.;!?]*/.exec(plain.slice(to))?.[0] ?? '';
  if (notInIt.test(clause) || /\b(?:instead|burn\w*|react\w*|too (?:much|strong))\b/.test(rest)) {
    return 'not';
  }
  return perhapsInIt.test(clause) ? 'perhaps' : 'in';
};
