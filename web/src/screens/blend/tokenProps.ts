import type { BlendDraft } from '@jubbet/core';
import type { Change } from './changes';

/** What every part of the sheet is given: the draft, and the way to change it. */
export interface TokenProps {
  readonly draft: BlendDraft;
  readonly change: (change: Change) => void;
}
