import { Redo2, Undo2 } from 'lucide-react';
import { Button, ButtonLink } from '../../parts/Button';
import { Kbd } from '../../parts/Kbd';
import { More, MoreAct, MoreLink } from '../../parts/More';

/** What can be done with a blend: made, labelled, and the rest in one menu. */
export const SheetActions = ({
  id,
  isForSale,
  steps,
  onUndo,
  onRedo,
  onScale,
  onGaps,
}: {
  id: string;
  isForSale: boolean;
  /** How many steps can be undone, and done again. */
  steps: { readonly undo: number; readonly redo: number };
  onUndo: () => void;
  onRedo: () => void;
  /** Null while it cannot be worked out. */
  onScale: (() => void) | null;
  /** Says what the sentence still lacks; null where it lacks nothing. */
  onGaps: (() => void) | null;
}) => (
  <div className="flex flex-wrap gap-2">
    <Button
      look="quiet"
      className="px-2!"
      aria-label="Undo"
      title="Undo, Ctrl and Z"
      disabled={steps.undo === 0}
      onClick={onUndo}
    >
      <Undo2 aria-hidden size={18} />
    </Button>
    <Button
      look="quiet"
      className="px-2!"
      aria-label="Redo"
      title="Redo, Ctrl, Shift and Z"
      disabled={steps.redo === 0}
      onClick={onRedo}
    >
      <Redo2 aria-hidden size={18} />
    </Button>
    <More>
      <MoreAct disabled={!onScale} onClick={() => onScale?.()}>
        Scale
      </MoreAct>
      <MoreLink to={`/blends/${id}/who`}>Who can use it</MoreLink>
      <MoreLink to={`/blends/${id}/versions`}>Versions</MoreLink>
      <MoreLink to={`/blends/${id}/card`}>Card</MoreLink>
      <MoreLink to={`/blends/${id}/share`}>Share</MoreLink>
      {isForSale && <MoreLink to={`/blends/${id}/for-sale`}>For sale</MoreLink>}
    </More>
    <ButtonLink to={`/blends/${id}/label`}>
      Label <Kbd>L</Kbd>
    </ButtonLink>
    {onGaps ? (
      <Button look="first" onClick={onGaps}>
        Make this
      </Button>
    ) : (
      <ButtonLink look="first" to={`/blends/${id}/make`}>
        Make this <Kbd>M</Kbd>
      </ButtonLink>
    )}
  </div>
);
