import { Notice } from '../ui/Notice';
import { partsWords } from '@jubbet/core/words';
import { Button } from '../ui/Button';

/** Whoever goes elsewhere with something typed is asked first. */
export const LeaveAsked = ({ onLeave, onStay }: { onLeave: () => void; onStay: () => void }) => (
  <Notice
    tone="caution"
    role="alertdialog"
    aria-label="Leave without saving?"
    className="flex flex-wrap items-center gap-2"
  >
    <p className="mr-auto">{partsWords.whatYouTypedHereIs}</p>
    <Button autoFocus onClick={onStay}>
      Stay here
    </Button>
    <Button look="quiet" onClick={onLeave}>
      Leave without saving
    </Button>
  </Notice>
);
