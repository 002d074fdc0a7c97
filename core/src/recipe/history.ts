/**
 * Undo and redo over values of one kind. It is plain data: it can be kept while its screen is
 * left, and nothing in it knows what the values are.
 */
export interface History<T> {
  readonly past: readonly T[];
  readonly present: T;
  readonly future: readonly T[];
  /** The field in which the last change was typed, and when, in ms; null after anything else. */
  readonly typing: { readonly field: string; readonly at: number } | null;
}

export type HistoryAction<T> =
  /** @param at in ms; `field` names where it was typed */
  | { readonly kind: 'change'; readonly to: T; readonly at: number; readonly field?: string }
  /** What came from elsewhere takes the place of what is here, which is one undo away. */
  | { readonly kind: 'overtaken'; readonly by: T }
  | { readonly kind: 'undo' }
  | { readonly kind: 'redo' };

/** Keystrokes in one field that follow each other faster than this are one step, in ms. */
export const oneStepMs = 700;

/** More steps than this are not kept. */
export const mostSteps = 200;

export const historyOf = <T>(present: T): History<T> => ({
  past: [],
  present,
  future: [],
  typing: null,
});

const pushed = <T>(list: readonly T[], value: T): readonly T[] =>
  [...list, value].slice(-mostSteps);

/** The history after an action; the same where there is nothing to undo or redo. */
export const historyAfter = <T>(history: History<T>, action: HistoryAction<T>): History<T> => {
  const { past, present, future, typing } = history;
  switch (action.kind) {
    case 'change': {
      const { to, at, field } = action;
      const goesOn = field !== undefined && typing?.field === field && at - typing.at < oneStepMs;
      return {
        past: goesOn ? past : pushed(past, present),
        present: to,
        future: [],
        typing: field === undefined ? null : { field, at },
      };
    }
    case 'overtaken':
      return { past: pushed(past, present), present: action.by, future, typing: null };
    case 'undo': {
      const before = past[past.length - 1];
      return before === undefined
        ? history
        : {
            past: past.slice(0, -1),
            present: before,
            future: pushed(future, present),
            typing: null,
          };
    }
    case 'redo': {
      const next = future[future.length - 1];
      return next === undefined
        ? history
        : {
            past: pushed(past, present),
            present: next,
            future: future.slice(0, -1),
            typing: null,
          };
    }
  }
};
