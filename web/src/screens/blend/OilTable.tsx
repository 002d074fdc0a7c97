import {
  dropsPerMl,
  fillMl,
  findOil,
  formatNumber,
  formatPercent,
  formatRange,
  oneDropPercent,
  strengthBy,
  toldBy,
  writeOils,
  type By,
  type Way,
  type WorkedOut,
} from '@jubbet/core';
import { memo, useRef, useState, type RefObject } from 'react';
import { NumberField } from '../../parts/NumberField';
import { settings } from '../../store/settings';
import { useStored } from '../../store/useStored';
import {
  asWorkedOut,
  askFor,
  countOil,
  measureOil,
  removeOil,
  weighed,
  type Amount,
  type Change,
} from './changes';
import { OilRow } from './OilRow';
import { said } from './said';
import { vesselOfDraft } from './VesselToken';
import type { TokenProps } from './tokenProps';

type Done = Extract<WorkedOut, { state: 'done' }>;

/** Drops of one oil leave the others as they are; other measures are shared with by parts. */
const amountOf = (id: string, amount: Amount): Change =>
  amount.drops === undefined ? measureOil(id, amount) : countOil(id, amount.drops);

/** Totals; typed, they ask for the strength that they come to, and parts share it. */
const Totals = ({ draft, change, worked, by }: TokenProps & { worked: WorkedOut; by: By }) => {
  const parts = draft.oils.reduce((total, oil) => total + (oil.parts ?? 0), 0);
  const asked = draft.target ? `asked ${formatPercent(draft.target.percent, 3)}` : 'as counted';
  const done = worked.state === 'done' ? worked.evaluation : null;
  const drops = done?.mixture.oils.reduce((total, { drops: n }) => total + (n ?? 0), 0);
  const ml = done?.mixture.oils.reduce((total, one) => total + one.ml.likely, 0);
  const g = done?.mixture.oils.every((one) => one.g !== null)
    ? done.mixture.oils.reduce((total, one) => total + (one.g?.likely ?? 0), 0)
    : undefined;
  const asWritten = done && strengthBy(done.mixture, draft.by).likely;
  const strength = done && strengthBy(done.mixture, by);
  const fill = done?.mixture.fillMl ?? fillMl(vesselOfDraft(draft.vessel));
  /** The strength that so much of all oils would come to, as the draft is written. */
  const asPercent = (typed: number, now: number | undefined, perMl = 1): number =>
    asWritten && now ? (asWritten * typed) / now : (100 * typed) / perMl / fill;
  const ask = (percent: number) => {
    if (percent > 0 && percent <= 100) change(askFor(percent), 'target');
  };
  const canAsk = parts > 0;
  const cell = 'px-1 py-2 text-right font-semibold whitespace-nowrap';
  const total = (
    label: string,
    value: number | undefined,
    most: number,
    percentOf: (n: number) => number,
    width: string,
    whole = false,
  ) =>
    value === undefined ? (
      '–'
    ) : canAsk ? (
      <NumberField
        label={label}
        className={`${width} font-semibold`}
        value={Number(formatNumber(value, whole ? 6 : 2))}
        rule={{ least: 0, above: true, most, whole }}
        onNumber={(typed) => ask(percentOf(typed))}
      />
    ) : (
      formatNumber(value, whole ? 6 : 2)
    );
  return (
    <tr className="border-t-2 border-ink">
      <th scope="row" className="py-2 text-left font-semibold">
        In all, {asked}
      </th>
      <td className={cell}>{parts > 0 ? formatNumber(parts, 4) : '–'}</td>
      <td className={`${cell} text-center!`}>
        {total(
          'Drops in all',
          drops,
          10_000,
          (n) => asPercent(n, drops, dropsPerMl(draft.dropSchool)),
          'w-14 text-center!',
          true,
        )}
      </td>
      <td className={`${cell} max-sm:hidden`}>
        {by === 'weight'
          ? total('g in all', g, 20_000, (n) => asPercent(n, g), 'w-14')
          : total('ml in all', ml, fill, (n) => asPercent(n, ml), 'w-14')}
      </td>
      <td className={`${cell} max-sm:hidden`}>
        {total(
          'Percent in all',
          strength?.likely,
          100,
          (n) => asPercent(n, strength?.likely),
          'w-13',
        )}
      </td>
      <td
        colSpan={2}
        className="py-2 pl-1 text-right text-[13px] whitespace-nowrap text-soft max-sm:hidden"
      >
        {strength && formatRange(strength, '%')}
      </td>
    </tr>
  );
};

/** From this size on, in ml, a scale is the better measure of the oils. */
const weighedFromMl = 50;

const canBeWeighed = (draft: TokenProps['draft'], done: Done): boolean =>
  fillMl(done.blend.formula.vessel) >= weighedFromMl &&
  draft.oils.some(({ parts, drops }) => parts !== undefined || drops !== undefined);

const ways: readonly { readonly value: Way; readonly text: string }[] = [
  { value: 'parts', text: 'by parts' },
  { value: 'percent', text: 'by percent' },
  { value: 'amounts', text: 'by drops and amounts' },
];

const wayNow = ({ oils }: TokenProps['draft']): string => {
  if (oils.every(({ parts }) => parts !== undefined)) return 'by parts';
  if (oils.every(({ percent }) => percent !== undefined)) return 'by percent';
  return oils.every(({ parts, percent }) => parts === undefined && percent === undefined)
    ? 'by amounts'
    : 'in several ways';
};

const heading = 'px-1 pb-1.5 text-right text-xs font-semibold text-soft align-bottom';

/** The oils, a row each, with what they come to. */
export const OilTable = memo(
  ({
    draft,
    change,
    worked,
    addRef,
  }: TokenProps & { worked: WorkedOut; addRef: RefObject<HTMLInputElement | null> }) => {
    const fields = useRef(new Map<string, HTMLInputElement>());
    const done = worked.state === 'done' ? worked : null;
    const country = useStored(['settings'], () => settings.read()).data?.spoons ?? 'metric';
    const [shown, setShown] = useState<By | null>(null);
    const by = shown ?? draft.by ?? 'volume';
    // Where one of them cannot be weighed, no share of the weight is known, and none is shown.
    const told = (wanted: By): By => (done ? toldBy(done.evaluation.mixture, wanted) : wanted);
    const drop = done && oneDropPercent(done.blend.formula);
    const moveFrom = (index: number, by: 1 | -1) => {
      const next = draft.oils[index + by];
      if (next) fields.current.get(next.id)?.focus();
      else if (by === 1) addRef.current?.focus();
    };
    return (
      <section aria-label="Oils">
        <div>
          <table className="w-full table-fixed border-collapse">
            <colgroup>
              <col />
              <col className="w-[52px]" />
              <col className="w-[118px]" />
              <col className="w-[64px] max-sm:hidden" />
              <col className="w-[56px] max-sm:hidden" />
              <col className="w-[94px] max-sm:hidden" />
              <col className="w-[30px]" />
            </colgroup>
            <thead>
              <tr className="border-b border-line">
                <th scope="col" className={`${heading} pl-0 text-left!`}>
                  Oil{' '}
                  {done && draft.oils.length > 0 && (
                    <select
                      aria-label="Write the oils by"
                      className="ml-1 w-24 rounded-xs bg-transparent font-normal text-press max-sm:ml-0"
                      value=""
                      onChange={(event) => {
                        const way = ways.find(({ value }) => value === event.target.value);
                        if (way)
                          change(asWorkedOut((before, all) => writeOils(before, all, way.value)));
                      }}
                    >
                      <option value="">{wayNow(draft)}</option>
                      {ways.map(({ value, text }) => (
                        <option key={value} value={value}>
                          write {text}
                        </option>
                      ))}
                    </select>
                  )}
                </th>
                <th scope="col" className={heading}>
                  Parts
                </th>
                <th scope="col" className={`${heading} text-center!`}>
                  Drops
                </th>
                <th scope="col" className={`${heading} pr-3 max-sm:hidden`}>
                  <button
                    type="button"
                    className="rounded-xs font-semibold text-press underline underline-offset-2"
                    aria-label={by === 'volume' ? 'ml; show g instead' : 'g; show ml instead'}
                    onClick={() => setShown(by === 'volume' ? 'weight' : 'volume')}
                  >
                    {by === 'volume' ? 'ml' : 'g'}
                  </button>
                </th>
                <th scope="col" className={`${heading} max-sm:hidden`}>
                  {told(by) === 'weight' ? '% by weight' : '% of all'}
                </th>
                <th scope="col" className={`${heading} max-sm:hidden`}>
                  of own limit
                </th>
                <th>
                  <span className="sr-only">Take out</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {draft.oils.map((entry, index) => {
                const oil = findOil(entry.id);
                return (
                  oil && (
                    <OilRow
                      key={entry.id}
                      entry={entry}
                      oil={oil}
                      index={index}
                      by={by}
                      percentBy={told(by)}
                      writtenBy={told(draft.by ?? 'volume')}
                      mixed={done?.evaluation.mixture.oils[index] ?? null}
                      own={done?.evaluation.findings.find(
                        ({ rule, subject }) => rule === 'oil-maximum' && subject === entry.id,
                      )}
                      onAmount={(amount) =>
                        change(amountOf(entry.id, amount), `amount/${entry.id}`)
                      }
                      wayBack={() => () => change(() => draft, `amount/${entry.id}`)}
                      said={(text, act) =>
                        said(text, {
                          country,
                          fillMl:
                            done?.evaluation.mixture.fillMl ?? fillMl(vesselOfDraft(draft.vessel)),
                          take: (amount) => {
                            if (act) change(amountOf(entry.id, amount), `amount/${entry.id}`);
                          },
                        })
                      }
                      onRemove={() => change(removeOil(entry.id))}
                      onArrow={(by) => moveFrom(index, by)}
                      dropsRef={(field) => {
                        if (field) fields.current.set(entry.id, field);
                        else fields.current.delete(entry.id);
                      }}
                    />
                  )
                );
              })}
            </tbody>
            {draft.oils.length > 0 && (
              <tfoot>
                <Totals draft={draft} change={change} worked={worked} by={by} />
              </tfoot>
            )}
          </table>
        </div>
        {drop && (
          <p className="mt-1 flex flex-wrap items-center gap-x-3 text-sm text-soft">
            <span>
              One drop either way moves {done.blend.inOne ? 'all of it' : 'this bottle'} by{' '}
              <b className="text-ink">
                {formatNumber(drop.least) === formatNumber(drop.most)
                  ? formatPercent(drop.least)
                  : `${formatNumber(drop.least)} to ${formatPercent(drop.most)}`}
              </b>
              .
            </span>
            {canBeWeighed(draft, done) && (
              <>
                <span>At this size a scale is surer:</span>
                <button
                  type="button"
                  className="text-press underline underline-offset-2"
                  onClick={() => change(weighed(done.evaluation.mixture))}
                >
                  Measure them by ml and g
                </button>
              </>
            )}
          </p>
        )}
      </section>
    );
  },
);
OilTable.displayName = 'OilTable';
