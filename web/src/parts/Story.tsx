import { readingsOf, type Tally } from '@jubbet/core/making';
import { Link } from 'react-router';
import type { StoryEntry } from '@jubbet/core/words';
import { dayWords } from '@jubbet/core/words';
import { clsx } from 'clsx';
import { momentWords } from './moments';

const dots: Readonly<Record<StoryEntry['kind'], string>> = {
  made: 'border-press bg-press',
  cooled: 'border-press bg-press',
  after: 'border-press bg-press',
  trouble: 'border-amber bg-amber',
  next: 'border-press bg-sheet',
};

const whenWords = (at: string): string =>
  at.length > 10 ? momentWords(new Date(at), 'short') : dayWords(at);

const curve = { width: 300, height: 56, pad: 6 };

/** How it cooled, as a line through what the thermometer said. */
const Cooled = ({ readings }: { readings: readonly { minutes: number; celsius: number }[] }) => {
  const minutes = readings.map((reading) => reading.minutes);
  const degrees = readings.map(({ celsius }) => celsius);
  const [last, most, least] = [Math.max(...minutes), Math.max(...degrees), Math.min(...degrees)];
  const { width, height, pad } = curve;
  const at = ({ minutes, celsius }: { minutes: number; celsius: number }) => ({
    x: pad + ((width - 2 * pad) * minutes) / Math.max(last, 1),
    y: pad + ((height - 2 * pad) * (most - celsius)) / Math.max(most - least, 1),
  });
  const placed = readings.map(at);
  return (
    <svg aria-hidden viewBox={`0 0 ${width} ${height}`} className="mt-1 w-full max-w-75 text-press">
      <polyline
        points={placed.map(({ x, y }) => `${x},${y}`).join(' ')}
        fill="none"
        stroke="currentColor"
        strokeWidth="2"
      />
      {placed.map(({ x, y }, n) => (
        <circle key={n} cx={x} cy={y} r="3" fill="currentColor" />
      ))}
    </svg>
  );
};

/** What happened, along a line of time. */
export const Story = <T extends StoryEntry>({
  entries,
  temperatures = [],
  leadsTo = () => null,
}: {
  entries: readonly T[];
  /** What a thermometer said: drawn where it cooled. */
  temperatures?: Tally['temperatures'];
  /** The page that an entry is about. */
  leadsTo?: (entry: T) => string | null;
}) => (
  <section aria-label="What happened" className="min-w-0">
    <h2 className="mb-2 text-lg">What happened</h2>
    <ol className="border-l-2 border-shelf pl-4">
      {entries.map((entry, n) => {
        const to = leadsTo(entry);
        return (
          <li
            // Two alike on one day are two.
            key={`${entry.at}/${entry.title}/${n}`}
            className="relative break-inside-avoid pb-3 last:pb-0"
          >
            <span
              aria-hidden
              className={clsx(
                'absolute top-1.5 -left-[23px] size-3 rounded-full border-2',
                dots[entry.kind],
              )}
            />
            <span className="block text-sm text-soft">
              {whenWords(entry.at)}
              {entry.kind === 'next' && ' · next'}
            </span>
            <b className="font-semibold">
              {to === null ? (
                entry.title
              ) : (
                <Link to={to} className="text-press">
                  {entry.title}
                </Link>
              )}
            </b>
            {entry.text && <span className="block text-sm text-soft">{entry.text}</span>}
            {entry.kind === 'cooled' && temperatures.length > 1 && (
              <Cooled
                readings={readingsOf(
                  temperatures.map(({ takenAt, celsius }) => ({
                    atMs: Date.parse(takenAt),
                    celsius,
                  })),
                )}
              />
            )}
          </li>
        );
      })}
    </ol>
  </section>
);
