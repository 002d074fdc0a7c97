import { containers } from '../store/containers';
import { isVisible, searchAsTyped } from '@jubbet/core/quantity';
import { useCatalog } from '../parts/catalog';
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { forbiddenNamed, searchBases, searchOils, nameIn } from '@jubbet/core/catalog';
import {
  containerWords,
  nameOrNone,
  planMomentWords,
  testedWords,
  wearerWords,
} from '@jubbet/core/words';
import { wearerOn } from '@jubbet/core/brief';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { OilName } from '../parts/OilName';
import { batches } from '../store/batches';
import { blends } from '../store/blends';
import { bottles } from '../store/bottles';
import { today } from '../store/now';
import { patchTests } from '../store/patchTests';
import { people } from '../store/people';
import { plans } from '../store/plans';
import { recipients } from '../store/recipients';
import { useWrite } from '../parts/useWrite';
import { useStored } from '../store/useStored';

interface Hit {
  readonly key: string;
  readonly kind: string;
  readonly name: string;
  readonly aside: string;
  readonly open: () => Promise<string>;
}

/** More than this no one reads. */
const mostOfAKind = 5;

const at = (path: string) => () => Promise.resolve(path);

/** Finds anything by its name: what is in the house, and the oils and bases of the library. */
export const Find = ({ onClose }: { onClose: () => void }) => {
  const catalog = useCatalog();
  const [query, setQuery] = useState('');
  const navigate = useNavigate();
  const write = useWrite();
  const book = useStored(['blend names'], () => blends.names()).data ?? [];
  const log = useStored(['batch names'], () => batches.names()).data ?? [];
  const house = useStored(['people'], () => people.list()).data ?? [];
  const shelf = useStored(['bottles'], () => bottles.list()).data ?? [];
  const own = useStored(['containers'], () => containers.list()).data ?? [];
  const given = useStored(['recipients'], () => recipients.list()).data ?? [];
  const tests = useStored(['patch tests'], () => patchTests.list()).data ?? [];
  const planned = useStored(['plans'], () => plans.list()).data ?? [];
  const tagged = useStored(['blend tags'], () => blends.tagged()).data ?? [];
  const hasQuery = isVisible(query);
  const isFound = searchAsTyped(query);
  const matches = (...names: string[]) => hasQuery && names.some(isFound);

  const hits: Hit[] = [
    ...book
      .map(({ id, ...of }) => ({
        id,
        name: of['recipe.name'] ?? '',
        purpose: of['recipe.purpose'] ?? '',
      }))
      .filter(({ name, purpose }) => matches(name, purpose))
      .slice(0, mostOfAKind)
      .map(({ id, name, purpose }) => ({
        key: `blend/${id}`,
        kind: 'blend',
        name: name || 'Without a name',
        aside: purpose,
        open: at(`/blends/${id}`),
      })),
    ...log
      .map(({ id, number = '', ...of }) => ({ id, number, name: of['file.name'] ?? '' }))
      .filter(({ number, name }) => matches(number, name))
      .slice(0, mostOfAKind)
      .map(({ id, number, name }) => ({
        key: `batch/${id}`,
        kind: 'batch',
        name: number,
        aside: name,
        open: at(`/batches/${id}`),
      })),
    ...planned
      .filter(({ plan }) => matches(plan.name))
      .slice(0, mostOfAKind)
      .map(({ id, plan }) => ({
        key: `plan/${id}`,
        kind: 'plan',
        name: nameOrNone(plan.name),
        aside: `ready by ${planMomentWords(plan.ready)}`,
        open: at(`/plans/${id}`),
      })),
    ...house
      .filter(({ person }) => matches(person.name))
      .slice(0, mostOfAKind)
      .map(({ id, person }) => ({
        key: `person/${id}`,
        kind: 'person',
        name: wearerWords(wearerOn(person, today())),
        aside: '',
        open: at(`/people/${id}`),
      })),
    ...given
      .filter(({ recipient }) => matches(recipient.name, recipient.which))
      .slice(0, mostOfAKind)
      .map(({ id, recipient }) => ({
        key: `recipient/${id}`,
        kind: 'given',
        name: recipient.name,
        aside: `a piece of batch ${log.find(({ id: one }) => one === recipient.batchId)?.['number'] ?? ''}`,
        open: at(`/batches/${recipient.batchId}`),
      })),
    ...tests
      .filter(({ test }) => matches(test.personName))
      .slice(0, mostOfAKind)
      .map(({ id, test }) => ({
        key: `test/${id}`,
        kind: 'test',
        name: test.personName,
        aside: `a patch test: ${testedWords(test)}`,
        open: at(
          test.of.kind === 'batch'
            ? `/batches/${test.of.batchId}`
            : `/materials/${test.of.materialId}`,
        ),
      })),
    ...tagged
      .filter(({ tags }) => matches(...tags))
      .slice(0, mostOfAKind)
      .map(({ id, name, tags }) => ({
        key: `tag/${id}`,
        kind: 'tag',
        name: name || 'Without a name',
        aside: tags.join(', '),
        open: at(`/blends/${id}`),
      })),
    ...shelf
      .filter(({ bottle }) => matches(bottle.lot, nameIn(catalog, bottle.materialId)))
      .slice(0, mostOfAKind)
      .map(({ id, bottle }) => ({
        key: `bottle/${id}`,
        kind: 'bottle',
        name: nameIn(catalog, bottle.materialId),
        aside: bottle.lot ? `lot ${bottle.lot}` : 'no lot',
        open: at(`/shelf/${id}`),
      })),
    ...own
      .filter(({ container }) => matches(container.name))
      .slice(0, mostOfAKind)
      .map(({ id, container }) => ({
        key: `container/${id}`,
        kind: 'container',
        name: container.name,
        aside: containerWords({ kind: container.kind, nominalMl: container.nominalMl }),
        open: at(`/shelf/containers/${id}`),
      })),
    ...[forbiddenNamed(query)]
      .filter((entry) => entry !== undefined)
      .map(({ id, name }) => ({
        key: `never/${id}`,
        kind: 'never',
        name,
        aside: 'must never go on skin: why, and what to use instead',
        open: at(`/materials/${id}`),
      })),
    ...searchOils(catalog, query)
      .slice(0, mostOfAKind)
      .map((oil) => ({
        key: `oil/${oil.id}`,
        kind: 'oil',
        name: oil.name,
        aside: 'start a new blend with it',
        open: async () => `/blends/${await blends.create({ oilId: oil.id })}`,
      })),
    ...[...searchOils(catalog, query), ...searchBases(catalog, query)]
      .slice(0, mostOfAKind)
      .map((material) => ({
        key: `about/${material.id}`,
        kind: 'about',
        name: material.name,
        aside: 'about this oil',
        open: at(`/materials/${material.id}`),
      })),
  ];

  return (
    <Combobox<Hit | null>
      value={null}
      onChange={(hit) => {
        if (!hit) return;
        onClose();
        void write('The new blend', hit.open).then((path) => path && navigate(path));
      }}
    >
      <ComboboxInput
        autoFocus
        aria-label="Find"
        autoComplete="off"
        placeholder="Oil, blend, person …"
        className="min-h-11 w-full rounded-md border border-night-field bg-sheet px-2.5 text-ink placeholder:text-soft sm:min-h-9"
        displayValue={() => query}
        onChange={(event) => setQuery(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Escape') onClose();
        }}
        onBlur={() => {
          if (!hasQuery) onClose();
        }}
      />
      {hasQuery && (
        <ComboboxOptions
          static
          anchor={{ to: 'bottom start', gap: 4, padding: 12 }}
          className="z-50 max-h-[70dvh]! w-[min(34rem,calc(100vw-24px))] overflow-y-auto rounded-lg border border-line bg-sheet p-1 text-ink shadow-lg"
        >
          {hits.map((hit) => (
            <ComboboxOption
              key={`${query}/${hit.key}`}
              value={hit}
              className="flex min-h-11 cursor-pointer items-center gap-3 rounded-md px-3 py-1.5 data-focus:bg-slate-wash"
            >
              <span className="w-18 flex-none text-sm text-soft">{hit.kind}</span>
              <span className="min-w-0 flex-1 truncate">
                {hit.kind === 'oil' || hit.kind === 'about' ? (
                  <OilName name={hit.name} />
                ) : (
                  <b>{hit.name}</b>
                )}
                {hit.aside && <span className="text-sm text-soft"> · {hit.aside}</span>}
              </span>
            </ComboboxOption>
          ))}
          {hits.length === 0 && (
            <p className="px-3 py-2 text-soft">Nothing found for “{query.trim()}”.</p>
          )}
        </ComboboxOptions>
      )}
    </Combobox>
  );
};
