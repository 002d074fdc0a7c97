import { useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { Button, ButtonLink } from './Button';
import { errorWords } from './errorWords';
import { useNotice } from './notice';
import { ScreenTitle } from './ScreenTitle';
import { useWrite } from './useWrite';

/** A thing that is written down as a whole: kept with one press, or left as it was. */
export const KeepForm = ({
  title,
  problem,
  keep,
  onKeep,
  removal,
  back,
  kept = back,
  children,
}: {
  title: string;
  /** What still stands in the way of keeping it, in a sentence. */
  problem: string | null;
  /** What the press that keeps it says. */
  keep: string;
  onKeep: () => Promise<unknown>;
  /** How it is taken away and brought back; null for what is not there yet. */
  removal: {
    readonly said: string;
    readonly remove: () => Promise<void>;
    readonly restore: () => Promise<void>;
  } | null;
  /** Where one goes from here. */
  back: string;
  /** Where one goes when it is kept, where that is somewhere else. */
  kept?: string;
  children: ReactNode;
}) => {
  const [failure, setFailure] = useState<string | null>(null);
  const navigate = useNavigate();
  const tell = useNotice();
  const write = useWrite();
  const tryTo = async (act: () => Promise<unknown>, to: string): Promise<boolean> => {
    try {
      await act();
      await navigate(to);
      return true;
    } catch (error) {
      setFailure(errorWords(error));
      return false;
    }
  };
  return (
    <form
      className="mx-auto grid max-w-3xl gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        if (!problem) void tryTo(onKeep, kept);
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
                    tell({ text: removal.said, undo: () => void write('It', removal.restore) });
                })
              }
            >
              Delete
            </Button>
          )}
          <ButtonLink to={back}>Leave it</ButtonLink>
          <Button look="first" type="submit" disabled={problem !== null}>
            {keep}
          </Button>
        </div>
      </div>
      {failure && (
        <p role="alert" className="rounded-lg bg-brick-wash px-4 py-2 text-brick">
          It was not kept: {failure}. What you typed still stands here.
        </p>
      )}
      {problem && <p className="text-sm text-amber">{problem}</p>}
      {children}
    </form>
  );
};
