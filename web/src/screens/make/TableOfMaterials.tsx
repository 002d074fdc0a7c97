import type { Blend } from '@jubbet/core/drops';
import { outOfBottles, type Mixture } from '@jubbet/core/mixture';
import { onTheTable } from '@jubbet/core/stock';
import { eachWords, formatNumber, fromWords, inAllWords } from '@jubbet/core/words';
import { clsx } from 'clsx';
import { Button } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { OilName } from '../../parts/OilName';
import { OilSwatch } from '../../parts/OilSwatch';
import { Cell, Row, RowHead, Table } from '../../ui/Table';
import { nonBreaking } from '../../parts/nonBreaking';
import { useUnits } from '../../parts/useUnits';
import { useWrite } from '../../parts/useWrite';
import { bottles, type ShelvedRecord } from '../../store/bottles';
import { today } from '../../store/now';
import { useStored } from '../../store/useStored';

/** All that must be on the table, how much of it, and from which bottle. */
export const TableOfMaterials = ({
  blend,
  mixture,
  count,
}: {
  blend: Blend;
  mixture: Mixture;
  /** Of how many containers the mixture is each; 1 where all is mixed in one. */
  count: number;
}) => {
  const catalog = useCatalog();
  const units = useUnits();
  const shelf = useStored(['bottles'], () => bottles.list()).data;
  if (!shelf) return null;
  const rows = onTheTable(
    outOfBottles(mixture, blend.preDilutions ?? [], count),
    count,
    shelf,
    (id) => catalog.openBottle(id),
  );
  const weighed = blend.formula.by === 'weight' || blend.inOne;
  const several = count > 1;
  return (
    <Table
      cards
      columns={[
        { name: 'Material' },
        { name: several ? 'In each' : 'Amount' },
        ...(several ? [{ name: 'In all' }] : []),
        { name: 'From the bottle' },
      ]}
    >
      <tbody>
        {rows.map((row) => {
          const oil = catalog.oil(row.materialId);
          const base = catalog.base(row.materialId);
          const { text, isShort } = fromWords(row);
          return (
            <Row key={row.materialId}>
              <RowHead className="align-middle!">
                <span className="flex items-center gap-2.5">
                  {oil ? <OilSwatch oil={oil} /> : <BaseSwatch kind={base?.kind ?? 'oil'} />}
                  <OilName name={oil?.name ?? base?.name ?? row.materialId} />
                </span>
              </RowHead>
              <Cell
                under={several ? 'In each' : 'Amount'}
                className="align-middle! whitespace-nowrap"
              >
                {eachWords(row, weighed, units)}
              </Cell>
              {several && (
                <Cell under="In all" className="align-middle! whitespace-nowrap">
                  {inAllWords(row, weighed, units)}
                </Cell>
              )}
              <Cell
                under="From the bottle"
                className={clsx('align-middle! text-sm', isShort ? 'text-amber' : 'text-soft')}
              >
                {isShort && '▲ '}
                {nonBreaking(text)}
                <OtherBottles
                  material={oil?.name ?? base?.name ?? row.materialId}
                  inUse={catalog.openBottle(row.materialId)?.id ?? null}
                  bottles={shelf.filter(
                    ({ bottle }) =>
                      bottle.materialId === row.materialId && bottle.finishedOn === null,
                  )}
                />
              </Cell>
            </Row>
          );
        })}
      </tbody>
    </Table>
  );
};

/** What carries, in the colour that it has in the glass. */
const BaseSwatch = ({ kind }: { kind: string }) => (
  <span
    aria-hidden
    className={clsx(
      'h-7 w-3.5 flex-none rounded-xs forced-color-adjust-none',
      kind === 'wax'
        ? 'bg-wax'
        : kind === 'butter'
          ? 'bg-butter'
          : kind === 'dry'
            ? 'bg-grain'
            : 'bg-carrier',
    )}
  />
);

/** Several bottles of one material: which is taken. A closed one is opened with it. */
const OtherBottles = ({
  material,
  inUse,
  bottles: alike,
}: {
  material: string;
  inUse: string | null;
  bottles: readonly ShelvedRecord[];
}) => {
  const write = useWrite();
  const others = alike.filter(({ id, bottle }) => id !== inUse && bottle.left > 0);
  if (others.length === 0) return null;
  const take = async ({ id, bottle }: ShelvedRecord): Promise<void> => {
    if (bottle.openedOn === null) await bottles.write(id, { ...bottle, openedOn: today() });
    await bottles.takeFirst(id);
  };
  return (
    <span className="mt-1 flex flex-wrap gap-1.5">
      {others.map((record) => (
        <Button
          key={record.id}
          className="min-h-8! px-2! py-0.5! text-sm"
          aria-label={`${material}: take ${bottleWords(record)}`}
          onClick={() => void write('The bottle', () => take(record))}
        >
          Take {bottleWords(record)}
        </Button>
      ))}
    </span>
  );
};

const bottleWords = ({ bottle }: ShelvedRecord): string =>
  `${bottle.lot ? `lot ${bottle.lot}` : 'another bottle'}, ${formatNumber(bottle.left, 3)} ${bottle.unit}${bottle.openedOn === null ? ', and open it' : ''}`;
