import { Notice } from '../ui/Notice';
import { leftWords, overdueWords, appWords } from '@jubbet/core/words';
import { QueryClientProvider, type QueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { createRoot } from 'react-dom/client';
import { Button } from '../ui/Button';
import { chime } from '../parts/sound';
import { useClocks, type Ticking } from '../parts/useClocks';
import { batches } from '../store/batches';

/** Comes before the title of the page while a clock runs. */
const prefix = /^[^·]*⏱ · /u;

/** Over longer ago than this when the page was opened: said, but not rung. */
const ringsForSeconds = 90;

const turnOff = ({ batchId, timerId }: Ticking): Promise<unknown> =>
  batches.record(batchId, [{ kind: 'timer-off', timerId }]);

/** Rings once for each clock that is over, and tells the system where that was allowed. */
const useRing = (over: readonly Ticking[]): void => {
  const rung = useRef(new Set<string>());
  useEffect(() => {
    for (const { timerId, words, of, left } of over) {
      if (rung.current.has(timerId)) continue;
      rung.current.add(timerId);
      if (left < -ringsForSeconds) continue;
      chime();
      if (typeof Notification !== 'undefined' && Notification.permission === 'granted') {
        try {
          new Notification(words, { body: of, tag: timerId });
        } catch {
          // Some phones let only a service worker tell: the page says it itself.
        }
      }
    }
  }, [over]);
};

type GoTo = (path: string) => void;

/** Clocks of all batches: the next is in the title, and each that is over is reported of. */
const ClockWatch = ({ goTo }: { goTo: GoTo }) => {
  const clocks = useClocks();
  const [failure, setFailure] = useState(false);
  const over = clocks.filter(({ left }) => left <= 0);
  const next = clocks.find(({ left }) => left > 0);
  const title = over.length > 0 ? '0:00' : next ? leftWords(next.left) : null;
  useRing(over);
  useEffect(() => {
    const plain = document.title.replace(prefix, '');
    document.title = title === null ? plain : `${title} ⏱ · ${plain}`;
  });
  if (over.length === 0) return null;
  return (
    <div
      role="status"
      aria-label="Clocks"
      className="screen-only fixed top-3 right-3 left-3 z-50 mx-auto grid max-w-xl gap-2"
    >
      {over.slice(0, 3).map((clock) => (
        <div
          key={clock.timerId}
          className="flex flex-wrap items-center gap-x-3 gap-y-2 rounded-lg border border-lamp bg-night py-2 pr-2 pl-4 text-night-ink"
        >
          <p className="min-w-48 flex-1">
            <b>{clock.words}</b>
            <span className="block text-sm text-night-soft">
              {clock.of} · {overdueWords(-clock.left)}
            </span>
          </p>
          <Button className="min-h-11" onClick={() => goTo(`/make/${clock.batchId}`)}>
            To the bench
          </Button>
          <Button
            look="first"
            className="min-h-11"
            onClick={() =>
              void turnOff(clock).then(
                () => setFailure(false),
                () => setFailure(true),
              )
            }
          >
            Done
          </Button>
        </div>
      ))}
      {over.length > 3 && (
        <p className="rounded-lg bg-night px-4 py-2 text-sm text-night-ink">
          And {over.length - 3} more.
        </p>
      )}
      {failure && (
        <Notice tone="over" isUrgent>
          {appWords.clockWasNotTurnedOff}
        </Notice>
      )}
    </div>
  );
};

/** Watches them beside whatever screen is open. */
export const watchClocks = (client: QueryClient, goTo: GoTo): void => {
  const place = document.createElement('div');
  document.body.append(place);
  createRoot(place).render(
    <QueryClientProvider client={client}>
      <ClockWatch goTo={goTo} />
    </QueryClientProvider>,
  );
};
