import { Panel } from '../../ui/Panel';
import {
  keeping,
  placeOnLine,
  standingOf,
  timeLineOf,
  type Keeps,
  type Standing,
  type TimeLine,
} from '@jubbet/core/stock';
import { byName } from '@jubbet/core/quantity';
import { shelfWords, someOfWords } from '@jubbet/core/words';
import { clsx } from 'clsx';
import { format, formatDistance, parseISO } from 'date-fns';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { ButtonLink } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { SelectField } from '../../ui/Field';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { WindowList } from '../../ui/WindowList';
import { keepingBatches } from '../../store/keepingBatches';
import { bottles } from '../../store/bottles';
import { today } from '../../store/now';
import { useStored } from '../../store/useStored';
import { materialName } from './materialName';

interface Line extends Keeps {
  readonly id: string;
  readonly name: string;
  readonly what: 'bottle' | 'batch';
  readonly to: string;
}

/** So many batches, the last made, are looked through: none keeps longer than a year or two. */
const mostBatches = 500;

const dayWords = (day: string): string => format(parseISO(day), 'd MMM yyyy');

const look: Record<
  Standing,
  { readonly bar: string; readonly ink: string; readonly mark: string }
> = {
  past: { bar: 'bg-brick', ink: 'text-brick font-semibold', mark: '■ ' },
  soon: { bar: 'bg-amber', ink: 'text-amber font-semibold', mark: '▲ ' },
  later: { bar: 'bg-moss', ink: 'text-soft', mark: '' },
};

const whenWords = (now: string, { until }: Line, standing: Standing): string => {
  const distance = formatDistance(parseISO(until), parseISO(now));
  return until === now
    ? 'best before today'
    : standing === 'past'
      ? `past since ${dayWords(until)}`
      : `best before ${dayWords(until)}, in ${distance}`;
};

/** The months above the bars, and today across them. */
const Months = ({ line, now }: { line: TimeLine; now: string }) => (
  <div aria-hidden className="relative mb-2 h-10 text-xs text-soft max-sm:hidden">
    <span
      className="absolute top-0 -translate-x-1/2 font-semibold text-press"
      style={{ left: `${100 * placeOnLine(line, now)}%` }}
    >
      today
    </span>
    {line.marks.map((mark, n) => (
      <span
        key={mark}
        className="absolute bottom-0 border-l border-line pl-1 whitespace-nowrap"
        style={{ left: `${100 * placeOnLine(line, mark)}%` }}
      >
        {format(parseISO(mark), n === 0 || mark.slice(5, 7) === '01' ? 'MMM yyyy' : 'MMM')}
      </span>
    ))}
  </div>
);

const Row = ({ entry, line, now }: { entry: Line; line: TimeLine; now: string }) => {
  const standing = standingOf(now, entry);
  const from = placeOnLine(line, entry.from ?? entry.until);
  const until = placeOnLine(line, entry.until);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-4 gap-y-0.5 border-b border-line pb-1.5 sm:grid-cols-[17rem_minmax(0,1fr)] sm:items-center">
      <p className="min-w-0">
        <Link to={entry.to} className="text-press no-underline hover:underline">
          {entry.name}
        </Link>
        <span className={clsx('block text-sm', look[standing].ink)}>
          <span aria-hidden>{look[standing].mark}</span>
          {whenWords(now, entry, standing)}
        </span>
      </p>
      <div aria-hidden className="relative h-4 forced-color-adjust-none">
        <span
          className={clsx(
            'absolute top-1 h-2 rounded-full',
            look[standing].bar,
            entry.from === null && 'w-2',
          )}
          style={{
            left: `${100 * from}%`,
            ...(entry.from === null ? {} : { width: `max(8px, ${100 * (until - from)}%)` }),
          }}
        />
        <span
          className="absolute inset-y-0 w-0.5 bg-press sm:-inset-y-3"
          style={{ left: `${100 * placeOnLine(line, now)}%` }}
        />
      </div>
    </div>
  );
};

const kinds = { all: 'bottles and batches', bottle: 'bottles', batch: 'batches' } as const;

/** How long what is on the shelf and what was made keeps, on one line of time. */
export const DatesScreen = () => {
  const catalog = useCatalog();
  const shelf = useStored(['bottles'], () => bottles.list());
  const log = useStored(['batches that keep'], () => keepingBatches(mostBatches));
  const [kind, setKind] = useState<keyof typeof kinds>('all');
  const failed = shelf.error ?? log.error;
  if (failed) throw failed;
  const now = today();
  const { lines, undated } = useMemo(() => {
    const dated: Line[] = [];
    const without: string[] = [];
    for (const { id, bottle } of shelf.data ?? []) {
      if (bottle.finishedOn !== null) continue;
      const name = materialName(catalog, bottle.materialId);
      const keeps = keeping(catalog, bottle);
      if (keeps === null) without.push(name);
      else
        dated.push({
          id: `bottle/${id}`,
          name: bottle.lot ? `${name}, lot ${bottle.lot}` : name,
          what: 'bottle',
          to: `/shelf/${id}`,
          from: keeps.from,
          until: keeps.until,
        });
    }
    for (const { id, name, madeOn, until } of log.data ?? []) {
      dated.push({
        id: `batch/${id}`,
        name,
        what: 'batch',
        to: `/batches/${id}`,
        from: madeOn,
        until,
      });
    }
    return {
      lines: dated.sort((a, b) => a.until.localeCompare(b.until)),
      undated: without.sort(byName),
    };
  }, [catalog, shelf.data, log.data]);
  const shown = useMemo(
    () => lines.filter(({ what }) => kind === 'all' || what === kind),
    [lines, kind],
  );
  const line = useMemo(() => timeLineOf(now, shown), [now, shown]);
  const byId = useMemo(() => new Map(shown.map((one) => [one.id, one])), [shown]);
  if (shelf.data === undefined || log.data === undefined) return null;
  const past = shown.filter((one) => standingOf(now, one) === 'past').length;
  return (
    <div className="mx-auto max-w-5xl">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle
          title="Dates"
          aside={past > 0 ? `${past} past ${past === 1 ? 'its' : 'their'} date` : ''}
        />
        <ButtonLink to="/shelf">{shelfWords.backToTheShelf}</ButtonLink>
      </div>
      <Panel aria-label={shelfWords.howLongItKeeps} className="mt-3 px-5 pt-3 pb-2">
        <div className="flex flex-wrap items-end justify-between gap-x-5 gap-y-2">
          <p className="max-w-prose text-sm text-soft">{shelfWords.eachBarRuns}</p>
          <SelectField
            label="Show"
            value={kind}
            choices={Object.entries(kinds) as [keyof typeof kinds, string][]}
            onChoose={setKind}
          />
        </div>
        {shown.length === 0 ? (
          <p className="py-3">{shelfWords.nothingHereHasADate}</p>
        ) : (
          <>
            <div className="mt-1 grid sm:grid-cols-[17rem_minmax(0,1fr)] sm:gap-x-4">
              <span />
              <Months line={line} now={now} />
            </div>
            <WindowList ids={shown.map(({ id }) => id)} rowPx={60}>
              {(id) => {
                const entry = byId.get(id);
                return entry && <Row entry={entry} line={line} now={now} />;
              }}
            </WindowList>
          </>
        )}
        {undated.length > 0 && kind !== 'batch' && (
          <p className="pb-1 text-sm text-soft">{shelfWords.undated(someOfWords(undated))}</p>
        )}
      </Panel>
    </div>
  );
};
