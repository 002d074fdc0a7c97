import { oilsNamed, usualOf, type Catalog, type Oil } from '../catalog';
import { sunOn, type Verdict } from '../limits';
import type { Recipe } from '../recipe';
import { oilForBrief } from './oilsToChoose';

/** One oil is seldom more of a blend, in percent: what leaves as much holds nothing back. Our figure. */
const seldomMorePercent = 5;

/** How strict an oil is for someone, somewhere. */
interface Strictness {
  /** The most of it that a limit of its own leaves, in percent. */
  readonly mostPercent: number;
  /** What speaks against a trace of it. */
  readonly rank: number;
}

const rankOf: Readonly<Record<Verdict, number>> = { within: 0, caution: 1, unknown: 2, over: 3 };

/** Where it is not known who it is for, every caution counts as one. */
const cautionsOf = ({ age, pregnancy, breastfeeding, conditions }: Oil): number =>
  age.length +
  conditions.length +
  [pregnancy, breastfeeding].filter((what) => what === 'avoid').length;

const strictnessOf = (catalog: Catalog, recipe: Recipe | null, oil: Oil): Strictness => {
  const brief = recipe?.brief;
  const place = brief?.place ?? null;
  const inSun = !brief || place === null || sunOn({ ...brief, place }) === 'exposed';
  const own = Math.min(
    oil.keepOffSkin ? 0 : seldomMorePercent,
    oil.dermalMaximum.percent ?? seldomMorePercent,
    (inSun ? oil.phototoxicLimitPercent : null) ?? seldomMorePercent,
  );
  if (recipe === null) return { mostPercent: own, rank: cautionsOf(oil) };
  const { verdict, blocking } = oilForBrief(catalog, recipe, oil);
  return {
    mostPercent: own,
    rank: verdict === null ? cautionsOf(oil) : rankOf[verdict] + (blocking ? 1 : 0),
  };
};

const isStricter = (a: Strictness, b: Strictness): boolean =>
  a.mostPercent < b.mostPercent || a.rank > b.rank;

/**
 * The oils that a name may be for, where it is asked which: where the choice changes a limit or a
 * caution for this person and place. None where the name is for one oil, or where one is by far the
 * usual and none of the others is stricter.
 *
 * @param recipe null where it is not for anyone yet: then every caution counts
 */
export const oilsToAsk = (
  catalog: Catalog,
  recipe: Recipe | null,
  name: string,
): readonly Oil[] => {
  const oils = oilsNamed(catalog, name);
  const [first, ...others] = oils.map((oil) => strictnessOf(catalog, recipe, oil));
  if (!first || others.length === 0) return [];
  const usual = usualOf(name);
  const usualIs = oils.findIndex(({ id }) => id === usual);
  const all = [first, ...others];
  const taken = all[usualIs];
  if (taken) return all.some((other) => isStricter(other, taken)) ? oils : [];
  return others.some((other) => isStricter(other, first) || isStricter(first, other)) ? oils : [];
};
