import { useCatalog } from '../../parts/catalog';
import {
  formatDrops,
  formatNumber,
  formatPercent,
  placeWords,
  wearerWords,
  basesWords,
  fillingsWords,
  strengthWords,
} from '@jubbet/core/words';
import { workOut, fillingsOf } from '@jubbet/core/drops';
import type { Recipe } from '@jubbet/core/recipe';
import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import { OilName } from '../../parts/OilName';
import { VerdictMark } from '../../parts/VerdictMark';
import { Cell, Row, RowHead, Table } from '../../parts/Table';

interface Side {
  readonly id: string;
  readonly title: string;
  readonly recipe: Recipe;
}

/** Two drafts side by side; what differs is set in bold. */
export const CompareVersions = ({ sides }: { sides: readonly Side[] }) => {
  const catalog = useCatalog();
  const worked = sides.map(({ recipe }) => workOut(catalog, recipe));
  const ids = [...new Set(sides.flatMap(({ recipe }) => recipe.oils.map(({ id }) => id)))];
  const words: [string, string[]][] = [
    ['Container', sides.map(({ recipe }) => fillingsWords(fillingsOf(recipe)))],
    [
      'For',
      sides.map(({ recipe }) => (recipe.brief.wearer ? wearerWords(recipe.brief.wearer) : '–')),
    ],
    [
      'Place',
      sides.map(({ recipe }) => (recipe.brief.place ? placeWords[recipe.brief.place] : '–')),
    ],
    ['Carrier', sides.map(({ recipe }) => basesWords(catalog, recipe.bases))],
    [
      'Target',
      sides.map(({ recipe }) =>
        recipe.target ? formatPercent(recipe.target.percent, 3) : 'as counted',
      ),
    ],
  ];
  const dropsOf = (n: number, id: string): string => {
    const one = worked[n];
    const index = sides[n]?.recipe.oils.findIndex((oil) => oil.id === id) ?? -1;
    if (index < 0) return '–';
    const mixed = one?.state === 'done' ? one.evaluation.mixture.oils[index] : undefined;
    if (!mixed) return 'not worked out';
    // Each by what it is measured by: a share of the weight is no share of the volume.
    const weighed = sides[n]?.recipe.by === 'weight';
    const measure = weighed
      ? `${formatNumber(mixed.g.likely)} g`
      : `${formatNumber(mixed.ml.likely)} ml`;
    const percent = formatPercent((weighed ? mixed.byWeight : mixed.byVolume).likely);
    return `${mixed.drops === null ? measure : formatDrops(mixed.drops)} · ${percent}${weighed ? ' by weight' : ''}`;
  };
  const row = (key: string, head: ReactNode, values: readonly string[]) => (
    <Row key={key}>
      <RowHead>{head}</RowHead>
      {values.map((value, n) => (
        <Cell key={n} className={clsx(new Set(values).size > 1 && 'font-semibold')}>
          {value}
        </Cell>
      ))}
    </Row>
  );
  return (
    <section
      aria-label="Side by side"
      className="relative overflow-x-auto rounded-xl border border-line bg-sheet px-4 py-2"
    >
      <Table
        columns={[
          { name: 'Drops and percentage' },
          ...sides.map(({ title }) => ({
            name: <span className="font-serif text-lg font-normal text-ink">{title}</span>,
          })),
        ]}
      >
        <tbody>
          {words.map(([what, values]) => row(what, what, values))}
          {ids.map((id) =>
            row(
              id,
              <OilName name={catalog.oil(id)?.name ?? id} />,
              sides.map((_, n) => dropsOf(n, id)),
            ),
          )}
          <Row>
            <RowHead>Total</RowHead>
            {worked.map((one, n) => (
              <Cell key={n}>
                {one.state === 'done' ? (
                  <>
                    {strengthWords(one.evaluation.mixture, one.blend.formula.by)} ·{' '}
                    <VerdictMark verdict={one.evaluation.verdict} />
                  </>
                ) : (
                  'not worked out'
                )}
              </Cell>
            ))}
          </Row>
        </tbody>
      </Table>
    </section>
  );
};
