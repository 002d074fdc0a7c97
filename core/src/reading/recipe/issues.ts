import { guidelines, type Base, type Catalog } from '../../catalog';
import { isPossibleDrop } from '../../quantity';
import { usualDropsPerMl } from '../../recipe';
import type { ReadUnit } from './amounts';
import { estimateOf, goesIn, isOilIngredient, pours, restIn, isByWeight } from './estimate';
import { plainLetters } from '../../quantity';
import type { ReadIngredient } from './ingredients';
import { mostRead, type Limit, type Mention, type ReadRecipe } from './reader';

/** What does not add up in a recipe, as facts. */
export type ReadIssue =
  /** The sum that it names is not the sum of what it lists. */
  | { readonly code: 'drops-differ'; readonly stated: number; readonly listed: number }
  | { readonly code: 'no-amount'; readonly ingredient: string }
  | { readonly code: 'no-carrier' }
  | { readonly code: 'does-not-fit'; readonly ml: number; readonly containerMl: number }
  /** Some by weight, some by volume. */
  | {
      readonly code: 'mass-and-volume';
      readonly byWeight: readonly string[];
      readonly byVolume: readonly string[];
    }
  | {
      readonly code: 'strength-differs';
      readonly stated: number;
      readonly upTo: number | null;
      readonly actual: number;
      /** Drops to the ml at which it would be true; null where no drop is so small or so large. */
      readonly trueAt: number | null;
    }
  | { readonly code: 'percent-sum'; readonly sum: number }
  /** An oil that a step names, and the list does not. */
  | {
      readonly code: 'oil-not-listed';
      readonly text: string;
      readonly ids: readonly string[];
      /** Number of the step, from 0. */
      readonly step: number;
    }
  /** Something that a step needs, and the list does not have. */
  | { readonly code: 'step-needs'; readonly what: string; readonly ids: readonly string[] }
  | { readonly code: 'never-on-skin'; readonly ingredient: string; readonly materialId: string }
  /** As strong as some communities use oils: past what is worn day by day, or dabbed on as perfume. */
  | {
      readonly code: 'strong-habit';
      readonly percent: number;
      readonly most: number;
      readonly isPerfume: boolean;
    }
  | {
      readonly code: 'which-material';
      readonly ingredient: string;
      readonly ids: readonly string[];
    }
  /** An ounce of a liquid: of weight, or of volume? */
  | { readonly code: 'which-ounce'; readonly ingredient: string }
  | { readonly code: 'unknown-ingredient'; readonly ingredient: string }
  /** So many were read, and what follows was not. */
  | { readonly code: 'limit-met'; readonly of: Limit; readonly most: number }
  /** Its number can be read two ways: `1,000 ml`. */
  | {
      readonly code: 'which-amount';
      readonly ingredient: string;
      readonly readings: readonly string[];
    }
  /** Said of children, a baby or a pregnancy: the wearer is to be chosen before it is checked. */
  | { readonly code: 'says-for'; readonly whom: string }
  /** A base in a range of what is not counted: the end that makes it stronger is taken. */
  | { readonly code: 'range-taken'; readonly ingredient: string }
  | { readonly code: 'misspelt'; readonly ingredient: string; readonly ids: readonly string[] }
  /** A number without a unit was taken as drops. */
  | { readonly code: 'unit-guessed'; readonly ingredient: string };

const byWeight: readonly ReadUnit[] = ['g', 'lb'];
const byVolume: readonly ReadUnit[] = ['ml', 'tbsp', 'tsp', 'cup', 'fl oz'];

const mostOn = (place: string): number =>
  guidelines.place.find(({ id }) => id === place)?.maximum ?? 0;

/** Most of what is worn day by day, in percent, and most of a dab of perfume. */
const mostDaily = mostOn('pulse-points');
const mostOfPerfume = mostOn('perfume-small-area');
/** A stated strength may be so far off before it is reported, in percent of it, and in percent. */
const tolerated = { share: 0.2, points: 0.25 };

const basesOf = (catalog: Catalog, { candidates }: ReadIngredient): readonly Base[] =>
  candidates.flatMap((id) => catalog.base(id) ?? []);

const isSolid = (catalog: Catalog, readIngredient: ReadIngredient): boolean =>
  basesOf(catalog, readIngredient).some((base) => !pours(base));

/** A little of what keeps oils fresh is spooned into a recipe that is weighed, and no one minds. */
const isAdditive = (catalog: Catalog, readIngredient: ReadIngredient): boolean =>
  basesOf(catalog, readIngredient).some(
    ({ kind }) => kind === 'antioxidant' || kind === 'preservative',
  );

const dropsIssues = (recipe: ReadRecipe): ReadIssue[] => {
  const { totalDrops } = recipe;
  const drops = goesIn(recipe).filter(({ amount }) => amount?.unit === 'drops');
  const low = drops.reduce((sum, { amount }) => sum + (amount?.low ?? amount?.value ?? 0), 0);
  const high = drops.reduce((sum, { amount }) => sum + (amount?.high ?? amount?.value ?? 0), 0);
  if (totalDrops === null || drops.length === 0 || (totalDrops >= low && totalDrops <= high))
    return [];
  return [
    { code: 'drops-differ', stated: totalDrops, listed: low === high ? low : (low + high) / 2 },
  ];
};

const amountIssues = (recipe: ReadRecipe): ReadIssue[] => {
  const { totalDrops } = recipe;
  const ingredients = goesIn(recipe);
  const bases = ingredients.filter(
    (ingredient) => !isOilIngredient(ingredient) && ingredient.candidates.length > 0,
  );
  const rest = restIn(recipe);
  return [
    ...ingredients
      .filter(
        (ingredient) =>
          ingredient.amount === null &&
          ingredient.amountReadings.length === 0 &&
          ingredient !== rest,
      )
      .map(({ text }): ReadIssue => ({ code: 'no-amount', ingredient: text })),
    ...(bases.length === 0 &&
    !ingredients.some((ingredient) => !isOilIngredient(ingredient)) &&
    !ingredients.every(({ amount }) => amount?.unit === 'percent' || amount?.unit === 'parts') &&
    (ingredients.length > 0 || totalDrops !== null)
      ? [{ code: 'no-carrier' } as const]
      : []),
  ];
};

const measureIssues = (recipe: ReadRecipe, catalog: Catalog): ReadIssue[] => {
  const bases = goesIn(recipe).filter(
    (readIngredient) => !isOilIngredient(readIngredient) && readIngredient.amount,
  );
  const isWeighed = (readIngredient: ReadIngredient): boolean =>
    readIngredient.amount !== null &&
    (byWeight.includes(readIngredient.amount.unit) ||
      (readIngredient.amount.unit === 'oz' && isSolid(catalog, readIngredient)));
  const weighed = bases.filter(isWeighed);
  // What is solid is weighed and what pours is measured: that is how it is done.
  const isOneKindBothWays =
    weighed.some((base) => !isSolid(catalog, base)) ||
    bases.some((base) => isSolid(catalog, base) && !isWeighed(base));
  const poured = bases.filter(
    (base) =>
      isOneKindBothWays &&
      base.amount !== null &&
      byVolume.includes(base.amount.unit) &&
      base.secondAmount === null &&
      !isAdditive(catalog, base),
  );
  return [
    ...(weighed.length > 0 && poured.length > 0
      ? [
          {
            code: 'mass-and-volume' as const,
            byWeight: weighed.map(({ text }) => text),
            byVolume: poured.map(({ text }) => text),
          },
        ]
      : []),
    ...bases
      .filter((base) => base.amount?.unit === 'oz' && !isSolid(catalog, base) && !isByWeight(base))
      .map(({ text }): ReadIssue => ({ code: 'which-ounce', ingredient: text })),
  ];
};

const strengthIssues = (
  recipe: ReadRecipe,
  catalog: Catalog,
  known: number | undefined,
): ReadIssue[] => {
  const estimate = estimateOf(recipe, catalog);
  const issues: ReadIssue[] = [];
  const { basesMl, containerMl: filled } = estimate;
  const total = (basesMl ?? 0) + estimate.oilMl(usualDropsPerMl);
  // A bottle holds a little more than it is sold as; what is past that runs over.
  if (filled !== null && basesMl !== null && total > filled * 1.12) {
    issues.push({ code: 'does-not-fit', ml: total, containerMl: filled });
  }
  const actual = known ?? estimate.percent(usualDropsPerMl);
  const { target } = recipe;
  if (actual !== null && target !== null) {
    const upTo = target.upTo ?? null;
    const slack = Math.max(tolerated.points, tolerated.share * target.percent);
    if (actual < target.percent - slack || actual > (upTo ?? target.percent) + slack) {
      const trueAt = Math.round((usualDropsPerMl * actual) / target.percent);
      issues.push({
        code: 'strength-differs',
        stated: target.percent,
        upTo,
        actual,
        trueAt: trueAt > 0 && isPossibleDrop({ likely: 1 / trueAt }) ? trueAt : null,
      });
    }
  }
  const isPerfume = /perfume|parfum|cologne|scent stick|fragrance/i.test(
    [recipe.title, ...recipe.steps].join(' '),
  );
  const most = isPerfume ? mostOfPerfume : mostDaily;
  if (actual !== null && actual > most)
    issues.push({ code: 'strong-habit', percent: actual, most, isPerfume });
  return issues;
};

const percentIssues = (recipe: ReadRecipe): ReadIssue[] => {
  const ingredients = goesIn(recipe);
  const percents = ingredients.filter(({ amount }) => amount?.unit === 'percent');
  const sum = percents.reduce((total, { amount }) => total + (amount?.value ?? 0), 0);
  const isAll = percents.length > 1 && percents.length === ingredients.length;
  return (isAll && Math.abs(sum - 100) > 0.5) || sum > 100.5
    ? [{ code: 'percent-sum', sum: Math.round(100 * sum) / 100 }]
    : [];
};

/** What a step may ask for by its kind alone. */
const needs: readonly (readonly [RegExp, string, readonly string[]])[] = [
  [/\b(?:wax|beeswax)\b/, 'a wax', ['wax']],
  [/\bemulsif(?:ier|ying wax)\b/, 'an emulsifier', ['emulsifier']],
  [/\bpreservative\b/, 'a preservative', ['preservative']],
  [/\bwhip\b/, 'a butter', ['butter', 'wax']],
  [/\bbutters?\b/, 'a butter', ['butter']],
  [/\b(?:essential oils|eos)\b/, 'essential oils', ['essential']],
  [/\b(?:carrier oils?|base oil)\b/, 'a carrier oil', ['oil', 'butter']],
];

const isNamed = (ingredients: readonly ReadIngredient[], ids: readonly string[]): boolean =>
  ingredients.some(({ candidates }) => candidates.some((id) => ids.includes(id)));

const stepIssues = (recipe: ReadRecipe, catalog: Catalog): ReadIssue[] => {
  const { ingredients, mentions, steps } = recipe;
  const seen = new Set<string>();
  const missing = (kind: Mention['kind']): Mention[] =>
    mentions.filter(({ ids, kind: of }) => {
      const key = ids.join('|');
      if (of !== kind || isNamed(ingredients, ids) || seen.has(key)) return false;
      seen.add(key);
      return true;
    });
  const kinds = new Set(
    ingredients.flatMap((ingredient) => [
      ...(isOilIngredient(ingredient) ? ['essential'] : []),
      ...basesOf(catalog, ingredient).map(({ kind }) => kind as string),
      // What no one here knows may be what a step needs.
      ...(ingredient.candidates.length === 0 && !isOilIngredient(ingredient) ? ['unknown'] : []),
    ]),
  );
  const all = plainLetters(steps.join(' \n '));
  const general = kinds.has('unknown')
    ? []
    : needs
        .filter(
          ([pattern, , wanted]) => pattern.test(all) && !wanted.some((kind) => kinds.has(kind)),
        )
        .map(([, what]) => what);
  const bases = missing('base');
  return [
    ...missing('oil').map(({ text: said, ids, step }): ReadIssue => ({
      code: 'oil-not-listed',
      text: said,
      ids,
      step,
    })),
    ...bases.map(({ text: said, ids }): ReadIssue => ({ code: 'step-needs', what: said, ids })),
    ...general
      .filter(
        (what) =>
          !bases.some(
            ({ text: said }) =>
              what.endsWith(plainLetters(said)) ||
              said.toLowerCase().includes(what.split(' ').pop() ?? ''),
          ),
      )
      .map((what): ReadIssue => ({ code: 'step-needs', what, ids: [] })),
  ];
};

const isOffSkin = (catalog: Catalog, id: string): boolean => catalog.oil(id)?.keepOffSkin ?? false;

const nameIssues = ({ ingredients }: ReadRecipe, catalog: Catalog): ReadIssue[] =>
  ingredients.flatMap((ingredient): ReadIssue[] => {
    const { text, candidates, isMisspelt, isUnitGuessed, amount, amountReadings } = ingredient;
    const [first] = candidates;
    if (first === undefined) return [{ code: 'unknown-ingredient', ingredient: text }];
    if (candidates.every((id) => isOffSkin(catalog, id))) {
      return [{ code: 'never-on-skin', ingredient: text, materialId: first }];
    }
    return [
      ...(candidates.length > 1
        ? [{ code: 'which-material' as const, ingredient: text, ids: candidates }]
        : isMisspelt
          ? [{ code: 'misspelt' as const, ingredient: text, ids: candidates }]
          : []),
      ...(isUnitGuessed ? [{ code: 'unit-guessed' as const, ingredient: text }] : []),
      ...(amountReadings.length > 0
        ? [{ code: 'which-amount' as const, ingredient: text, readings: amountReadings }]
        : []),
      ...(amount?.low !== undefined && amount.unit !== 'drops'
        ? [{ code: 'range-taken' as const, ingredient: text }]
        : []),
    ];
  });

const wearerWords =
  /\b(?:kids?|child(?:ren)?|bab(?:y|ies)|infants?|newborns?|toddlers?|little ones?|pregnan\w+|mums?-to-be)\b/;

/** `great for kids!` in its name or its notes; not where it warns of them. */
const wearerIssues = ({ title, lines }: ReadRecipe): ReadIssue[] => {
  const said = [title, ...lines.filter(({ role }) => role !== 'ingredient').map(({ text }) => text)]
    .map(plainLetters)
    .filter((text) => !/\b(?:not|never|avoid|away from|out of (?:the )?reach)\b/.test(text));
  const [word] = said.flatMap((text) => wearerWords.exec(text) ?? []);
  return word === undefined ? [] : [{ code: 'says-for', whom: word }];
};

/**
 * What nobody has made anything of, as it was written: amounts and names that are no ingredient, and
 * oils of a step that no list has. Ingredients whose name is not known are not in it.
 */
export const notUnderstoodIn = (recipe: ReadRecipe, catalog: Catalog): readonly string[] => [
  ...recipe.unread,
  ...stepIssues(recipe, catalog)
    .flatMap((issue) =>
      issue.code === 'oil-not-listed' ? [recipe.steps[issue.step] ?? issue.text] : [],
    )
    .filter((step) => !recipe.unread.some((text) => step.includes(text))),
];

/**
 * Everything in a recipe that does not add up, and every guess that was made; the gravest first.
 *
 * @param strength what it comes to at 20 drops per ml, in percent, where that was worked out; else it is
 *   reckoned from what was read
 */
export const issuesOf = (
  recipe: ReadRecipe,
  catalog: Catalog,
  strength?: number,
): readonly ReadIssue[] => [
  ...nameIssues(recipe, catalog).filter(({ code }) => code === 'never-on-skin'),
  ...(recipe.limit === null
    ? []
    : [{ code: 'limit-met', of: recipe.limit, most: mostRead[recipe.limit] } as const]),
  ...strengthIssues(recipe, catalog, strength),
  ...dropsIssues(recipe),
  ...percentIssues(recipe),
  ...wearerIssues(recipe),
  ...amountIssues(recipe),
  ...measureIssues(recipe, catalog),
  ...stepIssues(recipe, catalog),
  ...nameIssues(recipe, catalog).filter(({ code }) => code !== 'never-on-skin'),
];
