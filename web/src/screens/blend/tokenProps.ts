import type { BlendDraft } from '@jubbet/core';
import type { Change } from './changes';

/** What every part of the sheet is given: the draft, and the way to change it. */
export interface TokenProps {
  readonly draft: BlendDraft;
  /** `field` names where it was typed: keystrokes there are one step of undo. */
  readonly change: (change: Change, field?: string) => void;
}
