import { Button } from '../ui/Button';

/** Whoever goes elsewhere with something typed is asked first. */
export const LeaveAsked = ({ onLeave, onStay }: { onLeave: () => void; onStay: () => void }) => (
  <div
    role="alertdialog"
    aria-label="Leave without saving?"
    className="flex flex-wrap items-center gap-2 rounded-lg bg-amber-wash px-4 py-2"
  >
    <p className="mr-auto">What you typed here is not saved yet.</p>
    <Button autoFocus onClick={onStay}>
      Stay here
    </Button>
    <Button look="quiet" onClick={onLeave}>
      Leave without saving
    </Button>
  </div>
);
