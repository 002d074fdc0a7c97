import { Panel } from '../../ui/Panel';
import { shelfWords } from '@jubbet/core/words';
import { oilsToAsk } from '@jubbet/core/advice';
import { StoredScreen } from '../../parts/StoredScreen';
import { useCatalog } from '../../parts/catalog';
import {
  type Base,
  botanicalOf,
  type Catalog,
  isNamedOnBottle,
  type Oil,
  searchBases,
  searchOils,
  tellApart,
} from '@jubbet/core/catalog';
import { bottleSchema, measuredIn, usualUnit, type Bottle } from '@jubbet/core/stock';
import { useMemo, type ReactNode } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { AmountUnder } from '../../parts/AmountField';
import { Button } from '../../ui/Button';
import { NumberUnder, SelectField, TextField } from '../../ui/Field';
import { OilName } from '../../parts/OilName';
import { PickByName } from '../../parts/PickByName';
import { RecordPage } from '../../parts/RecordPage';
import { useRecordForm, type FieldWords } from '../../parts/useRecordForm';
import { bottles } from '../../store/bottles';
import { today } from '../../store/now';
import { useStored } from '../../store/useStored';
import { ledger } from '../../store/ledger';
import { AnalysisField } from './AnalysisField';
import { DropLine } from './DropLine';
import { Ledger } from './Ledger';
import { Weighings } from './Weighings';
import { Tick } from '../../ui/Tick';

const densityOf = (catalog: Catalog, materialId: string): number | null =>
  catalog.oil(materialId)?.densityGPerMl ?? catalog.base(materialId)?.densityGPerMl ?? null;

const blank = (catalog: Catalog, materialId: string): Bottle => ({
  materialId,
  lot: '',
  supplier: '',
  boughtOn: null,
  openedOn: today(),
  printedDate: null,
  unit: usualUnit(catalog, materialId),
  size: 10,
  atStart: 10,
  price: null,
  weighings: [],
  analysis: null,
  first: false,
  finishedOn: null,
});

const units = [
  ['ml', 'ml'],
  ['g', 'g'],
] as const;

const words: FieldWords = {
  materialId: 'Choose what is in the bottle.',
  boughtOn: 'This is not a day. Use the calendar, or leave it empty.',
  'boughtOn/to-come': 'The day it was bought can’t be in the future.',
  openedOn: 'This is not a day. Use the calendar, or leave it empty while the bottle is closed.',
  'openedOn/to-come': 'The day it was opened can’t be in the future.',
  printedDate: 'This is not a day. Use the calendar, or leave it empty.',
  size: 'Type how much the full bottle holds.',
  atStart: 'Type how much is left.',
  'atStart/more-than-holds': 'More is left than the full bottle holds.',
};

/** A bottle as it may be on this shelf, today. */
const shelfSchema = (catalog: Catalog) =>
  bottleSchema.check(({ value, issues }) => {
    if (!catalog.oil(value.materialId) && !catalog.base(value.materialId))
      issues.push({ code: 'custom', input: value, path: ['materialId'], message: 'unknown' });
    for (const day of ['boughtOn', 'openedOn'] as const) {
      const on = value[day];
      if (on !== null && on > today())
        issues.push({ code: 'custom', input: value, path: [day], message: 'to-come' });
    }
  });

/** A day, or none. */
const dayOf = (text: string | null): string | null => text || null;

const BottleForm = ({
  id,
  stored,
  moved = false,
  ledger: lines,
}: {
  id: string | null;
  stored: Bottle;
  /** Something was taken from it: its ledger is in its unit. */
  moved?: boolean;
  /** What came and went in it. */
  ledger?: ReactNode;
}) => {
  const catalog = useCatalog();
  const isNew = id === null;
  const schema = useMemo(() => shelfSchema(catalog), [catalog]);
  const { form, value: bottle, set, line, problemAt } = useRecordForm(schema, stored, words, isNew);
  const material = catalog.oil(bottle.materialId) ?? catalog.base(bottle.materialId);
  const oxidises = catalog.oil(bottle.materialId)?.oxidation === 'high';
  const solid = usualUnit(catalog, bottle.materialId) === 'g';
  const shown = {
    unit: bottle.unit,
    densityGPerMl: densityOf(catalog, bottle.materialId),
    liquid: !solid,
  };
  return (
    <RecordPage
      title={material ? material.name : 'New bottle'}
      form={form}
      save={isNew ? 'Add to shelf' : 'Save'}
      onSave={() => (isNew ? bottles.add(bottle) : bottles.write(id, bottle))}
      removal={
        isNew
          ? null
          : {
              text: 'The bottle is deleted.',
              remove: () => bottles.remove(id),
              restore: () => bottles.restore(id),
            }
      }
      back="/shelf"
    >
      <section className="grid gap-4 rounded-xl border border-line bg-sheet px-5 py-4">
        {material ? (
          <p>
            <OilName name={material.name} />{' '}
            <Link to={`/materials/${material.id}`} className="text-press">
              about this oil
            </Link>
            {isNew && (
              <Button look="quiet" onClick={() => set({ materialId: '' })}>
                Something else
              </Button>
            )}
          </p>
        ) : (
          <PickByName<Oil | Base>
            label={shelfWords.whatIsInIt}
            meaningsOf={(name) => oilsToAsk(catalog, null, name)}
            placeholder={shelfWords.whatIsInItType}
            problem={problemAt('materialId')}
            search={(query) => [...searchOils(catalog, query), ...searchBases(catalog, query)]}
            isTaken={() => false}
            describe={(found, query) => tellApart(query, found.id) ?? botanicalOf(found)}
            onPick={({ id: materialId }) =>
              set({ materialId, unit: usualUnit(catalog, materialId) })
            }
          />
        )}
        <div className="flex flex-wrap gap-4">
          <TextField label="Lot" maxLength={80} className="w-32" {...line('lot')} />
          <TextField label="Supplier" maxLength={120} className="w-56" {...line('supplier')} />
          <TextField label="Bought on" type="date" max={today()} {...line('boughtOn', dayOf)} />
          <TextField
            label="Opened on"
            type="date"
            max={today()}
            hint={
              oxidises
                ? 'it oxidises quickly: this day decides how long it keeps'
                : 'empty while it is closed'
            }
            {...line('openedOn', dayOf)}
          />
          <TextField
            label={shelfWords.datePrintedOnIt}
            type="date"
            {...line('printedDate', dayOf)}
          />
          {isNamedOnBottle(catalog.oil(bottle.materialId), catalog.base(bottle.materialId)) && (
            <TextField
              label={shelfWords.ingredientsInciAsPrintedOn}
              maxLength={1000}
              className="w-72"
              {...line('inci')}
            />
          )}
        </div>
        <div className="flex flex-wrap gap-4">
          <SelectField
            label="Measured in"
            value={bottle.unit}
            choices={units}
            disabled={moved}
            hint={
              moved
                ? 'fixed: something was taken from it'
                : material && densityOf(catalog, material.id) === null
                  ? 'density not known: the numbers stay the same'
                  : undefined
            }
            onChoose={(unit) =>
              set(measuredIn(bottle, unit, densityOf(catalog, bottle.materialId)))
            }
          />
          <AmountUnder
            name="Holds"
            label={`Holds, in ${bottle.unit}`}
            className="w-24"
            of={shown}
            value={bottle.size}
            rule={{ least: 0, above: true, most: 20_000 }}
            problem={problemAt('size')}
            onNumber={(size) => set({ size })}
          />
          {isNew && (
            <AmountUnder
              name="Left in it"
              label={`Left in it, in ${bottle.unit}`}
              className="w-24"
              of={shown}
              value={bottle.atStart}
              rule={{ least: 0, most: 20_000 }}
              problem={problemAt('atStart')}
              onNumber={(atStart) => set({ atStart })}
            />
          )}
          <NumberUnder
            name="Price"
            label={shelfWords.priceOfTheWholeBottle}
            className="w-24"
            value={bottle.price}
            rule={{ least: 0, most: 100_000 }}
            onNumber={(price) => set({ price })}
            onEmpty={() => set({ price: null })}
          />
          <Tick
            className="self-end"
            isOn={bottle.finishedOn !== null}
            onTick={(isOn) => set({ finishedOn: isOn ? today() : null })}
          >
            finished
          </Tick>
          {!isNew && (
            <Tick className="self-end" isOn={bottle.first} onTick={(isOn) => set({ first: isOn })}>
              {shelfWords.takeThisOneFirst}
            </Tick>
          )}
        </div>
      </section>
      {lines}
      {material && catalog.oil(material.id) && (
        <>
          <Panel aria-label={shelfWords.dropSizeOfThisBottle} className="grid gap-2 px-5 py-4">
            <h2 className="text-lg">{shelfWords.dropSizeOfThisBottle}</h2>
            <Weighings weighings={bottle.weighings} onChange={(weighings) => set({ weighings })} />
            <DropLine bottle={bottle} />
          </Panel>
          <Panel aria-label="Batch analysis" className="grid gap-2 px-5 py-4">
            <h2 className="text-lg">Batch analysis</h2>
            <AnalysisField
              lot={bottle.lot}
              analysis={bottle.analysis}
              onChange={(analysis) => set({ analysis })}
            />
          </Panel>
        </>
      )}
    </RecordPage>
  );
};

export const NewBottleScreen = () => {
  const catalog = useCatalog();
  const [params] = useSearchParams();
  return <BottleForm id={null} stored={blank(catalog, params.get('of') ?? '')} />;
};

export const BottleScreen = () => {
  const { bottleId = '' } = useParams();
  const found = useStored(['bottle', bottleId], () => bottles.get(bottleId));
  const moved = useStored(['movements', bottleId], () => ledger.of(bottleId));
  return (
    <StoredScreen of={found} what="Bottle">
      {({ bottle: { left, ...stored } }) => (
        <BottleForm
          key={bottleId}
          id={bottleId}
          stored={stored}
          moved={(moved.data ?? []).length > 0}
          ledger={<Ledger bottleId={bottleId} bottle={{ ...stored, left }} />}
        />
      )}
    </StoredScreen>
  );
};
