import type { Evaluation } from '../dose/evaluate';
import type { Stock } from '../keep/shelf';
import { isMixedInOne } from './resolve';
import { workOut, type BlendDraft } from './draft';
import { simpleParts } from './ways';

type DraftOil = BlendDraft['oils'][number];

const times = (value: number, factor: number): number =>
  Math.max(0.01, Math.round(100 * value * factor) / 100);

/** So many times as many spoons, as they were typed: to a thousandth of one. */
const looseTimes = (
  loose: NonNullable<BlendDraft['bases'][number]['loose']>,
  factor: number,
): typeof loose => {
  const value = Math.max(0.001, Math.round(1000 * loose.value * factor) / 1000);
  return { ...loose, value, ml: (loose.ml * value) / loose.value };
};

/**
 * Amounts of what is mixed at once, times a factor. Drops are asked for as parts, so that
 * whole drops are found anew within the limits, and then stand as drops again.
 */
const amountsTimes = (draft: BlendDraft, factor: number): BlendDraft => ({
  ...draft,
  oils: draft.oils.map((oil): DraftOil => {
    if (oil.ml !== undefined) return { ...oil, ml: times(oil.ml, factor) };
    if (oil.g !== undefined) return { ...oil, g: times(oil.g, factor) };
    return oil;
  }),
  bases: draft.bases.map((base) => {
    if (base.ml !== undefined) return { ...base, ml: times(base.ml, factor) };
    if (base.g !== undefined) return { ...base, g: times(base.g, factor) };
    if (base.loose) return { ...base, loose: looseTimes(base.loose, factor) };
    return base;
  }),
});

/** Counted drops as the strength and the parts that they come to, to be solved anew. */
const dropsAsParts = (draft: BlendDraft, evaluation: Evaluation): BlendDraft | null => {
  const counted = draft.oils.filter(({ drops = 0 }) => drops > 0);
  if (counted.length === 0 || draft.oils.some(({ parts }) => parts !== undefined)) return null;
  const { oils, strength } = evaluation.mixture;
  const all = (draft.by === 'weight' && strength.byWeight) || strength.byVolume;
  const shares = draft.oils.map((_, index) => oils[index]?.ml.likely ?? 0);
  const parts = simpleParts(shares.filter((share) => share > 0));
  let next = 0;
  return {
    ...draft,
    target: { percent: Math.min(100, all.likely) },
    oils: draft.oils.map((oil, index): DraftOil => {
      const share = shares[index] ?? 0;
      const part = share > 0 ? (parts[next++] ?? 1) : 0;
      return oil.drops === undefined || oil.drops === 0
        ? oil
        : { id: oil.id, parts: part, ...(oil.dropMl ? { dropMl: oil.dropMl } : {}) };
    }),
  };
};

/** The drops that the parts came to, written as drops again. */
const settledDrops = (draft: BlendDraft, asked: BlendDraft): BlendDraft => {
  const worked = workOut(asked);
  if (worked.state !== 'done') return draft;
  return {
    ...draft,
    target: draft.target,
    oils: draft.oils.map((oil, index): DraftOil =>
      oil.drops === undefined || oil.drops === 0
        ? oil
        : { ...oil, drops: worked.evaluation.plan.drops[index] ?? oil.drops },
    ),
  };
};

const resized = (
  draft: BlendDraft,
  evaluation: Evaluation,
  factor: number,
  next: (draft: BlendDraft) => BlendDraft,
): BlendDraft => {
  const asked = dropsAsParts(draft, evaluation);
  const sized = next(amountsTimes(draft, factor));
  return asked ? settledDrops(sized, next(amountsTimes(asked, factor))) : sized;
};

/** Why a blend cannot be scaled so. */
export type ScaleProblem = 'not-whole' | 'too-many';

export type Scaled =
  | { readonly ok: true; readonly draft: BlendDraft }
  | { readonly ok: false; readonly problem: ScaleProblem };

const mostVessels = 1000;

/**
 * So many times as much: as many times the vessels. Amounts that are of the whole jug
 * follow; those of one vessel stay.
 *
 * @param factor above 0
 */
export const timesAsMuch = (draft: BlendDraft, evaluation: Evaluation, factor: number): Scaled => {
  const count = draft.count * factor;
  const more = (draft.more ?? []).map((one) => ({ ...one, count: one.count * factor }));
  const counts = [count, ...more.map((one) => one.count)];
  if (counts.some((one) => Math.abs(one - Math.round(one)) > 1e-9 || one < 1)) {
    return { ok: false, problem: 'not-whole' };
  }
  if (counts.some((one) => one > mostVessels)) return { ok: false, problem: 'too-many' };
  const next = (given: BlendDraft): BlendDraft => ({
    ...given,
    count: Math.round(count),
    ...(more.length > 0
      ? { more: more.map((one) => ({ ...one, count: Math.round(one.count) })) }
      : {}),
  });
  return {
    ok: true,
    draft: isMixedInOne(draft) ? resized(draft, evaluation, factor, next) : next(draft),
  };
};

/** The same strength and proportions in another vessel. */
export const intoVessel = (
  draft: BlendDraft,
  evaluation: Evaluation,
  vessel: BlendDraft['vessel'],
): BlendDraft => {
  const next = (given: BlendDraft): BlendDraft => ({ ...given, vessel });
  // What the new one takes is only known when it is worked out by shares.
  const size = (given: BlendDraft): number | null => {
    const worked = workOut({
      ...given,
      oils: [],
      target: null,
      bases: [{ id: 'jojoba', parts: 1 }],
    });
    return worked.state === 'done' ? worked.evaluation.mixture.fillMl : null;
  };
  const before = size(draft);
  const after = size(next(draft));
  const factor = before !== null && after !== null ? after / before : 1;
  return resized(draft, evaluation, factor, next);
};

/** What a batch takes of one material, and what there is, in the unit in which it stands there. */
export interface InStock {
  readonly materialId: string;
  readonly unit: 'ml' | 'g';
  readonly needed: number;
  readonly left: number;
  /** How many such batches it is enough for. */
  readonly times: number;
}

/**
 * What each material on the shelf is enough for, the one that runs out first ahead. A material
 * that stands there in ml and in g is told in g; one in g whose density is not known is left out.
 *
 * @param count how many of what the evaluation is of
 */
export const enoughFor = (
  evaluation: Evaluation,
  count: number,
  stock: ReadonlyMap<string, Stock>,
): readonly InStock[] => {
  const { oils, bases } = evaluation.mixture;
  const needed = [
    ...oils.map(({ oil, ml, g }) => [oil.id, ml.likely * count, g && g.likely * count] as const),
    ...bases.map(({ base, ml, g }) => [base.id, ml.likely * count, g.likely * count] as const),
  ];
  return needed
    .flatMap(([materialId, ml, g]): InStock[] => {
      const left = stock.get(materialId);
      if (!left || ml <= 0) return [];
      if (left.g === 0)
        return [{ materialId, unit: 'ml', needed: ml, left: left.ml, times: left.ml / ml }];
      if (g === null || g <= 0) return [];
      const times = left.ml / ml + left.g / g;
      return [{ materialId, unit: 'g', needed: g, left: times * g, times }];
    })
    .sort((a, b) => a.times - b.times);
};

/** What rounding to whole drops did to each share of the oils, in percent of all oil. */
export const shareChanges = (
  before: Evaluation,
  after: Evaluation,
): readonly { readonly oilId: string; readonly before: number; readonly after: number }[] => {
  const shares = ({ mixture }: Evaluation) => {
    const all = mixture.oils.reduce((total, { ml }) => total + ml.likely, 0);
    return new Map(
      mixture.oils.map(({ oil, ml }) => [oil.id, all > 0 ? (100 * ml.likely) / all : 0]),
    );
  };
  const then = shares(after);
  return [...shares(before)].map(([oilId, share]) => ({
    oilId,
    before: share,
    after: then.get(oilId) ?? 0,
  }));
};
