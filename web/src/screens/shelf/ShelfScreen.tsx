import type { Catalog } from '@jubbet/core/catalog';
import { More, MoreAct, MoreLink } from '../../ui/More';
import { Panel } from '../../ui/Panel';
import { containers } from '../../store/containers';
import { byName } from '@jubbet/core/quantity';
import { useCatalog } from '../../parts/catalog';
import {
  botanicalOf,
  fillMl,
  searchBases,
  searchOils,
  tellApart,
  type Base,
  type Oil,
} from '@jubbet/core/catalog';
import { dropOfBottle, keeping, type Bottle } from '@jubbet/core/stock';
import {
  countedWords,
  formatNumber,
  formatRange,
  oneOf,
  volumeWords,
  shelfWords,
} from '@jubbet/core/words';
import { clsx } from 'clsx';
import { format, parseISO } from 'date-fns';
import { Link, useNavigate } from 'react-router';
import { Boundary } from '../../parts/Boundary';
import { BrokenRecord } from '../../parts/BrokenRecord';
import { ButtonLink } from '../../ui/Button';
import { OilName } from '../../parts/OilName';
import { PickByName } from '../../parts/PickByName';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { WindowList } from '../../ui/WindowList';
import { useWrite } from '../../parts/useWrite';
import { bottles, type ShelvedRecord } from '../../store/bottles';
import { materials } from '../../store/materials';
import { today } from '../../store/now';
import { useStored, useThere } from '../../store/useStored';
import { useUnits } from '../../parts/useUnits';
import { materialName } from './materialName';

const dayWords = (day: string): string => format(parseISO(day), 'd MMM yyyy');

const State = ({ bottle }: { bottle: Bottle }) => {
  const catalog = useCatalog();
  const keeps = keeping(catalog, bottle);
  if (bottle.finishedOn) return <span className="text-soft">finished</span>;
  if (!keeps) return <span className="text-soft">not open yet</span>;
  const past = keeps.until < today();
  return (
    <span className={clsx(past && 'font-semibold text-brick')}>
      {past ? 'past its date since' : 'best before'} {dayWords(keeps.until)}
    </span>
  );
};

const Row = ({ record: { id, bottle } }: { record: ShelvedRecord }) => {
  const catalog = useCatalog();
  const drop = dropOfBottle(catalog, bottle);
  const share = Math.min(1, bottle.left / bottle.size);
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-1 border-b border-line pt-1 pb-2.5">
      <span className="min-w-52 flex-1">
        <Link to={`/shelf/${id}`} className="text-press no-underline hover:underline">
          <OilName name={materialName(catalog, bottle.materialId)} />
        </Link>
        <span className="block text-sm text-soft">
          {bottle.lot ? `lot ${bottle.lot}` : 'no lot'}
          {bottle.openedOn ? ` · opened ${dayWords(bottle.openedOn)}` : ''}
          {bottle.analysis ? ' · with its own analysis' : ''}
        </span>
      </span>
      <span className="w-36 text-sm">
        <span aria-hidden className="block h-1.5 w-full rounded bg-line">
          <span className="block h-full rounded bg-press" style={{ width: `${100 * share}%` }} />
        </span>
        {formatNumber(bottle.left, 3)} of {formatNumber(bottle.size, 3)} {bottle.unit}
      </span>
      <span className="w-44 text-sm">
        {!catalog.oil(bottle.materialId) ? null : drop ? (
          `a drop is ${formatRange(drop, 'ml')}`
        ) : (
          <span className="text-soft">drop not measured</span>
        )}
      </span>
      <span className="w-52 text-sm">
        <State bottle={bottle} />
      </span>
    </div>
  );
};

const Group = ({ title, records }: { title: string; records: readonly ShelvedRecord[] }) => {
  const catalog = useCatalog();
  const write = useWrite();
  return records.length === 0 ? null : (
    <Panel aria-label={title} className="mt-5 px-5 py-3">
      <h2 className="text-lg">{title}</h2>
      <WindowList ids={records.map(({ id }) => id)} rowPx={72}>
        {(id) => {
          const record = records.find((shelved) => shelved.id === id);
          return (
            record && (
              <Boundary
                fallback={(error) => (
                  <BrokenRecord
                    what="bottle"
                    name={materialName(catalog, record.bottle.materialId)}
                    error={error}
                    record={record}
                    onDelete={() => void write('The shelf', () => bottles.remove(id))}
                  />
                )}
              >
                <Row record={record} />
              </Boundary>
            )
          );
        }}
      </WindowList>
    </Panel>
  );
};

type Material = Oil | Base;

/** Every bottle as a table that can be imported again. */
const saveShelf = async (catalog: Catalog, records: readonly ShelvedRecord[]): Promise<void> => {
  const [{ saveTable }, { shelfFields, shelfRows }] = await Promise.all([
    import('../../parts/saveTable'),
    import('../../store/houseTables'),
  ]);
  saveTable('shelf', shelfFields, shelfRows(catalog, records));
};

/** Bottles in the house, and every material by any name. */
export const ShelfScreen = () => {
  const catalog = useCatalog();
  const units = useUnits();
  const data = useThere(['bottles'], () => bottles.list());
  const own = useStored(['materials'], () => materials.list()).data ?? [];
  const ownContainers = useStored(['containers'], () => containers.list()).data ?? [];
  const navigate = useNavigate();
  const write = useWrite();
  if (data === undefined) return null;
  const open = data.filter(({ bottle }) => !bottle.finishedOn);
  const byMaterial = (a: ShelvedRecord, b: ShelvedRecord) =>
    byName(materialName(catalog, a.bottle.materialId), materialName(catalog, b.bottle.materialId));
  const oils = open.filter(({ bottle }) => catalog.oil(bottle.materialId)).sort(byMaterial);
  const others = open.filter(({ bottle }) => !catalog.oil(bottle.materialId)).sort(byMaterial);
  const ownOnes = own.filter(({ own: { kind } }) => kind !== 'figure' && kind !== 'check');
  return (
    <div className="mx-auto max-w-4xl">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle
          title="Shelf"
          aside={open.length > 0 ? countedWords(open.length, 'bottle') : ''}
        />
        <div className="flex flex-wrap gap-2">
          <More>
            <MoreLink to="/shelf/import">Import bottles</MoreLink>
            <MoreAct
              disabled={data.length === 0}
              onClick={() => void write('The file', () => saveShelf(catalog, data))}
            >
              {shelfWords.shelfAsCsv}
            </MoreAct>
          </More>
          <ButtonLink to="/shelf/dates">Dates</ButtonLink>
          <ButtonLink to="/shelf/shopping">Shopping list</ButtonLink>
          <ButtonLink look="first" to="/shelf/new">
            Add a bottle
          </ButtonLink>
        </div>
      </div>
      <div className="mt-3 max-w-xl">
        <PickByName<Material>
          label={shelfWords.lookUpAnOilOr}
          placeholder={shelfWords.lookUpAnyOilCarrier}
          search={(query) => [...searchOils(catalog, query), ...searchBases(catalog, query)]}
          isTaken={() => false}
          describe={(material, query) => tellApart(query, material.id) ?? botanicalOf(material)}
          onPick={({ id }) => void navigate(`/materials/${id}`)}
        />
      </div>
      {open.length === 0 && <p className="mt-4 max-w-prose">{shelfWords.addYourBottlesWithThe}</p>}
      <Group title="Oils" records={oils} />
      <Group title="Bases" records={others} />
      <Group title="Finished" records={data.filter(({ bottle }) => bottle.finishedOn)} />
      <Panel aria-label={shelfWords.containersOfYourOwn} className="mt-5 px-5 py-3">
        <h2 className="text-lg">{shelfWords.containersOfYourOwn}</h2>
        {ownContainers.length > 0 ? (
          <ul>
            {ownContainers.map(({ id, container: container }) => (
              <li
                key={id}
                className="flex flex-wrap gap-x-5 gap-y-1 border-b border-line py-2 last:border-0"
              >
                <Link
                  to={`/shelf/containers/${id}`}
                  className="min-w-52 flex-1 text-press no-underline hover:underline"
                >
                  {container.name}
                </Link>
                <span className="w-36 text-sm">
                  {oneOf(container.kind)}, {volumeWords(container.nominalMl, units, 4)}
                </span>
                <span className="w-44 text-sm">
                  to its line {volumeWords(fillMl(container), units)}
                </span>
                <span className="w-52 text-sm">
                  brimful{' '}
                  {container.brimfulMl === undefined
                    ? 'not known'
                    : volumeWords(container.brimfulMl, units)}
                </span>
              </li>
            ))}
          </ul>
        ) : (
          <p className="mt-1 max-w-prose">{shelfWords.measureABottleATin}</p>
        )}
        <p className="mt-2">
          <ButtonLink to="/shelf/containers/new">Measure a container</ButtonLink>
        </p>
      </Panel>
      <Panel aria-label={shelfWords.materialsOfYourOwn} className="mt-5 px-5 py-3">
        <h2 className="text-lg">{shelfWords.materialsOfYourOwn}</h2>
        <ul className="mt-1 flex flex-wrap gap-x-4 gap-y-1">
          {ownOnes.map(({ id, own: entry }) => (
            <li key={id}>
              <Link to={`/materials/${id}`} className="text-press">
                {'name' in entry ? entry.name : id}
              </Link>
            </li>
          ))}
        </ul>
        <p className="mt-2 flex flex-wrap gap-2">
          <ButtonLink to="/materials/new/oil">An oil</ButtonLink>
          <ButtonLink to="/materials/new/ready-made">A ready-made blend</ButtonLink>
          <ButtonLink to="/materials/new/fragrance">A fragrance oil</ButtonLink>
          <ButtonLink to="/materials/new/base">A base</ButtonLink>
        </p>
      </Panel>
    </div>
  );
};
