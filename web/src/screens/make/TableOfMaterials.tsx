import type { Blend } from '@jubbet/core/drops';
import type { Mixture } from '@jubbet/core/mixture';
import { onTheTable } from '@jubbet/core/stock';
import { eachWords, fromWords, inAllWords } from '@jubbet/core/words';
import { clsx } from 'clsx';
import { useCatalog } from '../../parts/catalog';
import { OilName } from '../../parts/OilName';
import { OilSwatch } from '../../parts/OilSwatch';
import { Cell, Row, RowHead, Table } from '../../parts/Table';
import { together } from '../../parts/together';
import { useUnits } from '../../parts/useUnits';
import { bottles } from '../../store/bottles';
import { useStored } from '../../store/useStored';

/** All that must stand on the table, how much of it, and from which bottle. */
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
  const rows = onTheTable(mixture, count, shelf, (id) => catalog.openBottle(id));
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
                {together(text)}
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
