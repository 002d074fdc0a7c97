import {
  Combobox,
  ComboboxInput,
  ComboboxOption,
  ComboboxOptions,
  Description,
  Field,
} from '@headlessui/react';
import { forbiddenNamed } from '@jubbet/core/catalog';
import { clsx } from 'clsx';
import { useState, type ReactNode, type Ref } from 'react';
import { Link } from 'react-router';
import { FieldProblem } from './FieldProblem';
import { OilName } from './OilName';

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
  onList,
  nameIn = (query) => query,
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
  /** The name in what is typed, where an amount may be beside it. */
  nameIn?: (query: string) => string;
  /** A list that was pasted; true where it was taken, and nothing is left to type. */
  onList?: (text: string) => boolean;
  ref?: Ref<HTMLInputElement>;
}) => {
  const [query, setQuery] = useState('');
  const found = search(query).slice(0, 8);
  const forbidden = forbiddenNamed(nameIn(query));
  return (
    <Field className="grid gap-1">
      <Combobox<T | null>
        immediate={false}
        value={null}
        onChange={(material) => {
          if (!material) return;
          onPick(material, query);
          setQuery('');
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
          onChange={(event) => setQuery(event.target.value)}
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
                <b>{forbidden.name}</b> must never go on skin: {forbidden.why}.{' '}
                <Link to={`/materials/${forbidden.id}`} className="underline">
                  Why, and what to use instead
                </Link>
              </p>
            )}
            {found.length === 0 && !forbidden && (
              <p className="px-3 py-2 text-soft">Nothing found for “{query.trim()}”.</p>
            )}
          </ComboboxOptions>
        )}
      </Combobox>
    </Field>
  );
};
