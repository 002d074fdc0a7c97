import { Panel } from '../../ui/Panel';
import { usageOf, type Made, type Taken } from '@jubbet/core/batch';
import { nameIn } from '@jubbet/core/catalog';
import { madePieces, pieceCosts, type Piece, type PieceCosts } from '@jubbet/core/label';
import type { BenchEvent } from '@jubbet/core/making';
import { costsOf, priceAtMargin, type Priced } from '@jubbet/core/stock';
import {
  containerWords,
  formatList,
  formatMl,
  moneyWords,
  nameInSentence,
  batchesWords,
  formatNumber,
} from '@jubbet/core/words';
import { useMemo } from 'react';
import { useCatalog } from '../../parts/catalog';
import { NumberUnder } from '../../ui/Field';
import { OilName } from '../../parts/OilName';
import { Cell, Row, RowHead, Table } from '../../ui/Table';
import { useWrite } from '../../parts/useWrite';
import { bottles, type ShelvedRecord } from '../../store/bottles';
import type { BatchRecord } from '../../store/database';
import { settings, type Settings } from '../../store/settings';
import { useStored } from '../../store/useStored';

/** What was taken, priced by what its bottles had cost when it was finished; else by what they cost now. */
const pricedBy = (
  shelf: readonly ShelvedRecord[],
  taken: readonly Taken[],
  then: BatchRecord['prices'],
): readonly Priced[] => {
  const byId = new Map(shelf.map(({ id, bottle }) => [id, bottle]));
  return taken.map(({ materialId, bottleId, ml, g }) => {
    const bottle = bottleId === null ? null : (then?.of[bottleId] ?? byId.get(bottleId) ?? null);
    return { materialId, amount: bottle?.unit === 'g' ? g : ml, bottle };
  });
};

/** A price that is remembered, or none. */
const PriceField = ({
  name,
  value,
  most = 10_000,
  onChange,
}: {
  name: string;
  value: number | null;
  most?: number;
  onChange: (value: number | null) => Promise<void>;
}) => {
  const write = useWrite();
  return (
    <NumberUnder
      name={name}
      className="w-20"
      value={value}
      rule={{ least: 0, most }}
      onNumber={(next) => void write(name, () => onChange(next))}
      onEmpty={() => void write(name, () => onChange(null))}
    />
  );
};

const Pieces = ({
  pieces,
  costs: { each, rest },
  isAll,
  money,
}: {
  pieces: readonly Piece[];
  costs: PieceCosts;
  /** False where some price is not known: everything is at least so much. */
  isAll: boolean;
  money: Settings;
}) => {
  const priced = (amount: number): string =>
    `${isAll ? '' : 'at least '}${moneyWords(amount, money.currency)}`;
  const { containerPrices, labelPrice, marginPercent } = money;
  return (
    <>
      {pieces.map(({ container, count }, n) => {
        const key = `${container.kind}-${container.nominalMl}`;
        const price = containerPrices[key] ?? null;
        const content = each[n] ?? 0;
        const whole = price === null || labelPrice === null ? null : content + price + labelPrice;
        return (
          <div key={n} className="grid gap-2 border-t border-line pt-3">
            <p>
              {count} × {containerWords(container)}: {priced(content)} of contents each
              {whole !== null && (
                <>
                  {batchesWords.withContainerAndLabel} <b>{priced(whole)}</b>
                </>
              )}
              {whole !== null && marginPercent !== null && (
                <>
                  . {batchesWords.stallWouldAsk(formatNumber(marginPercent, 3))}{' '}
                  <b>{priced(priceAtMargin(whole, marginPercent))}</b>
                </>
              )}
              .
            </p>
            <div className="flex flex-wrap gap-3">
              <PriceField
                name="Container, each"
                value={price}
                onChange={(value) => {
                  const { [key]: _, ...others } = containerPrices;
                  return settings.write(
                    'containerPrices',
                    value === null ? others : { ...others, [key]: value },
                  );
                }}
              />
              <PriceField
                name="Label, each"
                value={labelPrice}
                onChange={(value) => settings.write('labelPrice', value)}
              />
              <PriceField
                name="Margin, % of the price"
                value={marginPercent}
                most={95}
                onChange={(value) => settings.write('marginPercent', value)}
              />
            </div>
          </div>
        );
      })}
      {rest.ml > 0.05 && (
        <p className="text-soft">
          {batchesWords.stayedInTheJugOr(formatMl(rest.ml, 3), priced(rest.cost))}
        </p>
      )}
    </>
  );
};

/** What a batch cost, from what it took off the shelf; null while that is read, or where it took nothing. */
export const useCost = (batch: BatchRecord, made: Made, events: readonly BenchEvent[]) => {
  const shelf = useStored(['bottles'], () => bottles.list()).data;
  const set = useStored(['settings'], () => settings.read()).data;
  const taken = useMemo(() => usageOf(made, events, batch.bottles), [made, events, batch.bottles]);
  if (!shelf || !set || taken.length === 0) return null;
  // Old money stays what it was.
  const money = { ...set, currency: batch.prices?.currency ?? set.currency };
  const cost = costsOf(pricedBy(shelf, taken, batch.prices));
  const { lines, known, unknown } = cost;
  const total =
    unknown.length === lines.length
      ? 'not known yet'
      : `${unknown.length > 0 ? 'at least ' : ''}${moneyWords(known, money.currency)}`;
  return { money, cost, taken, total };
};

/** What each material of a batch cost, and what a piece of it does. */
export const Cost = ({
  made,
  cost: { money, cost, taken, total },
}: {
  made: Made;
  cost: NonNullable<ReturnType<typeof useCost>>;
}) => {
  const catalog = useCatalog();
  const { lines, unknown } = cost;
  const pieces = madePieces(made);
  return (
    <Panel aria-label={batchesWords.whatItCost} className="grid gap-3 px-5 py-4">
      <h3 className="text-lg">
        {batchesWords.whatItCost}
        <span className="text-base font-normal text-soft"> {total}</span>
      </h3>
      <Table className="w-fit!" columns={[{ name: 'Material' }, { name: 'Cost', right: true }]}>
        <tbody>
          {lines.map(({ materialId, cost }) => (
            <Row key={materialId}>
              <RowHead>
                <OilName name={nameIn(catalog, materialId)} />
              </RowHead>
              <Cell right under="Cost">
                {cost === null ? (
                  <span className="text-soft">not known</span>
                ) : (
                  moneyWords(cost, money.currency)
                )}
              </Cell>
            </Row>
          ))}
        </tbody>
      </Table>
      {unknown.length > 0 && (
        <p className="max-w-prose text-sm text-soft">
          {batchesWords.notKnownAddABottle(
            formatList(unknown.map((id) => nameInSentence(catalog, id))),
          )}
        </p>
      )}
      {unknown.length < lines.length && (
        <Pieces
          pieces={pieces}
          costs={pieceCosts(pieces, cost, taken)}
          isAll={unknown.length === 0}
          money={money}
        />
      )}
    </Panel>
  );
};
