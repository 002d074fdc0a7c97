import type { By } from '../blend/bases';
import { textureOf, waxFor } from '../blend/texture';
import type { BaseInBlend } from '../blend/mixture';
import type { Evaluation } from '../dose/evaluate';
import { isMelted } from '../library/isMelted';
import { findBase } from '../library/library';
import type { BlendDraft } from './draft';

// The same blend, written another way: what is in it stays, to the digits that are read.

/** How amounts are written: shares among each other, shares of the whole, or what is measured. */
export type Way = 'parts' | 'percent' | 'amounts';

type DraftBase = BlendDraft['bases'][number];
type DraftOil = BlendDraft['oils'][number];

const rounded = (value: number, decimals: number): number =>
  Math.round(value * 10 ** decimals) / 10 ** decimals;

/** To what is read off a scale or a cylinder: a hundredth, and never nought. */
const measurable = (value: number): number => Math.max(0.01, rounded(value, value < 10 ? 2 : 1));

/** Nobody measures out more parts than this. */
const mostParts = 20;

/** A ratio off by less than this reads as the simple one. */
const nearly = 0.005;

/** Shares as few small whole numbers where they are that, else in percent to a tenth. */
export const simpleParts = (amounts: readonly number[]): number[] => {
  const least = Math.min(...amounts);
  for (let times = 1; times <= 12; times += 1) {
    const parts = amounts.map((amount) => (times * amount) / least);
    if (
      parts.every((part) => part <= mostParts && Math.abs(part - Math.round(part)) <= nearly * part)
    ) {
      return parts.map(Math.round);
    }
  }
  const all = amounts.reduce((total, amount) => total + amount, 0);
  return amounts.map((amount) => Math.max(0.1, rounded((100 * amount) / all, 1)));
};

/**
 * What all of it weighs, in g, without the essential oil's own uncertainty. An oil whose density
 * is not known weighs as much as what it takes the place of, as it does where bases are settled.
 */
const massOf = ({ totalG, oils, bases }: Evaluation['mixture']): number => {
  if (totalG) return totalG.likely;
  const basesG = bases.reduce((total, { g }) => total + g.likely, 0);
  const basesMl = bases.reduce((total, { ml }) => total + ml.likely, 0);
  return oils.reduce(
    (total, { g, ml }) => total + (g?.likely ?? (ml.likely * basesG) / basesMl),
    basesG,
  );
};

/** What all of it weighs, in g, or takes up, in ml. */
const wholeOf = ({ mixture }: Evaluation, by: By): number =>
  by === 'weight' ? massOf(mixture) : mixture.fillMl;

/** Of these bases the one that takes up what the others leave: the largest that pours, else the largest. */
const restOf = (bases: readonly BaseInBlend[]): BaseInBlend | undefined => {
  const largest = (list: readonly BaseInBlend[]) =>
    [...list].sort((a, b) => b.g.likely - a.g.likely)[0];
  return largest(bases.filter(({ base }) => base.kind === 'oil')) ?? largest(bases);
};

const amountOf = ({ base, ml, g }: BaseInBlend, by: By): Pick<DraftBase, 'ml' | 'g'> => {
  // Solids are weighed whatever the rest is measured by.
  const weighed = by === 'weight' || isMelted(base) || base.kind === 'dry';
  return weighed ? { g: measurable(g.likely) } : { ml: measurable(ml.likely) };
};

/** The bases of a draft in another way. */
export const writeBases = (
  draft: BlendDraft,
  evaluation: Evaluation,
  way: Way,
  by: By,
): BlendDraft => {
  const { bases } = evaluation.mixture;
  const whole = wholeOf(evaluation, by);
  const size = ({ ml, g }: BaseInBlend): number => (by === 'weight' ? g.likely : ml.likely);
  const rest = restOf(bases);
  const simple = simpleParts(bases.map(size));
  const written = bases.map((one, index): DraftBase => {
    const { id } = one.base;
    switch (way) {
      case 'parts':
        return { id, parts: simple[index] ?? 1 };
      case 'percent':
        return one === rest && bases.length > 1
          ? { id, parts: 1 }
          : { id, percent: Math.max(0.01, rounded((100 * size(one)) / whole, 2)) };
      case 'amounts':
        return { id, ...amountOf(one, by) };
    }
  });
  return { ...measuredBy(draft, evaluation, by), bases: written };
};

/** The oils of a draft in another way. Drops are whole; ml and g are as the scale reads. */
export const writeOils = (draft: BlendDraft, evaluation: Evaluation, way: Way): BlendDraft => {
  const { oils, strength, fillMl } = evaluation.mixture;
  const { target: _target, ...rest } = draft;
  const by = draft.by ?? 'volume';
  const parts = simpleParts(oils.map(({ ml }) => Math.max(ml.likely, fillMl * 1e-7)));
  const kept = (index: number): Pick<DraftOil, 'id' | 'dropMl'> => {
    const { id = '', dropMl } = draft.oils[index] ?? {};
    return { id, ...(dropMl ? { dropMl } : {}) };
  };
  const percentOf = (index: number): number => {
    const one = oils[index];
    return ((by === 'weight' ? one?.byWeight : null) ?? one?.byVolume)?.likely ?? 0;
  };
  return {
    ...rest,
    target:
      way === 'parts'
        ? {
            percent: Math.max(
              0.01,
              rounded(((by === 'weight' && strength.byWeight) || strength.byVolume).likely, 2),
            ),
          }
        : null,
    oils: oils.map(({ drops, ml, g }, index): DraftOil => {
      const own = kept(index);
      switch (way) {
        case 'parts':
          return { ...own, parts: parts[index] ?? 1 };
        case 'percent':
          return { ...own, percent: rounded(percentOf(index), 2) };
        case 'amounts':
          if (drops !== null) return { ...own, drops };
          return by === 'weight' && g
            ? { ...own, g: measurable(g.likely) }
            : { ...own, ml: measurable(ml.likely) };
      }
    }),
  };
};

/** The same blend with percents of the volume or of the weight: the figures follow. */
export const measuredBy = (draft: BlendDraft, evaluation: Evaluation, by: By): BlendDraft => {
  const { by: before = 'volume', ...rest } = draft;
  const next: BlendDraft = by === 'weight' ? { ...rest, by } : rest;
  if (before === by) return next;
  const { oils, strength, bases } = evaluation.mixture;
  const all = (by === 'weight' && strength.byWeight) || strength.byVolume;
  const asked =
    draft.target && draft.oils.some(({ parts }) => parts !== undefined)
      ? {
          percent: rounded(
            (draft.target.percent * all.likely) /
              (((before === 'weight' && strength.byWeight) || strength.byVolume).likely ||
                all.likely),
            2,
          ),
        }
      : draft.target;
  const whole = wholeOf(evaluation, by);
  const partsOf = bases.map(({ ml, g }) => (by === 'weight' ? g.likely : ml.likely));
  const simple = simpleParts(partsOf);
  return {
    ...next,
    target: asked,
    oils: draft.oils.map((oil, index) => {
      const mixed = oils[index];
      const percent = ((by === 'weight' ? mixed?.byWeight : null) ?? mixed?.byVolume)?.likely;
      return oil.percent === undefined || percent === undefined
        ? oil
        : { ...oil, percent: rounded(percent, 2) };
    }),
    bases: draft.bases.map((base, index) => {
      if (base.percent !== undefined) {
        return {
          id: base.id,
          percent: Math.max(0.01, rounded((100 * (partsOf[index] ?? 0)) / whole, 2)),
        };
      }
      const alone = draft.bases.filter(({ parts }) => parts !== undefined).length === 1;
      return base.parts === undefined || alone ? base : { id: base.id, parts: simple[index] ?? 1 };
    }),
  };
};

/**
 * The bases of a draft with other masses. One that is written by amounts keeps making its own
 * batch; all others are written by percent, with a rest.
 */
const withMasses = (
  draft: BlendDraft,
  evaluation: Evaluation,
  masses: ReadonlyMap<string, number>,
): BlendDraft => {
  const { bases } = evaluation.mixture;
  const whole = massOf(evaluation.mixture);
  const kept = [...masses].filter(([, g]) => g > 0);
  const rest = restOf(
    bases.filter(({ base }) => base.kind !== 'wax' && (masses.get(base.id) ?? 0) > 0),
  );
  if (draft.bases.every(({ ml, g, loose }) => (ml ?? g ?? loose) !== undefined)) {
    return {
      ...measuredBy(draft, evaluation, 'weight'),
      bases: kept.map(([id, g]): DraftBase => {
        const before = bases.find(({ base }) => base.id === id);
        const poured = draft.bases.some((one) => one.id === id && one.ml !== undefined);
        return poured && before
          ? { id, ml: measurable(g / before.base.densityGPerMl) }
          : { id, g: measurable(g) };
      }),
    };
  }
  const restId = rest?.base.id ?? kept[kept.length - 1]?.[0];
  return {
    ...measuredBy(draft, evaluation, 'weight'),
    bases: kept.map(([id, g]) =>
      id === restId && kept.length > 1
        ? { id, parts: 1 }
        : { id, percent: Math.max(0.01, rounded((100 * g) / whole, 2)) },
    ),
  };
};

/** Beeswax is what a blend without a wax gets. */
const usualWax = 'beeswax_yellow';

/**
 * The same blend softer or firmer: its wax, counted as beeswax, is this share of the whole,
 * and what else carries keeps its proportions. Antioxidants keep their share. Where no oil or
 * butter is there to give way to the wax, or to take its place, the blend stays as it is.
 *
 * @param percent of the whole by weight, 0 to 60
 */
export const withWaxPercent = (
  draft: BlendDraft,
  evaluation: Evaluation,
  percent: number,
): BlendDraft => {
  const { mixture } = evaluation;
  const whole = massOf(mixture);
  const now = textureOf(mixture)?.waxPercent.likely ?? 0;
  const wanted = (percent / 100) * whole;
  const masses = new Map(mixture.bases.map(({ base, g }) => [base.id, g.likely]));
  const isWax = (id: string) => findBase(id)?.kind === 'wax';
  const before = [...masses].reduce((total, [, g]) => total + g, 0);
  if (now > 0) {
    for (const [id, g] of masses) if (isWax(id)) masses.set(id, (g * percent) / now);
  } else if (percent > 0) masses.set(usualWax, wanted * (waxFor(usualWax)?.likely ?? 1));
  const waxes = [...masses].reduce((total, [id, g]) => total + (isWax(id) ? g : 0), 0);
  const carries = ({ kind }: { kind: string }) => kind === 'oil' || kind === 'butter';
  const others = mixture.bases.filter(({ base }) => carries(base));
  const othersG = others.reduce((total, { g }) => total + g.likely, 0);
  const keptG =
    before -
    othersG -
    mixture.bases.reduce((total, { base, g }) => total + (base.kind === 'wax' ? g.likely : 0), 0);
  const leftG = before - keptG - waxes;
  if (othersG === 0 || leftG <= 0) return draft;
  for (const { base, g } of others) masses.set(base.id, (g.likely * leftG) / othersG);
  return withMasses(draft, evaluation, masses);
};

/** Another wax in place of one, as much as sets as firmly; oil takes up the difference. */
export const withWax = (
  draft: BlendDraft,
  evaluation: Evaluation,
  from: string,
  to: string,
): BlendDraft => {
  const { mixture } = evaluation;
  const now = textureOf(mixture)?.waxPercent.likely ?? 0;
  const masses = new Map(mixture.bases.map(({ base, g }) => [base.id, g.likely]));
  const g = masses.get(from) ?? 0;
  masses.delete(from);
  masses.set(
    to,
    (masses.get(to) ?? 0) + (g / (waxFor(from)?.likely ?? 1)) * (waxFor(to)?.likely ?? 1),
  );
  const swapped = withMasses(draft, evaluation, masses);
  return now === 0 ? draft : swapped;
};
