import { useCallback, useMemo, useState, type ReactNode } from 'react';
import { Button } from '../parts/Button';
import { ErrorDetails } from '../parts/ErrorDetails';
import { useCutNotice } from '../parts/useCutNotice';
import { NoticeContext, type Notice } from '../parts/notice';

/** Says what was done at the foot of the screen, and offers to undo it. */
export const NoticeProvider = ({ children }: { children: ReactNode }) => {
  const [notice, setNotice] = useState<Notice | null>(null);
  const tell = useCallback((next: Notice | null) => setNotice(next), []);
  const tellCut = useCallback(
    (longest: number) =>
      setNotice({ text: `${longest} letters is the most for this field: the rest was left out.` }),
    [],
  );
  useCutNotice(tellCut);
  const value = useMemo(() => ({ tell }), [tell]);
  return (
    <NoticeContext value={value}>
      {children}
      <div aria-live="polite" className="screen-only">
        {notice && (
          <div className="fixed right-4 bottom-4 left-4 z-50 mx-auto flex max-w-lg items-center gap-3 rounded-lg bg-night py-2 pr-2 pl-4 text-[#eceae2] max-sm:bottom-20">
            <span className="flex-1" role={notice.alarm ? 'alert' : undefined}>
              {notice.alarm && <span aria-hidden>■ </span>}
              {notice.text}
              <ErrorDetails details={notice.details ?? null} />
            </span>
            {notice.again && (
              <Button
                onClick={() => {
                  setNotice(null);
                  void notice.again?.();
                }}
              >
                Try again
              </Button>
            )}
            {notice.undo && (
              <Button
                onClick={() => {
                  notice.undo?.();
                  setNotice(null);
                }}
              >
                Undo
              </Button>
            )}
            <Button look="quiet" className="text-[#eceae2]!" onClick={() => setNotice(null)}>
              Close
            </Button>
          </div>
        )}
      </div>
    </NoticeContext>
  );
};
