import { Panel } from '../../ui/Panel';
import {
  type CarrierKind,
  type CarrierOrder,
  type CarrierOnShelf,
  carrierFeel,
  carrierOnShelf,
  filterCarriers,
  type ShelvedBottle,
} from '@jubbet/core/stock';
import { removeBase, addBase } from '@jubbet/core/recipe';
import { allergyTo } from '@jubbet/core/limits';
import { baseFacts } from '@jubbet/core/catalog';
import {
  allergyWords,
  countedWords,
  formatG,
  formatMl,
  formatNumber,
  blendWords,
} from '@jubbet/core/words';
import { StoredScreen } from '../../parts/StoredScreen';
import { useCatalog } from '../../parts/catalog';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { Button, ButtonLink } from '../../ui/Button';
import { SelectField } from '../../ui/Field';
import { OneBlend } from '../../parts/OneBlend';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { bottles } from '../../store/bottles';
import type { BlendRecord } from '../../store/database';
import { useStored } from '../../store/useStored';
import { CarrierMap } from './CarrierMap';
import { useRecipe } from './useRecipe';
import { Cell, Row, RowHead, Table, type Column } from '../../ui/Table';
import { Tick } from '../../ui/Tick';

const kinds: Record<CarrierKind, string> = {
  oil: 'Carrier oils',
  butter: 'Butters',
  wax: 'Waxes',
  dry: 'Salt, sugar and starch',
  other: 'All others',
};

type Kind = CarrierKind;

const skins = ['any', 'normal', 'dry', 'oily', 'sensitive', 'acne-prone', 'mature'] as const;
const sinks = ['any', 'fast', 'medium', 'slow'] as const;
const orders: Record<CarrierOrder, string> = {
  name: 'name',
  keeps: 'how long it keeps',
  price: 'price',
};

const looks = { feel: 'by feel', table: 'as a table' } as const;
type Look = keyof typeof looks;

const columns: readonly Column[] = [
  ...['Carrier', 'Suits skin', 'Feel', 'Absorbs', 'Smell'].map((name) => ({ name })),
  ...['Keeps', 'On the shelf', 'Price of 100 ml'].map((name) => ({ name, right: true })),
  { name: <span className="sr-only">Choose</span> },
];

const CarrierRow = ({
  row: { base, left, price },
  wearer,
  isIn,
  onToggle,
}: {
  row: CarrierOnShelf;
  wearer: BlendRecord['recipe']['brief']['wearer'];
  isIn: boolean;
  onToggle: () => void;
}) => {
  const catalog = useCatalog();
  const facts = baseFacts(base.id);
  const against = allergyTo(base, wearer, catalog);
  return (
    <Row>
      <RowHead className="font-semibold">
        <Link to={`/materials/${base.id}`} className="text-press">
          {base.name}
        </Link>
        {against && (
          <span className={against.what === 'avoid' ? 'block text-brick' : 'block text-amber'}>
            {against.what === 'avoid' ? '■ avoid for this person' : '▲ caution'}:{' '}
            {allergyWords(catalog, against.to)}
          </span>
        )}
      </RowHead>
      <Cell under="Suits skin">{facts?.skin.join(', ') || 'not known'}</Cell>
      <Cell under="Feel">{facts?.feel ?? 'not known'}</Cell>
      <Cell under="Absorbs">{facts?.absorption ?? 'not known'}</Cell>
      <Cell under="Smell">{facts?.odour ?? 'not known'}</Cell>
      <Cell right under="Keeps" className="whitespace-nowrap">
        {countedWords(base.shelfMonths, 'month')}
      </Cell>
      <Cell right under="On the shelf" className="whitespace-nowrap">
        {left ? `${formatMl(left.ml, 3)}, ${formatG(left.g, 3)}` : '–'}
      </Cell>
      <Cell right under="Price of 100 ml">
        {price === null ? 'not known' : formatNumber(price, 3)}
      </Cell>
      <Cell right>
        <Button
          aria-label={`${isIn ? 'Remove' : 'Add'} ${base.name}`}
          disabled={!isIn && against?.what === 'avoid'}
          onClick={onToggle}
        >
          {isIn ? 'Remove' : 'Add'}
        </Button>
      </Cell>
    </Row>
  );
};

const Carriers = ({ record, shelf }: { record: BlendRecord; shelf: readonly ShelvedBottle[] }) => {
  const catalog = useCatalog();
  const { recipe, change } = useRecipe(record);
  const { wearer } = recipe.brief;
  const [kind, setKind] = useState<Kind>('oil');
  const [skin, setSkin] = useState<(typeof skins)[number]>(
    wearer !== null && wearer !== 'anyone' && wearer.skin === 'sensitive' ? 'sensitive' : 'any',
  );
  const [sink, setSink] = useState<(typeof sinks)[number]>('any');
  const [order, setOrder] = useState<CarrierOrder>('name');
  const [without, setWithout] = useState(true);
  const [look, setLook] = useState<Look>('feel');
  const [here, setHere] = useState(false);
  const rows = useMemo(
    () => catalog.bases.map((base) => carrierOnShelf(base, shelf)),
    [catalog, shelf],
  );
  const shown = filterCarriers(catalog, rows, wearer, {
    kind,
    skin: skin === 'any' ? null : skin,
    absorption: sink === 'any' ? null : sink,
    withoutAvoided: without,
    onShelfOnly: here,
    order,
  });
  // Of waxes, salts and powders no one asks how they absorb.
  const byFeel = look === 'feel' && shown.some(({ base }) => carrierFeel(base.id) !== null);
  const back = `/blends/${record.id}`;
  const isIn = (baseId: string) => recipe.bases.some(({ id }) => id === baseId);
  const toggle = (baseId: string) =>
    change(isIn(baseId) ? removeBase(baseId) : addBase(catalog, baseId));
  return (
    <div className="mx-auto grid max-w-[1280px] grid-cols-[minmax(0,1fr)] gap-4">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle title={`Carriers for ${recipe.name || 'this blend'}`} aside="side by side" />
        <ButtonLink look="first" to={back}>
          {blendWords.backToTheBlend}
        </ButtonLink>
      </div>
      <Panel className="flex flex-wrap items-end gap-x-5 gap-y-3 px-4 py-3">
        <SelectField
          label="Show"
          value={look}
          choices={Object.entries(looks) as [Look, string][]}
          onChoose={setLook}
        />
        <SelectField
          label="Kind"
          value={kind}
          choices={Object.entries(kinds) as [Kind, string][]}
          onChoose={setKind}
        />
        <SelectField
          label="Skin"
          value={skin}
          choices={skins.map((entry) => [entry, entry] as const)}
          onChoose={setSkin}
        />
        <SelectField
          label="Absorbs"
          value={sink}
          choices={sinks.map((entry) => [entry, entry] as const)}
          onChoose={setSink}
        />
        {!byFeel && (
          <SelectField
            label="In order of"
            value={order}
            choices={Object.entries(orders) as [CarrierOrder, string][]}
            onChoose={setOrder}
          />
        )}
        <Tick isOn={without} onTick={setWithout}>
          {blendWords.hideForThisPerson}
        </Tick>
        <Tick isOn={here} onTick={setHere}>
          {blendWords.onTheShelfOnly}
        </Tick>
      </Panel>
      {byFeel ? (
        <CarrierMap
          rows={shown}
          isIn={isIn}
          mustAvoid={({ base }) => allergyTo(base, wearer, catalog)?.what === 'avoid'}
          onToggle={toggle}
        />
      ) : (
        <div
          tabIndex={0}
          role="region"
          aria-label="Carriers compared"
          className="relative overflow-x-auto rounded-xl border border-line bg-sheet px-4 pb-2"
        >
          <Table cards columns={columns} className="text-[15px]">
            <tbody>
              {shown.map((row) => (
                <CarrierRow
                  key={row.base.id}
                  row={row}
                  wearer={wearer}
                  isIn={isIn(row.base.id)}
                  onToggle={() => toggle(row.base.id)}
                />
              ))}
            </tbody>
          </Table>
          {shown.length === 0 && <p className="py-3">{blendWords.noMatchesRemoveAFilter}</p>}
        </div>
      )}
    </div>
  );
};

/** All bases side by side, for the wearer and the shelf of this blend. */
export const CarriersScreen = () => {
  const { data, error } = useStored(['bottles'], () => bottles.list());
  const shelf = useMemo(() => data?.map(({ bottle }) => bottle), [data]);
  return (
    <StoredScreen of={{ data: shelf, error }}>
      {(here) => <OneBlend>{(record) => <Carriers record={record} shelf={here} />}</OneBlend>}
    </StoredScreen>
  );
};
