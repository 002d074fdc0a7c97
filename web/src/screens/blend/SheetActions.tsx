import { blendWords } from '@jubbet/core/words';
import { clsx } from 'clsx';
import { Redo2, Undo2 } from 'lucide-react';
import { Button, ButtonLink } from '../../ui/Button';
import { Kbd } from '../../ui/Kbd';
import { More, MoreAct, MoreLink } from '../../ui/More';

interface StepsProps {
  /** How many steps can be undone, and done again. */
  readonly steps: { readonly undo: number; readonly redo: number };
  readonly onUndo: () => void;
  readonly onRedo: () => void;
}

const Steps = ({ steps, onUndo, onRedo, className }: StepsProps & { className: string }) => (
  <div className={clsx('flex gap-2', className)}>
    <Button
      look="quiet"
      className="px-2! max-sm:min-w-11"
      aria-label="Undo"
      title={blendWords.undoCtrlAndZ}
      disabled={steps.undo === 0}
      onClick={onUndo}
    >
      <Undo2 aria-hidden size={18} />
    </Button>
    {steps.redo > 0 && (
      <Button
        look="quiet"
        className="px-2! max-sm:min-w-11"
        aria-label="Redo"
        title={blendWords.redoCtrlShiftAndZ}
        onClick={onRedo}
      >
        <Redo2 aria-hidden size={18} />
      </Button>
    )}
  </div>
);

const Make = ({
  id,
  onGaps,
  className,
}: {
  id: string;
  onGaps: (() => void) | null;
  className: string;
}) =>
  onGaps ? (
    <Button look="first" className={className} onClick={onGaps}>
      Make this
    </Button>
  ) : (
    <ButtonLink look="first" className={className} to={`/blends/${id}/make`}>
      Make this <Kbd>M</Kbd>
    </ButtonLink>
  );

/** What can be done with a blend: made, labelled, and the rest in one menu. */
export const SheetActions = ({
  id,
  isForSale,
  steps,
  onUndo,
  onRedo,
  onScale,
  onGaps,
}: StepsProps & {
  id: string;
  isForSale: boolean;
  /** Null while it cannot be worked out. */
  onScale: (() => void) | null;
  /** Says what the sentence still lacks; null where it lacks nothing. */
  onGaps: (() => void) | null;
}) => (
  <div className="flex flex-wrap gap-2">
    <Steps steps={steps} onUndo={onUndo} onRedo={onRedo} className="max-sm:hidden" />
    <More>
      <MoreAct disabled={!onScale} onClick={() => onScale?.()}>
        Scale
      </MoreAct>
      <MoreLink to={`/blends/${id}/oils`}>Choose oils</MoreLink>
      <MoreLink to={`/blends/${id}/who`}>{blendWords.whoCanUseIt}</MoreLink>
      <MoreLink to={`/blends/${id}/versions`}>Versions</MoreLink>
      <MoreLink to={`/blends/${id}/card`}>Card</MoreLink>
      <MoreLink to={`/blends/${id}/share`}>Share</MoreLink>
      {isForSale && <MoreLink to={`/blends/${id}/for-sale`}>For sale</MoreLink>}
    </More>
    <ButtonLink to={`/blends/${id}/label`}>
      Label <Kbd>L</Kbd>
    </ButtonLink>
    <Make id={id} onGaps={onGaps} className="max-sm:hidden" />
    {/* On a phone it is always under the thumb. */}
    <div
      data-dock
      className="fixed inset-x-0 flex gap-2 bottom-[calc(3.5rem+env(safe-area-inset-bottom))] z-20 border-t border-line bg-paper px-4 py-2 sm:hidden print:hidden"
    >
      <Steps steps={steps} onUndo={onUndo} onRedo={onRedo} className="flex-none" />
      <Make id={id} onGaps={onGaps} className="min-h-11 flex-1" />
    </div>
  </div>
);
