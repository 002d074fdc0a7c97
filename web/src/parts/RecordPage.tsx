import { Failed } from './Failed';
import { partsWords } from '@jubbet/core/words';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { useBlocker, useNavigate } from 'react-router';
import { Button, ButtonLink } from '../ui/Button';
import { errorText, type ErrorText } from './errorText';
import { useNotice } from './notice';
import { ScreenTitle } from '../ui/ScreenTitle';
import { LeaveAsked } from './LeaveAsked';
import { useLeaveGuard } from './useLeaveGuard';
import type { RecordForm } from './useRecordForm';
import { useWrite } from './useWrite';

/**
 * A record on a page of its own. It is saved as a whole with one press, or left as it was;
 * without a word for that press, the page saves each change by itself.
 */
export const RecordPage = ({
  title,
  form: { handleSubmit, formState },
  save,
  saving = false,
  onSave,
  removal,
  back,
  backName = 'Back',
  saved = back,
  children,
}: RecordForm & {
  title: string;
  /** What the press that saves it says; null where each change is saved at once. */
  save: string | null;
  /** What was changed last is still on its way to the disk. */
  saving?: boolean;
  onSave: () => Promise<unknown>;
  /** How it is deleted and brought back; null for what is not there yet. */
  removal: {
    readonly text: string;
    readonly remove: () => Promise<void>;
    readonly restore: () => Promise<void>;
  } | null;
  /** Where one goes from here. */
  back: string;
  /** What it is called there, where there is nothing to cancel. */
  backName?: string;
  /** Where one goes when it is saved, where that is somewhere else. */
  saved?: string;
  children: ReactNode;
}) => {
  const [failure, setFailure] = useState<ErrorText | null>(null);
  const page = useRef<HTMLFormElement>(null);
  const isDone = useRef(false);
  const navigate = useNavigate();
  const tell = useNotice();
  const write = useWrite();
  const { submitCount, isSubmitting } = formState;
  const isUnsaved = formState.isDirty && save !== null;
  useLeaveGuard(isUnsaved || saving);
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) =>
      isUnsaved && !isDone.current && currentLocation.pathname !== nextLocation.pathname,
  );

  useEffect(() => {
    // What keeps it from being saved is where one goes on.
    if (submitCount > 0) page.current?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus();
  }, [submitCount]);

  const tryTo = async (act: () => Promise<unknown>, to: string): Promise<boolean> => {
    try {
      await act();
      isDone.current = true;
      await navigate(to);
      return true;
    } catch (error) {
      setFailure(errorText(error));
      return false;
    }
  };
  return (
    <form
      ref={page}
      noValidate
      aria-busy={saving}
      className="mx-auto grid max-w-3xl grid-cols-[minmax(0,1fr)] gap-4 max-sm:[&>section]:grid-cols-[minmax(0,1fr)]"
      onSubmit={(event) => {
        // A field that cannot read what is in it holds on to an older number.
        const unread = event.currentTarget.querySelector<HTMLElement>('[data-unread]');
        if (unread) {
          event.preventDefault();
          unread.focus();
        } else if (save === null) event.preventDefault();
        else void handleSubmit(() => tryTo(onSave, saved))(event);
      }}
    >
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle title={title} />
        <div className="flex gap-2">
          {removal && (
            <Button
              look="quiet"
              onClick={() =>
                void tryTo(removal.remove, back).then((gone) => {
                  if (gone)
                    tell({ text: removal.text, undo: () => void write('It', removal.restore) });
                })
              }
            >
              Delete
            </Button>
          )}
          <ButtonLink to={back} onClick={() => (isDone.current = true)}>
            {save === null ? backName : 'Cancel'}
          </ButtonLink>
          {save !== null && (
            <Button look="first" type="submit" disabled={isSubmitting}>
              {save}
            </Button>
          )}
        </div>
      </div>
      {blocker.state === 'blocked' && (
        <LeaveAsked onLeave={() => blocker.proceed()} onStay={() => blocker.reset()} />
      )}
      <Failed failure={failure} words={partsWords.recordNotSaved} />
      {children}
    </form>
  );
};
