import { verdictWords, blendsWords } from '@jubbet/core/words';
import { clsx } from 'clsx';
import { LayoutGrid, List, ListFilter, Search, Star, X } from 'lucide-react';
import { useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { useCatalog } from '../../parts/catalog';
import { blends } from '../../store/blends';
import { madeWhen } from '../../store/madeWhen';
import { useStored, useThere } from '../../store/useStored';
import { choicesOf, factsOf, matching, ordered } from './bookFacts';
import { isWhole, type BookFilter } from './bookFilter';
import { useVerdicts } from './useVerdicts';

const chip = 'inline-flex min-h-10 items-center gap-1.5 rounded-full border px-3.5 text-[15px]';
const off = 'border-field bg-sheet text-ink hover:border-press';
const on = 'border-press bg-press text-press-ink';

/** Up to so many blends all are read for the filters as soon as these are there. */
const readAtOnce = 300;

/** One thing to choose the book by. */
const Choose = ({
  label,
  any,
  value,
  choices,
  onChoose,
}: {
  label: string;
  /** What it says where nothing is chosen. */
  any: string;
  value: string;
  choices: readonly (readonly [string, string])[];
  onChoose: (value: string) => void;
}) =>
  choices.length === 0 && value === '' ? null : (
    <select
      aria-label={label}
      className={clsx(chip, 'w-30', value === '' ? off : on)}
      value={value}
      onChange={(event) => onChoose(event.target.value)}
    >
      <option value="">{any}</option>
      {value !== '' && !choices.some(([id]) => id === value) && (
        <option value={value}>no longer there</option>
      )}
      {choices.map(([id, text]) => (
        <option key={id} value={id}>
          {text}
        </option>
      ))}
    </select>
  );

/** Blends whose text holds what is typed: kept at once, asked for when typing pauses a moment. */
const FindField = ({ find, onFind }: { find: string; onFind: (find: string) => void }) => {
  const [typed, setTyped] = useState(find);
  /** What was asked for last from here: when it comes back in the address, typing has gone on. */
  const sent = useRef(find);
  useEffect(() => {
    if (find !== sent.current) setTyped(find);
    sent.current = find;
  }, [find]);
  useEffect(() => {
    if (typed === sent.current) return undefined;
    const timer = setTimeout(() => {
      sent.current = typed;
      onFind(typed);
    }, 120);
    return () => clearTimeout(timer);
  }, [typed, onFind]);
  return (
    <span className="relative min-w-28 flex-1 basis-28">
      <Search aria-hidden size={16} className="absolute top-3 left-3 text-soft" />
      <input
        type="search"
        aria-label="Search the blends"
        placeholder={blendsWords.namePersonOilOrTag}
        maxLength={200}
        className="min-h-10 w-full rounded-full border border-field bg-sheet pr-3 pl-9"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
      />
    </span>
  );
};

const verdicts = (['within', 'caution', 'over', 'unknown'] as const).map(
  (verdict) => [verdict, verdictWords(verdict)] as const,
);

const Look = ({
  filter,
  change,
}: {
  filter: BookFilter;
  change: (some: Partial<BookFilter>) => void;
}) => (
  <span role="group" aria-label="Look" className="inline-flex rounded-full border border-field">
    {(
      [
        ['shelf', 'As a shelf', <LayoutGrid key="shelf" aria-hidden size={18} />],
        ['list', 'As a list', <List key="list" aria-hidden size={18} />],
      ] as const
    ).map(([look, name, icon]) => (
      <button
        key={look}
        type="button"
        aria-label={name}
        title={name}
        aria-pressed={filter.look === look}
        className={clsx(
          'inline-grid h-10 w-11 place-items-center rounded-full',
          filter.look === look ? 'bg-press text-press-ink' : 'text-soft hover:text-ink',
        )}
        onClick={() => change({ look })}
      >
        {icon}
      </button>
    ))}
  </span>
);

/** Search, filters and order of the book; it draws what comes of them. */
export const BookTools = ({
  filter,
  change,
  ids,
  children,
}: {
  filter: BookFilter;
  change: (some: Partial<BookFilter>) => void;
  /** All blends, the last changed first. */
  ids: readonly string[];
  children: (ids: readonly string[]) => ReactNode;
}) => {
  const catalog = useCatalog();
  const whole = isWhole(filter);
  // On a phone the filters are folded away until they are asked for.
  const [open, setOpen] = useState(false);
  const [near, setNear] = useState(false);
  // Of a full house all blends are read when someone comes near the filters, not before.
  const wanted = !whole || near || ids.length <= readAtOnce;
  const all = useThere(['all blends', wanted], () =>
    wanted ? blends.list() : Promise.resolve([]),
  );
  const lastMade = useStored(['last made', filter.order], () =>
    filter.order === 'made' ? madeWhen.last() : Promise.resolve(new Map<string, string>()),
  ).data;
  const facts = useMemo(
    () => (all ?? []).map((record) => factsOf(catalog, record)),
    [all, catalog],
  );
  const choices = useMemo(() => choicesOf(facts), [facts]);
  const some = useMemo(
    () => ordered(matching(facts, filter), filter.order, lastMade ?? new Map<string, string>()),
    [facts, lastMade, filter],
  );
  const { found, share } = useVerdicts(some, filter.verdict);
  const shown = whole ? ids : found.map(({ record }) => record.id);
  return (
    <>
      <div
        role="search"
        aria-label="Filter the blends"
        onPointerEnter={() => setNear(true)}
        onFocus={() => setNear(true)}
        className="mt-3 flex flex-wrap items-center gap-2"
      >
        <FindField find={filter.find} onFind={(find) => change({ find })} />
        <button
          type="button"
          aria-expanded={open}
          className={clsx(chip, off, 'sm:hidden')}
          onClick={() => setOpen(!open)}
        >
          <ListFilter aria-hidden size={16} /> Filters
        </button>
        <div className={clsx('contents', !open && 'max-sm:hidden')}>
          <button
            type="button"
            aria-pressed={filter.favourites === 'yes'}
            className={clsx(chip, filter.favourites ? on : off)}
            onClick={() => change({ favourites: filter.favourites ? '' : 'yes' })}
          >
            <Star aria-hidden size={16} /> Favourites
          </button>
          <Choose
            label="For whom"
            any="person"
            value={filter.person}
            choices={choices.people.map(([id, name]) => [id, `for ${name}`] as const)}
            onChoose={(person) => change({ person })}
          />
          <Choose
            label="Container"
            any="container"
            value={filter.kind}
            choices={choices.kinds}
            onChoose={(kind) => change({ kind })}
          />
          <Choose
            label="Verdict"
            any="verdict"
            value={filter.verdict}
            choices={verdicts}
            onChoose={(verdict) => change({ verdict: verdict as BookFilter['verdict'] })}
          />
          <Choose
            label="Tag"
            any="tag"
            value={filter.tag}
            choices={choices.tags}
            onChoose={(tag) => change({ tag })}
          />
        </div>
        <span className="ml-auto flex items-center gap-2">
          <select
            aria-label="Order"
            className={clsx(chip, 'w-43 border-transparent bg-transparent px-1 text-soft')}
            value={filter.order}
            onChange={(event) => change({ order: event.target.value as BookFilter['order'] })}
          >
            <option value="changed">last changed first</option>
            <option value="made">last made first</option>
            <option value="name">by name</option>
          </select>
          <Look filter={filter} change={change} />
        </span>
      </div>
      {!isWhole({ ...filter, order: 'changed' }) && (
        <p role="status" className="mt-2 flex flex-wrap items-center gap-3 text-sm text-soft">
          {share < 1
            ? `Checking the blends: ${Math.round(100 * share)} %`
            : found.length === 0
              ? 'No matches. Remove a filter.'
              : `${found.length} of ${ids.length}`}
          <button
            type="button"
            className="inline-flex min-h-8 items-center gap-1 text-press underline-offset-4 hover:underline"
            onClick={() =>
              change({
                find: '',
                favourites: '',
                person: '',
                kind: '',
                verdict: '',
                tag: '',
              })
            }
          >
            <X aria-hidden size={14} /> Show all
          </button>
        </p>
      )}
      {children(shown)}
    </>
  );
};
