import { findOil, type BlendDraft, type Mixture } from '@jubbet/core';

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

export const addBase =
  (id: string): Change =>
  (draft) =>
    draft.bases.some((base) => base.id === id)
      ? draft
      : { ...draft, bases: [...draft.bases, { id, parts: 1 }] };

export const removeBase =
  (id: string): Change =>
  (draft) => ({ ...draft, bases: draft.bases.filter((base) => base.id !== id) });

export const shareBase =
  (id: string, parts: number): Change =>
  (draft) => ({
    ...draft,
    bases: draft.bases.map((base) => (base.id === id ? { id, parts } : base)),
  });

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
