import { guidelines, type Catalog } from '../../catalog';
import { isPossibleDrop, plainLetters } from '../../quantity';
import { usualDropsPerMl } from '../../recipe';
import type { ReadUnit } from './amounts';
import { estimateOf, goesIn, isOilIngredient, pours, restIn, isByWeight } from './estimate';
import type { ReadIngredient } from './readIngredient';
import type { ReadIssue } from './readIssue';
import { basesOf, stepIssues } from './stepIssues';
import { mostRead, type ReadRecipe } from './draft';

const byWeight: readonly ReadUnit[] = ['g', 'lb', 'oz by weight', 'grain'];
const byVolume: readonly ReadUnit[] = [
  ...(['ml', 'tsp', 'dessertspoon', 'tbsp', 'cup', 'pint', 'quart', 'fl oz'] as const),
];

const mostOn = (place: string): number =>
  guidelines.place.find(({ id }) => id === place)?.maximum ?? 0;

/** Most of what is worn day by day, in percent, and most of a dab of perfume. */
const mostDaily = mostOn('pulse-points');
const mostOfPerfume = mostOn('perfume-small-area');
/** A stated strength may be so far off before it is reported, in percent of it, and in percent. */
const tolerated = { share: 0.2, points: 0.25 };

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
