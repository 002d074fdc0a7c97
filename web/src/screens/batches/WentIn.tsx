import {
  formatDrops,
  formatG,
  formatMl,
  strengthWords,
  volumeWords,
  massWords,
  batchesWords,
} from '@jubbet/core/words';
import { madePieces, type Piece } from '@jubbet/core/label';
import type { Made, MadeContainer, TrailBatch } from '@jubbet/core/batch';
import { Link } from 'react-router';
import { weighedAs } from '@jubbet/core/making';
import { asItLies, type OilInBlend } from '@jubbet/core/mixture';
import { OilName } from '../../parts/OilName';
import { VerdictMark } from '../../parts/VerdictMark';
import { Cell, Row, RowHead, Table } from '../../ui/Table';
import { useUnits } from '../../parts/useUnits';

/** Bottles with the same in them are in one column; what comes from one jug is that jug. */
interface Column {
  readonly title: string;
  readonly one: MadeContainer;
}

const titleOf = (numbers: readonly number[]): string => {
  const [first = 0] = numbers;
  if (numbers.length === 1) return `Bottle ${first + 1}`;
  const last = numbers[numbers.length - 1] ?? first;
  return last - first + 1 === numbers.length
    ? `Bottles ${first + 1} to ${last + 1}, each`
    : `Bottles ${numbers.map((number) => number + 1).join(', ')}, each`;
};

const columnsOf = (made: Made): Column[] => {
  if (made.blend.inOne)
    return made.containers.map((container) => ({ title: 'Total', one: container }));
  return madePieces(made).flatMap(({ numbers }: Piece) => {
    const madeContainer = made.containers.find(({ number }) => number === numbers[0]);
    const title = made.blend.count === 1 ? 'In the bottle' : titleOf(numbers);
    return madeContainer ? [{ title, one: madeContainer }] : [];
  });
};

/** `3 drops`, `0.1 ml`, `1.2 g`. */
const amountWords = ({ drops, ml, g, weighedG }: OilInBlend): string => {
  if (drops !== null) return formatDrops(drops);
  return weighedG !== undefined ? formatG(g.likely, 3) : formatMl(ml.likely, 3);
};

/** What was to be weighed of a base, in g; null where it is not weighed by itself. */
const weighTarget = ({ planned }: Made, baseId: string): number | null => {
  const step = planned.find((entry) => entry.kind === 'weigh' && entry.baseId === baseId);
  return step?.kind === 'weigh' ? step.g : null;
};

/** The bottles that a material came from, each with its lot. */
const From = ({ bottles }: { bottles: TrailBatch['from'] }) =>
  bottles.map(({ bottleId, lot }, n) => (
    <span key={bottleId ?? n}>
      {n > 0 && ', '}
      {bottleId === null ? (
        <span className="text-soft">not recorded</span>
      ) : (
        <Link to={`/shelf/${bottleId}`} className="text-press">
          {lot ? `lot ${lot}` : 'no lot number'}
        </Link>
      )}
    </span>
  ));

/** Everything that went in, container by container, beside what was wanted, and where from. */
export const WentIn = ({ made, from }: { made: Made; from: TrailBatch['from'] }) => {
  const fromOf = (id: string) => (
    <Cell className="whitespace-nowrap" under="From">
      <From bottles={from.filter(({ materialId }) => materialId === id)} />
    </Cell>
  );
  const units = useUnits();
  const columns = columnsOf(made);
  const { blend } = made;
  const { oils } = blend.formula;
  if (columns.length === 0) return null;
  /** Oils that went in beside the recipe, each once. */
  const extra = [
    ...new Map(
      columns.flatMap(({ one }) =>
        one.evaluation.mixture.oils
          .filter((mixed) => !oils.some(({ oil }) => oil.id === mixed.oil.id))
          .map((mixed) => [mixed.oil.id, mixed] as const),
      ),
    ).values(),
  ];
  const extraBases = [
    ...new Map(
      columns.flatMap(({ one }) =>
        one.evaluation.mixture.bases
          .slice(blend.formula.bases.length)
          .map((mixed) => [mixed.base.id, mixed] as const),
      ),
    ).values(),
  ];
  const plannedAmount = (index: number): string => {
    const measure = oils[index]?.measure;
    if (!measure) return '';
    if (measure.by === 'drops') return formatDrops(measure.drops);
    if (measure.by === 'ml') return formatMl(measure.ml, 3);
    return measure.by === 'g' ? formatG(measure.g, 3) : '';
  };
  return (
    <div tabIndex={0} role="region" aria-label="What went in" className="relative overflow-x-auto">
      <Table
        cards
        rows="figures"
        caption="What went in"
        columns={[
          { name: 'Material' },
          { name: 'Target', right: true },
          ...columns.map(({ title }) => ({ name: title, right: true })),
          { name: 'From' },
        ]}
      >
        <tbody>
          {oils.map(({ oil }, index) => (
            <Row key={oil.id}>
              <RowHead>
                <OilName name={oil.name} />
              </RowHead>
              <Cell right under="Target">
                {plannedAmount(index)}
              </Cell>
              {columns.map(({ title, one }) => {
                const mixed = one.evaluation.mixture.oils[index];
                const fell = mixed ? amountWords(mixed) : '–';
                return (
                  <Cell key={title} right under={title} className="whitespace-nowrap">
                    {fell === plannedAmount(index) ? fell : <b className="text-amber">▲ {fell}</b>}
                  </Cell>
                );
              })}
              {fromOf(oil.id)}
            </Row>
          ))}
          {extra.map(({ oil }, n) => (
            <Row key={oil.id}>
              <RowHead>
                <OilName name={oil.name} />{' '}
                <span className="text-soft">
                  {made.tally.additions.some(
                    ({ ingredient, intended }) => intended && ingredient === oil.id,
                  )
                    ? 'added after smelling'
                    : 'not in the recipe'}
                </span>
              </RowHead>
              <Cell right under="Target">
                {formatDrops(0)}
              </Cell>
              {columns.map(({ title, one }) => {
                const mixed = one.evaluation.mixture.oils.find((entry) => entry.oil.id === oil.id);
                return (
                  <Cell key={`${title}/${n}`} right under={title} className="whitespace-nowrap">
                    {mixed ? <b className="text-amber">▲ {amountWords(mixed)}</b> : '–'}
                  </Cell>
                );
              })}
              {fromOf(oil.id)}
            </Row>
          ))}
          {blend.formula.bases.map(({ base }, index) => {
            const target = weighTarget(made, base.id);
            return (
              <Row key={base.id}>
                <RowHead>{base.name}</RowHead>
                <Cell right under="Target">
                  {target === null ? '' : formatG(target, 3)}
                </Cell>
                {columns.map(({ title, one }) => {
                  const mixed = one.evaluation.mixture.bases[index];
                  const words = mixed
                    ? target === null
                      ? volumeWords(asItLies(mixed), units)
                      : massWords(mixed.g.likely, units)
                    : '–';
                  const isOff =
                    mixed && target !== null && weighedAs(mixed.g.likely, target) !== 'right';
                  return (
                    <Cell key={title} right under={title} className="whitespace-nowrap">
                      {isOff ? <b className="text-amber">▲ {words}</b> : words}
                    </Cell>
                  );
                })}
                {fromOf(base.id)}
              </Row>
            );
          })}
          {extraBases.map(({ base }) => (
            <Row key={base.id}>
              <RowHead>
                {base.name} <span className="text-soft">{batchesWords.notInTheRecipe}</span>
              </RowHead>
              <Cell />
              {columns.map(({ title, one }) => {
                const mixed = one.evaluation.mixture.bases
                  .slice(blend.formula.bases.length)
                  .find((entry) => entry.base.id === base.id);
                return (
                  <Cell key={title} right under={title} className="whitespace-nowrap">
                    {mixed ? <b className="text-amber">▲ {formatMl(mixed.ml.likely, 3)}</b> : '–'}
                  </Cell>
                );
              })}
              {fromOf(base.id)}
            </Row>
          ))}
          {/* Of one container it stands above. */}
          {columns.length > 1 && (
            <Row>
              <RowHead className="font-semibold">Strength</RowHead>
              <Cell />
              {columns.map(({ title, one }) => (
                <Cell key={title} right under={title} className="whitespace-nowrap">
                  {strengthWords(one.evaluation.mixture, blend.formula.by)}
                  <span className="block text-sm">
                    <VerdictMark verdict={one.evaluation.verdict} />
                  </span>
                </Cell>
              ))}
              <Cell />
            </Row>
          )}
        </tbody>
      </Table>
    </div>
  );
};
