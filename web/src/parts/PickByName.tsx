import { Notice } from '../ui/Notice';
import { partsWords } from '@jubbet/core/words';
import {
  Combobox,
  ComboboxInput,
  ComboboxOption,
  ComboboxOptions,
  Description,
  Field,
} from '@headlessui/react';
import { forbiddenNamed, plainName } from '@jubbet/core/catalog';
import { clsx } from 'clsx';
import { useId, useState, type ReactNode, type Ref } from 'react';
import { Link } from 'react-router';
import { Button } from '../ui/Button';
import { FieldProblem } from '../ui/FieldProblem';
import { OilName } from './OilName';
import type { Refusal } from '../ui/refusal';

/**
 * Picks a material by any of its names: three letters and enter. What is taken
 * already is shown and cannot be picked again.
 */
export const PickByName = <T extends { readonly id: string; readonly name: string }>({
  label,
  placeholder,
  search,
  isTaken,
  describe,
  aside,
  problem,
  onPick,
  doubtOf = () => null,
  nothing,
  onList,
  nameIn = (query) => query,
  meaningsOf = () => [],
  ref,
}: {
  label: string;
  placeholder: string;
  search: (query: string) => readonly T[];
  isTaken: (material: T) => boolean;
  describe: (material: T, query: string) => string;
  aside?: (material: T) => ReactNode;
  /** What is wrong with what is picked so far. */
  problem?: string | undefined;
  /** With what was typed: an amount may be beside the name. */
  onPick: (material: T, query: string) => void;
  /** Why an amount beside the name cannot be read as it is, with the ways in which it may be meant. */
  doubtOf?: (material: T, query: string) => Refusal | null;
  /** What else can be done where nothing of that name is found. */
  nothing?: (query: string) => ReactNode;
  /** The name in what is typed, where an amount may be beside it. */
  nameIn?: (query: string) => string;
  /** What a name may be for, where Enter alone must not choose; none where it may. */
  meaningsOf?: (name: string) => readonly T[];
  /** A list that was pasted; true where it was taken, and nothing is left to type. */
  onList?: (text: string) => boolean;
  ref?: Ref<HTMLInputElement>;
}) => {
  const [query, setQuery] = useState('');
  // True once a row was pointed at or moved to: Enter on what was only typed chooses nothing that
  // could be something else.
  const [isChosen, setIsChosen] = useState(false);
  const [asked, setAsked] = useState<readonly T[]>([]);
  const [doubted, setDoubted] = useState<{ material: T; refusal: Refusal } | null>(null);
  const type = (text: string) => {
    setQuery(text);
    setIsChosen(false);
    setAsked([]);
    setDoubted(null);
  };
  const take = (material: T, text: string) => {
    onPick(material, text);
    type('');
  };
  const pick = (material: T) => {
    // An amount that cannot be read is asked back, and what was typed stays.
    const refusal = doubtOf(material, query);
    if (refusal) setDoubted({ material, refusal });
    else take(material, query);
  };
  const found = search(query).slice(0, 8);
  // What is found by guessing alone may be none of it.
  const said = plainName(nameIn(query));
  const isFar =
    nothing !== undefined &&
    said.length > 2 &&
    !found.some(({ name }) => plainName(name).includes(said));
  const which = useId();
  const forbidden = forbiddenNamed(nameIn(query));
  return (
    <Field className="grid gap-1">
      <Combobox<T | null>
        immediate={false}
        value={null}
        onChange={(material) => {
          if (!material) return;
          const meanings = isChosen ? [] : meaningsOf(nameIn(query));
          if (meanings.length > 1) setAsked(meanings);
          else pick(material);
        }}
      >
        <ComboboxInput
          ref={ref ?? null}
          aria-label={label}
          autoComplete="off"
          placeholder={placeholder}
          aria-invalid={Boolean(problem)}
          className={clsx(
            'w-full rounded-md border bg-transparent px-2 py-2 placeholder:text-soft',
            problem ? 'border-brick' : 'border-field',
          )}
          displayValue={() => query}
          value={query}
          onChange={(event) => type(event.target.value)}
          onKeyDown={({ key }) => {
            if (key === 'ArrowDown' || key === 'ArrowUp') setIsChosen(true);
          }}
          onPaste={(event) => {
            if (onList?.(event.clipboardData.getData('text/plain'))) event.preventDefault();
          }}
        />
        {problem && <Description as={FieldProblem} problem={problem} />}
        {query.trim() !== '' && (
          <ComboboxOptions
            static={false}
            anchor={{ to: 'bottom start', gap: 4, padding: 12 }}
            className="z-50 max-h-80! w-[min(30rem,calc(100vw-24px))] overflow-y-auto rounded-lg border border-line bg-sheet p-1 shadow-lg empty:hidden"
          >
            {found.map((material) => {
              const taken = isTaken(material);
              return (
                <ComboboxOption
                  // A new query is a new list: what is marked is its first row, never the one that
                  // was marked before.
                  key={`${query}/${material.id}`}
                  value={material}
                  disabled={taken}
                  className="flex cursor-pointer items-baseline gap-3 rounded-md px-3 py-2 data-disabled:opacity-60 data-focus:bg-slate-wash"
                  onPointerDown={() => setIsChosen(true)}
                >
                  <span className="min-w-0 flex-1">
                    <OilName name={material.name} />
                    <span className="block text-sm text-soft">
                      {taken ? 'already added' : describe(material, query)}
                    </span>
                  </span>
                  {aside && (
                    <span className="text-sm whitespace-nowrap text-soft">{aside(material)}</span>
                  )}
                </ComboboxOption>
              );
            })}
            {forbidden && (
              <p className="px-3 py-2 text-brick">
                <b>{forbidden.name}</b> {partsWords.neverOnSkin(forbidden.why)}{' '}
                <Link to={`/materials/${forbidden.id}`} className="underline">
                  {partsWords.whyAndWhatToUse}
                </Link>
              </p>
            )}
            {isFar && found.length > 0 && (
              <p className="px-3 py-2 text-sm text-soft">{partsWords.noneOfTheseCloseThe}</p>
            )}
            {found.length === 0 && !forbidden && (
              <p className="px-3 py-2 text-soft">Nothing found for “{query.trim()}”.</p>
            )}
          </ComboboxOptions>
        )}
      </Combobox>
      {isFar && !forbidden && (
        <Notice tone="note" className="px-3! py-2! text-sm">
          {nothing(query.trim())}
        </Notice>
      )}
      {doubted && (
        <Notice tone="caution" role="group" aria-label="The amount" className="px-3! py-2!">
          <p role="alert">
            <span aria-hidden>▲ </span>
            {doubted.refusal.sentence}
          </p>
          <div className="mt-1 flex flex-wrap gap-2">
            {doubted.refusal.readings.map((reading) => (
              <Button
                key={reading}
                onClick={() => take(doubted.material, `${reading} ${doubted.material.name}`)}
              >
                {reading}
              </Button>
            ))}
            <Button onClick={() => take(doubted.material, doubted.material.name)}>
              Add {doubted.material.name} without an amount
            </Button>
          </div>
        </Notice>
      )}
      {asked.length > 0 && (
        <Notice tone="caution" role="group" aria-labelledby={which} className="px-3! py-2!">
          <p id={which} role="alert" className="font-semibold">
            <span aria-hidden>▲ </span>Which {nameIn(query).toLowerCase()}? Their limits differ.
          </p>
          {asked.map((material) => (
            <button
              key={material.id}
              type="button"
              disabled={isTaken(material)}
              className="mt-1 block w-full rounded-md border border-field bg-sheet px-3 py-2 text-left hover:border-press disabled:opacity-60"
              onClick={() => pick(material)}
            >
              <OilName name={material.name} />
              {aside && (
                <span className="inline-block text-sm text-soft">&nbsp;· {aside(material)}</span>
              )}
              <span className="block text-sm text-soft">
                {isTaken(material) ? 'already added' : describe(material, query)}
              </span>
            </button>
          ))}
        </Notice>
      )}
    </Field>
  );
};
