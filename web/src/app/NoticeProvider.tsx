import {
  createContext,
  use,
  useCallback,
  useEffect,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import { Button } from '../ui/Button';
import { ErrorDetails } from '../parts/ErrorDetails';
import { useCutNotice } from '../parts/useCutNotice';
import { useKeys } from '../parts/useKeys';
import { NoticeContext, type Notice } from '../parts/notice';

/** How long what was done is said, in ms; what was not saved stays until it is closed. */
const staysMs = 12_000;

const Shown = createContext<{ readonly notice: Notice | null; readonly close: () => void }>({
  notice: null,
  close: () => undefined,
});

/** Says what was done where its room has a place for it, and offers to undo it. */
export const NoticeProvider = ({ children }: { children: ReactNode }) => {
  const [notice, setNotice] = useState<Notice | null>(null);
  const tell = useCallback((next: Notice | null) => setNotice(next), []);
  const close = useCallback(() => setNotice(null), []);
  const tellCut = useCallback(
    (longest: number) =>
      setNotice({ text: `${longest} letters is the most for this field: the rest was left out.` }),
    [],
  );
  useCutNotice(tellCut);
  const value = useMemo(() => ({ tell }), [tell]);
  const shown = useMemo(() => ({ notice, close }), [notice, close]);
  return (
    <NoticeContext value={value}>
      <Shown value={shown}>{children}</Shown>
    </NoticeContext>
  );
};

/** After some seconds, unless someone is at it, the notice goes. */
const useLeaving = (notice: Notice | null, close: () => void) => {
  const place = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (!notice || notice.alarm) return;
    let timer = 0;
    const wait = (): void => {
      window.clearTimeout(timer);
      timer = window.setTimeout(() => {
        const here = place.current;
        if (here?.matches(':hover, :focus-within')) wait();
        else close();
      }, staysMs);
    };
    wait();
    return () => window.clearTimeout(timer);
  }, [notice, close]);
  return place;
};

/** The place of notices in a room: it covers nothing, and a key leads to it. */
export const NoticePlace = ({ className }: { className: string }) => {
  const { notice, close } = use(Shown);
  const place = useLeaving(notice, close);
  useKeys({ u: () => place.current?.querySelector('button')?.focus() });
  return (
    <div aria-live="polite" ref={place} className="screen-only">
      {notice && (
        <div className={className}>
          <span className="min-w-0 flex-1 wrap-anywhere" role={notice.alarm ? 'alert' : undefined}>
            {notice.alarm && <span aria-hidden>■ </span>}
            {notice.text}
            <ErrorDetails details={notice.details ?? null} />
          </span>
          <span className="flex flex-wrap gap-2">
            {notice.again && (
              <Button
                onClick={() => {
                  close();
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
                  close();
                }}
              >
                Undo
              </Button>
            )}
            <Button look="quiet" className="text-night-ink!" onClick={close}>
              Close
            </Button>
          </span>
        </div>
      )}
    </div>
  );
};
