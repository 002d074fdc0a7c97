import { takenBy, type Made } from '@jubbet/core/batch';
import { nameIn } from '@jubbet/core/catalog';
import { madePieces } from '@jubbet/core/label';
import type { BenchEvent } from '@jubbet/core/making';
import { costsOf, priceAtMargin, type Priced } from '@jubbet/core/stock';
import { containerWords, formatList, formatMl, moneyWords } from '@jubbet/core/words';
import { useMemo } from 'react';
import { useCatalog } from '../../parts/catalog';
import { NumberUnder } from '../../parts/Field';
import { OilName } from '../../parts/OilName';
import { Cell, Row, RowHead, Table } from '../../parts/Table';
import { useWrite } from '../../parts/useWrite';
import { bottles } from '../../store/bottles';
import type { BatchRecord } from '../../store/database';
import { settings, type Settings } from '../../store/settings';
import { useStored } from '../../store/useStored';

/** What is taken off the shelf, each with its bottle. */
const usePriced = (
  batch: BatchRecord,
  made: Made,
  events: readonly BenchEvent[],
): readonly Priced[] | null => {
  const shelf = useStored(['bottles'], () => bottles.list()).data;
  const taken = useMemo(() => takenBy(made, events, batch.bottles), [made, events, batch.bottles]);
  if (!shelf) return null;
  const byId = new Map(shelf.map(({ id, bottle }) => [id, bottle]));
  return taken.map(({ materialId, bottleId, ml, g }) => {
    const bottle = bottleId === null ? null : (byId.get(bottleId) ?? null);
    return { materialId, amount: bottle?.unit === 'g' ? g : ml, bottle };
  });
};

const Pieces = ({
  made,
  known,
  isAll,
  money,
}: {
  made: Made;
  /** Of all materials, as far as it is known. */
  known: number;
  /** False where some price is not known: everything is at least so much. */
  isAll: boolean;
  money: Settings;
}) => {
  const write = useWrite();
  const pieces = madePieces(made);
  const wholeMl = made.containers
    .filter(({ isEmpty }) => !isEmpty)
    .reduce((total, { evaluation }) => total + evaluation.mixture.fillMl, 0);
  const inPieces = pieces.reduce((total, { ml, count }) => total + ml * count, 0);
  const jugMl = wholeMl - inPieces;
  const said = (amount: number): string =>
    `${isAll ? '' : 'at least '}${moneyWords(amount, money.currency)}`;
  const { containerPrices, labelPrice, marginPercent } = money;
  return (
    <>
      {pieces.map(({ container, count, ml }) => {
        const key = `${container.kind}-${container.nominalMl}`;
        const price = containerPrices[key] ?? null;
        const content = wholeMl > 0 ? (known * ml) / wholeMl : 0;
        const each = price === null || labelPrice === null ? null : content + price + labelPrice;
        return (
          <div key={key} className="grid gap-2 border-t border-line pt-3">
            <p>
              {count} × {containerWords(container)}: {said(content)} of contents each
              {each !== null && (
                <>
                  ; with container and label <b>{said(each)}</b>
                </>
              )}
              {each !== null && marginPercent !== null && (
                <>
                  . At a margin of {marginPercent} % a stall would ask{' '}
                  <b>{said(priceAtMargin(each, marginPercent))}</b>
                </>
              )}
              .
            </p>
            <div className="flex flex-wrap gap-3">
              <NumberUnder
                name="Container, each"
                className="w-20"
                value={price}
                rule={{ least: 0, most: 10_000 }}
                onNumber={(value) =>
                  void write('The price', () =>
                    settings.write('containerPrices', { ...containerPrices, [key]: value }),
                  )
                }
                onEmpty={() => {
                  const { [key]: _, ...rest } = containerPrices;
                  void write('The price', () => settings.write('containerPrices', rest));
                }}
              />
              <NumberUnder
                name="Label, each"
                className="w-20"
                value={labelPrice}
                rule={{ least: 0, most: 10_000 }}
                onNumber={(value) =>
                  void write('The price', () => settings.write('labelPrice', value))
                }
                onEmpty={() => void write('The price', () => settings.write('labelPrice', null))}
              />
              <NumberUnder
                name="Margin, % of the price"
                className="w-20"
                value={marginPercent}
                rule={{ least: 0, most: 95 }}
                onNumber={(value) =>
                  void write('The margin', () => settings.write('marginPercent', value))
                }
                onEmpty={() =>
                  void write('The margin', () => settings.write('marginPercent', null))
                }
              />
            </div>
          </div>
        );
      })}
      {jugMl > 0.05 && (
        <p className="text-soft">
          {formatMl(jugMl, 3)} stayed in the jug: {said((known * jugMl) / wholeMl)} of it.
        </p>
      )}
    </>
  );
};

/** What a batch cost by what it took off the shelf, and what a piece of it does. */
export const Cost = ({
  batch,
  made,
  events,
}: {
  batch: BatchRecord;
  made: Made;
  events: readonly BenchEvent[];
}) => {
  const catalog = useCatalog();
  const priced = usePriced(batch, made, events);
  const money = useStored(['settings'], () => settings.read()).data;
  if (!priced || !money || priced.length === 0) return null;
  const { lines, known, unknown } = costsOf(priced);
  return (
    <section
      aria-label="What it cost"
      className="grid gap-3 rounded-xl border border-line bg-sheet px-5 py-4"
    >
      <h2 className="text-lg">
        What it cost
        <span className="text-base font-normal text-soft">
          {' '}
          {unknown.length === lines.length
            ? 'not known yet'
            : `${unknown.length > 0 ? 'at least ' : ''}${moneyWords(known, money.currency)}`}
        </span>
      </h2>
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
          Not known: {formatList(unknown.map((id) => nameIn(catalog, id).toLowerCase()))}. A bottle
          on the shelf with its price tells it.
        </p>
      )}
      {unknown.length < lines.length && (
        <Pieces made={made} known={known} isAll={unknown.length === 0} money={money} />
      )}
    </section>
  );
};
