import { amountsOf, ratioIn, writtenAmount, type FoundAmount, type ReadUnit } from './amounts';
import { entriesOf } from './entries';
import { overlaps, plainLetters, type Span } from '../../quantity';
import { materialsIn, type FoundMaterial } from './materials';
import { isForThePan, isOfNoIngredient } from './otherMeasures';
import {
  ingredientOf,
  said,
  trimmed,
  unknownName,
  unknownOf,
  withMore,
  type ReadIngredient,
} from './readIngredient';
import type { MaterialFinder } from '../../catalog';
import {
  bareAmounts,
  filling,
  fillWords,
  inProportion,
  isLeftOut,
  lastAsides,
  nearestMaterial,
  paired,
  shared,
  wholeOf,
  withAlternatives,
  withAsides,
} from './pairing';

/** What one line came to. */
export interface ReadLine {
  readonly ingredients: readonly ReadIngredient[];
  /** Drops that the line says are the sum. */
  readonly total: number | null;
  /** Amounts of nothing that was understood, with the words around them. */
  readonly unread: readonly string[];
}

/** `q.s. 5 ml`: filled up to so much. */
const isFilledTo = /\bq\.? ?s\.?(?: to| ad)? ?$/;

/** What is between an ingredient and one that may be taken in place of it. */
const isInPlace = /(?:^|[ (,;/])or(?: else| use| try| about)? ?$/;

/** To a thousandth: a third of an ounce. */
const rounded = (value: number): number => Math.round(1000 * value) / 1000;

/** In what a line is. */
interface LineContext {
  /** In a list of ingredients: a name without an amount counts, and may be misspelt. */
  readonly isListed: boolean;
  /** Where containers and strengths are: their figures are no amounts. */
  readonly taken: readonly Span[];
  /** What a number without a unit counts, as the heading above says; null where it says nothing. */
  readonly bareUnit: ReadUnit | null;
}

/** The ingredients of one line. */
export const readLine = (
  line: string,
  finder: MaterialFinder,
  { isListed, taken, bareUnit }: LineContext,
): ReadLine => {
  const plain = plainLetters(line);
  const entries = entriesOf(plain);
  const free = (span: Span): boolean => !taken.some((one) => overlaps(one, span));
  const all = amountsOf(line).filter((foundAmount) => foundAmount.isShare || free(foundAmount));
  const isBehind = (amount: Span, material: Span): boolean =>
    material.from >= amount.to &&
    /^ ?(?:of )?(?:[a-z]+ )?$/.test(plain.slice(amount.to, material.from));
  const forThePan = all.filter((foundAmount) => isForThePan(plain, foundAmount));
  // What is named with an amount is never passed over: `batch: 20 drops neroli`.
  const inLine = materialsIn(line, finder, false);
  const ofNothing = new Set([
    ...forThePan,
    ...all.filter(
      (foundAmount) =>
        isOfNoIngredient(plain, foundAmount) &&
        !inLine.some((material) => isBehind(foundAmount, material)),
    ),
  ]);
  const totals = all.filter(({ isTotal, amount }) => isTotal && amount.unit === 'drops');
  const named = all.filter(
    (foundAmount) =>
      !foundAmount.isTotal &&
      !ofNothing.has(foundAmount) &&
      !isFilledTo.test(plain.slice(0, foundAmount.from)),
  );
  const asides = lastAsides(named, plain);
  const written = named.filter((foundAmount) => !asides.has(foundAmount));
  // What is an amount is no part of a name.
  const rest = Array.from({ length: line.length }, (_, n) =>
    named.some(({ from, to }) => n >= from && n < to) ? '|' : line.charAt(n),
  ).join('');
  const found = materialsIn(rest, finder, isListed || named.length > 0).filter(
    (foundMaterial) =>
      (free(foundMaterial) || named.length > 0) &&
      // The water of `2 cups of water in a pan` is none of it either.
      !forThePan.some((foundAmount) => isBehind(foundAmount, foundMaterial)),
  );
  const isProportion = ratioIn(line) !== null;
  const materials = withAlternatives(plain, withAsides(plain, found), finder).filter(
    ({ isCommonWord, text: word }) =>
      !isCommonWord ||
      (word.toLowerCase() !== 'balm' &&
        (isListed || written.length > 0 || isProportion || fillWords.test(plain))) ||
      /oil|eo/i.test(word),
  );
  // `Frankincense (3), lavender (2) in a 5 ml roller`: bare numbers of several oils are drops.
  const isCounted =
    (taken.length > 0 || written.length > 0) &&
    materials.filter(({ kind }) => kind === 'oil').length > 1;
  const unit =
    bareUnit ??
    (isListed || named.some((foundAmount) => foundAmount.amount.unit === 'drops') || isCounted
      ? 'drops'
      : null);
  const guessed =
    unit === null
      ? []
      : bareAmounts(
          plain,
          materials.filter(({ kind }) => bareUnit !== null || kind === 'oil'),
          [...all, ...taken],
          unit,
        );
  const [firstTotal] = totals;
  const total = firstTotal?.amount.value ?? null;
  const spans: Span[] = [...taken, ...all, ...materials];
  const proportion = inProportion(line, entries, materials, written);
  const whole = wholeOf(line, proportion, written);
  const inParts = [...proportion.values()].reduce((sum, { value }) => sum + value, 0);
  const amounts = [...written, ...guessed]
    .filter((foundAmount) => foundAmount !== whole)
    .sort((x, y) => x.from - y.from);
  const others = materials.filter((foundMaterial) => !proportion.has(foundMaterial));
  const pairs = shared(entries, amounts, others) ?? paired(entries, { amounts, materials: others });
  const fills = filling(plain, materials, pairs);
  const asideOf = new Map(
    [...asides].map((aside) => [nearestMaterial(entries, aside, materials), aside] as const),
  );
  const isGuessed = new Set(guessed);
  const withExtra = (material: FoundMaterial, found: FoundAmount | undefined) =>
    found && withMore(found, plain.slice(Math.max(material.to, found.to)));
  let before = 0;
  const ingredients = materials.flatMap((material): ReadIngredient[] => {
    const parts = proportion.get(material);
    if (parts) {
      const amount = whole
        ? writtenAmount(whole.amount.unit, rounded((whole.amount.value * parts.value) / inParts))
        : parts;
      return [{ ...ingredientOf(line, material, whole ?? undefined, undefined, false), amount }];
    }
    const amount = withExtra(material, pairs.get(material));
    if (!amount && isLeftOut(plain, material)) return [];
    const secondAmount = asideOf.get(material);
    const all = [material, amount, secondAmount].flatMap((item) => (item ? [item] : []));
    const between = plain.slice(before, Math.min(...all.map(({ from }) => from)));
    const isAlternative = before > 0 && isInPlace.test(between);
    before = Math.max(...all.map(({ to }) => to));
    if (!amount && secondAmount) {
      return [{ ...ingredientOf(line, material, secondAmount, undefined, false), isAlternative }];
    }
    const isGuess = amount !== undefined && bareUnit === null && isGuessed.has(amount);
    if (!amount && !isListed && !fills && amounts.length + proportion.size === 0) return [];
    const item = {
      ...ingredientOf(line, material, amount, secondAmount, material === fills),
      isAlternative,
    };
    return [
      isGuess ? { ...item, isUnitGuessed: true, confidence: Math.min(0.6, item.confidence) } : item,
    ];
  });
  const used = new Set(pairs.values());
  const left = amounts.filter((foundAmount) => !used.has(foundAmount));
  const isOfSomethingElse = (foundAmount: FoundAmount): boolean => {
    const entry = entries.of(foundAmount);
    const others = [...materials, ...amounts.filter((other) => other !== foundAmount)];
    return materials.length > 0 && !others.some((other) => overlaps(other, entry));
  };
  // `1 tsp zinc oxide`: an entry with an amount, of something that no one here knows.
  const unknown = left.flatMap((foundAmount): ReadIngredient[] =>
    isOfSomethingElse(foundAmount) &&
    /[a-z]{3}/.test(entries.besides(foundAmount)) &&
    foundAmount.amount.unit !== 'percent'
      ? [unknownOf(trimmed(line, entries.of(foundAmount)), foundAmount, line)]
      : [],
  );
  // A share of something unsaid (`100 % natural`) is no amount of a material.
  const unread = left
    .filter(({ amount }) => amount.unit !== 'percent')
    .filter((foundAmount) => !unknown.some(({ text }) => text.includes(said(line, foundAmount))))
    .map((foundAmount) => trimmed(line, entries.of(foundAmount)));
  // The whole line says more of a single ingredient: `(by weight)`, `grated`.
  const [single, ...several] = [...ingredients, ...unknown];
  if (single && several.length === 0 && (isListed || line.length <= 60)) {
    return { ingredients: [{ ...single, text: line.trim() }], total, unread };
  }
  const name = unknownName(line, spans);
  // An amount of something that no one here knows is an ingredient still.
  const [lone] = left;
  if (
    isListed &&
    materials.length === 0 &&
    (lone ?? amounts.length === 0) &&
    /\p{L}{3}/u.test(name)
  ) {
    return { ingredients: [unknownOf(line.trim(), lone, line)], total, unread: [] };
  }
  return { ingredients: [...ingredients, ...unknown], total, unread };
};
