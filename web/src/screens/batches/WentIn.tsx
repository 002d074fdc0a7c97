import { formatDrops, formatG, formatMl, strengthWords } from '@jubbet/core/words';
import { madePieces, type Piece } from '@jubbet/core/label';
import type { Made, MadeContainer } from '@jubbet/core/batch';
import type { OilInBlend } from '@jubbet/core/mixture';
import { OilName } from '../../parts/OilName';
import { VerdictMark } from '../../parts/VerdictMark';

const cell = 'border-t border-line px-2 py-1.5 text-right';

/** Bottles with the same in them stand in one column; what comes from one jug is that jug. */
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
  if (made.blend.inOne) return made.containers.map((one) => ({ title: 'In all', one }));
  return madePieces(made).flatMap(({ numbers }: Piece) => {
    const one = made.containers.find(({ number }) => number === numbers[0]);
    const title = made.blend.count === 1 ? 'In the bottle' : titleOf(numbers);
    return one ? [{ title, one }] : [];
  });
};

/** `3 drops`, `0.1 ml`, `1.2 g`. */
const amountWords = ({ drops, ml, g, weighedG }: OilInBlend): string => {
  if (drops !== null) return formatDrops(drops);
  return weighedG !== undefined ? formatG(g.likely, 3) : formatMl(ml.likely, 3);
};

/** Everything that went in, container by container, beside what was asked. */
export const WentIn = ({ made }: { made: Made }) => {
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
  const asked = (index: number): string => {
    const measure = oils[index]?.measure;
    if (!measure) return '';
    if (measure.by === 'drops') return formatDrops(measure.drops);
    if (measure.by === 'ml') return formatMl(measure.ml, 3);
    return measure.by === 'g' ? formatG(measure.g, 3) : '';
  };
  return (
    <div tabIndex={0} role="region" aria-label="What went in" className="relative overflow-x-auto">
      <table className="border-collapse">
        <caption className="pb-1 text-left font-semibold">What went in</caption>
        <thead>
          <tr className="text-xs text-soft">
            <th scope="col" className="px-2 py-1 pl-0 text-left font-semibold">
              Material
            </th>
            <th scope="col" className="px-2 py-1 text-right font-semibold">
              Asked
            </th>
            {columns.map(({ title }) => (
              <th key={title} scope="col" className="px-2 py-1 text-right font-semibold">
                {title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {oils.map(({ oil }, index) => (
            <tr key={oil.id}>
              <th scope="row" className={`${cell} pl-0 text-left! font-normal`}>
                <OilName name={oil.name} />
              </th>
              <td className={cell}>{asked(index)}</td>
              {columns.map(({ title, one }) => {
                const mixed = one.evaluation.mixture.oils[index];
                const fell = mixed ? amountWords(mixed) : '–';
                return (
                  <td key={title} className={`${cell} whitespace-nowrap`}>
                    {fell === asked(index) ? fell : <b className="text-amber">▲ {fell}</b>}
                  </td>
                );
              })}
            </tr>
          ))}
          {extra.map(({ oil }, n) => (
            <tr key={oil.id}>
              <th scope="row" className={`${cell} pl-0 text-left! font-normal`}>
                <OilName name={oil.name} /> <span className="text-soft">not in the recipe</span>
              </th>
              <td className={cell}>{formatDrops(0)}</td>
              {columns.map(({ title, one }) => {
                const mixed = one.evaluation.mixture.oils.find((entry) => entry.oil.id === oil.id);
                return (
                  <td key={`${title}/${n}`} className={`${cell} whitespace-nowrap`}>
                    {mixed ? <b className="text-amber">▲ {amountWords(mixed)}</b> : '–'}
                  </td>
                );
              })}
            </tr>
          ))}
          {blend.formula.bases.map(({ base }, index) => (
            <tr key={base.id}>
              <th scope="row" className={`${cell} pl-0 text-left! font-normal`}>
                {base.name}
              </th>
              <td className={cell} />
              {columns.map(({ title, one }) => {
                const mixed = one.evaluation.mixture.bases[index];
                return (
                  <td key={title} className={`${cell} whitespace-nowrap`}>
                    {mixed
                      ? `${formatG(mixed.g.likely, 3)} (${formatMl(mixed.ml.likely, 3)})`
                      : '–'}
                  </td>
                );
              })}
            </tr>
          ))}
          {extraBases.map(({ base }) => (
            <tr key={base.id}>
              <th scope="row" className={`${cell} pl-0 text-left! font-normal`}>
                {base.name} <span className="text-soft">not in the recipe</span>
              </th>
              <td className={cell} />
              {columns.map(({ title, one }) => {
                const mixed = one.evaluation.mixture.bases
                  .slice(blend.formula.bases.length)
                  .find((entry) => entry.base.id === base.id);
                return (
                  <td key={title} className={`${cell} whitespace-nowrap`}>
                    {mixed ? <b className="text-amber">▲ {formatMl(mixed.ml.likely, 3)}</b> : '–'}
                  </td>
                );
              })}
            </tr>
          ))}
          <tr>
            <th scope="row" className={`${cell} pl-0 text-left! font-semibold`}>
              Strength
            </th>
            <td className={cell} />
            {columns.map(({ title, one }) => (
              <td key={title} className={`${cell} whitespace-nowrap`}>
                {strengthWords(one.evaluation.mixture, blend.formula.by)}
                <span className="block text-sm">
                  <VerdictMark verdict={one.evaluation.verdict} />
                </span>
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </div>
  );
};
