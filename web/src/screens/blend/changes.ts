import {
  findBase,
  findOil,
  isMelted,
  workOut,
  type BlendDraft,
  type Evaluation,
  type Mixture,
} from '@jubbet/core';

// What can be done to a draft, each as a function from the old to the new.

export type Change = (draft: BlendDraft) => BlendDraft;
export type DraftOil = BlendDraft['oils'][number];
export type Amount = Pick<DraftOil, 'drops' | 'ml' | 'g' | 'parts' | 'percent'>;

/** Adds an oil as the others are measured: by parts where a strength is asked, else one drop. */
export const addOil =
  (id: string): Change =>
  (draft) =>
    draft.oils.some((oil) => oil.id === id) || !findOil(id)
      ? draft
      : {
          ...draft,
          oils: [...draft.oils, draft.target ? { id, parts: 1 } : { id, drops: 1 }],
        };

export const removeOil =
  (id: string): Change =>
  (draft) => ({ ...draft, oils: draft.oils.filter((oil) => oil.id !== id) });

/**
 * Sets the drops of one oil and leaves all others as they are: what the parts came to stays, as
 * drops, so that a drop more of one never takes one from another. The total moves.
 */
export const countOil =
  (id: string, drops: number): Change =>
  (draft) => {
    const worked = draft.oils.some(({ parts }) => parts !== undefined) ? workOut(draft) : null;
    const plan = worked?.state === 'done' ? worked.evaluation.plan.drops : null;
    return {
      ...draft,
      oils: draft.oils.map((oil, index): DraftOil => {
        const { parts, ...rest } = oil;
        const kept = oil.dropMl ? { dropMl: oil.dropMl } : {};
        if (oil.id === id) return { id, ...kept, drops };
        const planned = plan?.[index] ?? null;
        return parts === undefined || planned === null ? oil : { ...rest, drops: planned };
      }),
    };
  };

/** Sets how much of an oil there is, in the measure that was typed. */
export const measureOil =
  (id: string, amount: Amount): Change =>
  (draft) => ({
    ...draft,
    oils: draft.oils.map((oil) =>
      oil.id === id ? { id, ...(oil.dropMl ? { dropMl: oil.dropMl } : {}), ...amount } : oil,
    ),
  });

export const changeBrief =
  (brief: Partial<BlendDraft['brief']>): Change =>
  (draft) => ({ ...draft, brief: { ...draft.brief, ...brief } });

/** Asks for a strength; oils that were counted before stay as they are. */
export const askFor =
  (percent: number | null): Change =>
  (draft) => ({ ...draft, target: percent === null ? null : { percent } });

export type DraftBase = BlendDraft['bases'][number];
export type BaseAmount = Pick<DraftBase, 'parts' | 'percent' | 'ml' | 'g' | 'loose'>;

/** Shares with which what is not a carrier begins, in percent: to be set by the maker. */
const beginsWith = { wax: 20, butter: 20, dry: 65, antioxidant: 0.5, solubiliser: 5 } as const;

/**
 * Adds a base as the others are measured: as a part, or beside a carrier with the share of its
 * kind. What is melted or grained is measured by weight.
 */
export const addBase =
  (id: string): Change =>
  (draft) => {
    const base = findBase(id);
    if (!base || draft.bases.some((entry) => entry.id === id)) return draft;
    const share = (beginsWith as Partial<Record<typeof base.kind, number>>)[base.kind];
    const hasRest = draft.bases.some(({ parts }) => parts !== undefined);
    const taken = draft.bases.reduce((total, { percent = 0 }) => total + percent, 0);
    const fits = share !== undefined && hasRest && taken + share < 95;
    return {
      ...draft,
      ...(isMelted(base) || base.kind === 'dry' ? { by: 'weight' as const } : {}),
      bases: [...draft.bases, fits ? { id, percent: share } : { id, parts: 1 }],
    };
  };

export const removeBase =
  (id: string): Change =>
  (draft) => ({ ...draft, bases: draft.bases.filter((base) => base.id !== id) });

/** Sets how much of a base there is, in the measure that was typed. */
export const measureBase =
  (id: string, amount: BaseAmount): Change =>
  (draft) => ({
    ...draft,
    bases: draft.bases.map((base) => (base.id === id ? { id, ...amount } : base)),
  });

/** The lines of vessels of a draft, the first first. */
export type Line = { readonly vessel: BlendDraft['vessel']; readonly count: number };

export const linesOf = ({ vessel, count, more = [] }: BlendDraft): Line[] => [
  { vessel, count },
  ...more,
];

/** Sets all lines of vessels; without one nothing changes. */
export const setLines =
  (lines: readonly Line[]): Change =>
  (draft) => {
    const [first, ...others] = lines;
    if (!first) return draft;
    const { more: _more, ...rest } = draft;
    return { ...rest, ...first, ...(others.length > 0 ? { more: [...others] } : {}) };
  };

/** Sets or leaves out what may be left out. */
export const setMixing =
  (mixing: {
    readonly inOne?: boolean;
    readonly lossPercent?: number;
    readonly whipPercent?: number | null;
    readonly useMl?: number | null;
  }): Change =>
  (draft) => {
    const next = { ...draft };
    if (mixing.inOne !== undefined) {
      delete next.inOne;
      if (mixing.inOne) next.inOne = true;
    }
    if (mixing.lossPercent !== undefined) {
      delete next.lossPercent;
      if (mixing.lossPercent > 0) next.lossPercent = mixing.lossPercent;
    }
    if (mixing.whipPercent !== undefined) {
      delete next.whipPercent;
      if (mixing.whipPercent !== null) next.whipPercent = mixing.whipPercent;
    }
    if (mixing.useMl !== undefined) {
      delete next.useMl;
      if (mixing.useMl !== null) next.useMl = mixing.useMl;
    }
    return next;
  };

/** Every oil by the ml that it comes to, to a hundredth, in place of drops or parts. */
export const weighed =
  (mixture: Mixture): Change =>
  (draft) => ({
    ...draft,
    target: null,
    oils: draft.oils.map((entry, index) => {
      const { id, dropMl } = entry;
      const ml = mixture.oils[index]?.ml.likely ?? 0;
      return { id, ml: Math.round(100 * ml) / 100, ...(dropMl ? { dropMl } : {}) };
    }),
  });

/** A change that needs to know what the draft comes to; nothing where it has gaps. */
export const asWorkedOut =
  (make: (draft: BlendDraft, evaluation: Evaluation) => BlendDraft): Change =>
  (draft) => {
    const worked = workOut(draft);
    return worked.state === 'done' ? make(draft, worked.evaluation) : draft;
  };
