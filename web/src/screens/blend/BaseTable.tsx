import {
  asItLies,
  carrierWords,
  findBase,
  formatNumber,
  formatRange,
  looseWords,
  searchBases,
  type Base,
  type BaseInBlend,
  toldBy,
  type WorkedOut,
} from '@jubbet/core';
import { X } from 'lucide-react';
import { memo } from 'react';
import { NumberField } from '../../parts/NumberField';
import { useNotice } from '../../parts/notice';
import { PickByName } from '../../parts/PickByName';
import type { Refusal } from '../../parts/readNumber';
import { settings } from '../../store/settings';
import { useStored } from '../../store/useStored';
import { addBase, measureBase, removeBase, type BaseAmount, type DraftBase } from './changes';
import { saidBase } from './saidBase';
import type { TokenProps } from './tokenProps';

/** What a number that is typed is of. Of spoons, which are words, it is in g. */
type Written = Exclude<keyof BaseAmount, 'loose'>;

const units: Record<Written, string> = { parts: 'parts', percent: '%', ml: 'ml', g: 'g' };
const most: Record<Written, number> = { parts: 1_000_000, percent: 100, ml: 20_000, g: 20_000 };

const measureOf = ({ parts, percent, ml }: DraftBase): Written => {
  if (parts !== undefined) return 'parts';
  if (percent !== undefined) return 'percent';
  return ml === undefined ? 'g' : 'ml';
};

const wordOf = (measure: Written): string =>
  ({ parts: 'Parts', percent: 'Percent', ml: 'ml', g: 'g' })[measure];

const cell = 'border-b border-line px-1 py-0 text-right align-middle whitespace-nowrap';
const heading = 'px-1 pb-1 text-right text-xs font-semibold text-soft align-bottom';

const BaseRow = ({
  entry,
  base,
  mixed,
  percent,
  isRest,
  change,
  said,
  wayBack,
}: {
  entry: DraftBase;
  /** True where it takes up what all others leave. */
  isRest: boolean;
  base: Base;
  mixed: BaseInBlend | null;
  /** Of the whole, by what the blend is measured by. */
  percent: number | null;
  change: TokenProps['change'];
  said: (text: string, act: boolean) => Refusal | null;
  wayBack: () => () => void;
}) => {
  const measure = measureOf(entry);
  const name = carrierWords(base);
  return (
    <tr>
      <th scope="row" className={`${cell} pl-0 text-left! font-normal whitespace-normal!`}>
        {base.name}
        {entry.loose && <span className="block text-xs text-soft">{looseWords(entry.loose)}</span>}
      </th>
      <td className={cell}>
        <NumberField
          label={`${wordOf(measure)} of ${name}`}
          className="w-20 font-semibold"
          unit={isRest ? '' : units[measure]}
          value={isRest ? null : (entry[measure] ?? null)}
          placeholder={isRest ? 'the rest' : entry.loose ? 'by spoons' : ''}
          rule={{ least: 0, above: true, most: most[measure] }}
          title="A number, or 2 tbsp, 1/2 cup, 30 g, 20 %, 3 parts"
          also={said}
          wayBack={wayBack}
          onNumber={(value) =>
            change(
              measureBase(entry.id, { [isRest ? 'percent' : measure]: value }),
              `base/${entry.id}`,
            )
          }
        />
      </td>
      <td className={cell}>
        {mixed ? formatNumber(asItLies(mixed), 3) : '–'}
        {(base.kind === 'dry' || entry.loose) && (
          <span className="block text-xs leading-none text-soft">as it lies</span>
        )}
      </td>
      <td className={cell}>
        {mixed ? formatNumber(mixed.g.likely, 3) : '–'}
        {mixed && entry.loose && (
          <span className="block text-xs leading-none text-soft">{formatRange(mixed.g, 'g')}</span>
        )}
      </td>
      <td className={`${cell} max-sm:hidden`}>
        {percent === null ? '–' : formatNumber(percent, 3)}
      </td>
      <td className={`${cell} pr-0`}>
        <button
          type="button"
          aria-label={`Take out ${name}`}
          className="rounded p-1.5 text-soft hover:text-brick"
          onClick={() => change(removeBase(entry.id))}
        >
          <X aria-hidden size={16} />
        </button>
      </td>
    </tr>
  );
};

/** Any base by any of its names: three letters and enter. */
export const AddBase = memo(
  ({ taken, change }: { taken: string; change: TokenProps['change'] }) => (
    <PickByName<Base>
      label="Add a base"
      placeholder="Add a carrier, butter, wax, sugar"
      search={searchBases}
      isTaken={({ id }) => taken.split(',').includes(id)}
      describe={({ kind, shelfMonths }) => `${kind}; keeps ${shelfMonths} months`}
      onPick={({ id }) => change(addBase(id))}
    />
  ),
);
AddBase.displayName = 'AddBase';

/** What carries the oils, a row each, with what each comes to in ml and in g. */
export const BaseTable = memo(({ draft, change, worked }: TokenProps & { worked: WorkedOut }) => {
  const tell = useNotice();
  const set = useStored(['settings'], () => settings.read());
  const country = set.data?.spoons ?? 'metric';
  const done = worked.state === 'done' ? worked.evaluation : null;
  const weight = draft.by === 'weight';
  const told = done ? toldBy(done.mixture, draft.by) : draft.by;
  const whole = told === 'weight' ? done?.mixture.totalG?.likely : done?.mixture.fillMl;
  if (draft.bases.length === 0) return null;
  return (
    <section aria-label="Bases" className="mt-1">
      <table className="w-full border-collapse">
        <thead>
          <tr className="border-b border-line">
            <th scope="col" className={`${heading} pl-0 text-left!`}>
              Carried by
            </th>
            <th scope="col" className={heading}>
              Written, by {weight ? 'weight' : 'volume'}
            </th>
            <th scope="col" className={heading}>
              ml
            </th>
            <th scope="col" className={heading}>
              g
            </th>
            <th scope="col" className={`${heading} max-sm:hidden`}>
              % by {told === 'weight' ? 'weight' : 'volume'}
            </th>
            <th className="w-[30px]">
              <span className="sr-only">Take out</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {draft.bases.map((entry, index) => {
            const base = findBase(entry.id);
            const mixed = done?.mixture.bases[index] ?? null;
            return (
              base && (
                <BaseRow
                  key={entry.id}
                  entry={entry}
                  base={base}
                  mixed={mixed}
                  isRest={
                    entry.parts !== undefined &&
                    draft.bases.length > 1 &&
                    draft.bases.filter(({ parts }) => parts !== undefined).length === 1
                  }
                  percent={
                    mixed && whole
                      ? (100 * (told === 'weight' ? mixed.g.likely : mixed.ml.likely)) / whole
                      : null
                  }
                  change={change}
                  wayBack={() => () => change(() => draft)}
                  said={(text, act) => {
                    const read = saidBase(text, base, {
                      country,
                      wholeMl: done?.mixture.fillMl ?? 0,
                      dropSchool: draft.dropSchool,
                    });
                    if (!read.ok) return read;
                    if (act) {
                      change(measureBase(entry.id, read.amount), `base/${entry.id}`);
                      if (read.advice) tell({ text: read.advice });
                    }
                    return null;
                  }}
                />
              )
            );
          })}
        </tbody>
      </table>
    </section>
  );
});
BaseTable.displayName = 'BaseTable';
