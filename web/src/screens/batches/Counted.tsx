import { strengthWords, type Blend, type Evaluation } from '@jubbet/core';
import { OilName } from '../../parts/OilName';
import { VerdictMark } from '../../parts/VerdictMark';

const cell = 'border-t border-line px-2 py-1.5 text-right';

/** Drops as they really fell, bottle by bottle, beside what was asked. */
export const Counted = ({
  blend,
  counts,
  bottles,
}: {
  blend: Blend;
  counts: readonly ReadonlyMap<string, number>[];
  bottles: readonly Evaluation[];
}) => {
  const counted = blend.formula.oils.filter(({ measure }) => measure.by === 'drops');
  if (counted.length === 0) return null;
  return (
    <div
      tabIndex={0}
      role="region"
      aria-label="Drops as they fell"
      className="relative overflow-x-auto"
    >
      <table className="border-collapse">
        <caption className="pb-1 text-left font-semibold">Drops as they fell</caption>
        <thead>
          <tr className="text-xs text-soft">
            <th scope="col" className="px-2 py-1 pl-0 text-left font-semibold">
              Oil
            </th>
            <th scope="col" className="px-2 py-1 text-right font-semibold">
              Asked
            </th>
            {counts.map((_, n) => (
              <th key={n} scope="col" className="px-2 py-1 text-right font-semibold">
                {blend.inOne ? 'In all' : `Bottle ${n + 1}`}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {counted.map(({ oil, measure }) => {
            const asked = measure.by === 'drops' ? measure.drops : 0;
            return (
              <tr key={oil.id}>
                <th scope="row" className={`${cell} pl-0 text-left! font-normal`}>
                  <OilName name={oil.name} />
                </th>
                <td className={cell}>{asked}</td>
                {counts.map((drops, n) => {
                  const fell = drops.get(oil.id) ?? 0;
                  return (
                    <td key={n} className={cell}>
                      {fell === asked ? fell : <b className="text-amber">▲ {fell}</b>}
                    </td>
                  );
                })}
              </tr>
            );
          })}
          <tr>
            <th scope="row" className={`${cell} pl-0 text-left! font-semibold`}>
              As it fell
            </th>
            <td className={cell} />
            {bottles.map(({ mixture, verdict }, n) => (
              <td key={n} className={`${cell} whitespace-nowrap`}>
                {strengthWords(mixture, blend.formula.by)}
                <span className="block text-sm">
                  <VerdictMark verdict={verdict} />
                </span>
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </div>
  );
};
