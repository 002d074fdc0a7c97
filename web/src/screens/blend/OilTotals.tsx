import { strengthOfTotal, strengthBy } from '@jubbet/core/mixture';
import { fillMl } from '@jubbet/core/catalog';
import type { WorkedOut } from '@jubbet/core/drops';
import { firstLine, setTarget, valueIn, type By } from '@jubbet/core/recipe';
import { formatNumber, formatPercent, formatRange } from '@jubbet/core/words';
import { clsx } from 'clsx';
import { NumberField } from '../../ui/NumberField';
import { Cell, Row, RowHead } from '../../ui/Table';
import { shownContainer } from './shownContainer';
import type { TokenProps } from './tokenProps';

/** What the first container takes to its line, in ml. */
export const lineMl = (recipe: TokenProps['recipe']): number =>
  fillMl(shownContainer(firstLine(recipe).container));

/** Totals; typed, they ask for the strength that they come to, and parts share it. */
export const OilTotals = ({
  recipe,
  change,
  worked,
  by,
  isShort,
}: TokenProps & { worked: WorkedOut; by: By; isShort: boolean }) => {
  const parts = recipe.oils.reduce(
    (total, { amount }) => total + (valueIn(amount, 'parts') ?? 0),
    0,
  );
  const { target } = recipe;
  const targetText = target
    ? `target ${target.upTo === undefined ? '' : `${formatNumber(target.percent, 3)} to `}${formatPercent(target.upTo ?? target.percent, 3)}`
    : 'as counted';
  const done = worked.state === 'done' ? worked.evaluation : null;
  const drops = done?.mixture.oils.reduce((total, { drops: n }) => total + (n ?? 0), 0);
  const ml = done?.mixture.oils.reduce((total, oil) => total + oil.ml.likely, 0);
  const g = done?.mixture.oils.reduce((total, oil) => total + oil.g.likely, 0);
  const asWritten = done && strengthBy(done.mixture, recipe.by).likely;
  const strength = done && strengthBy(done.mixture, by);
  const fill = done?.mixture.fillMl ?? lineMl(recipe);
  const asPercent = (typed: number, now: number | undefined, perMl = 1): number =>
    strengthOfTotal(typed, { total: now ?? 0, percent: asWritten ?? 0 }, perMl, fill);
  const ask = (percent: number) => {
    if (percent > 0 && percent <= 100) change(setTarget(percent), 'target');
  };
  const canAsk = parts > 0;
  const cell = 'font-semibold whitespace-nowrap';
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
  if (isShort) {
    return (
      <Row className="border-t-2 border-ink max-sm:grid max-sm:grid-cols-[minmax(0,1fr)_auto_4rem] max-sm:border-t-2">
        <RowHead className="font-semibold">Total</RowHead>
        <Cell centre under="Drops" className={cell}>
          {drops === undefined ? '–' : formatNumber(drops, 6)}
        </Cell>
        <Cell right className={clsx(cell, 'max-sm:text-right!')}>
          {strength ? formatPercent(strength.likely) : '–'}
        </Cell>
        <Cell right className="max-sm:hidden" />
      </Row>
    );
  }
  return (
    <Row className="border-t-2 border-ink">
      <RowHead className="font-semibold">Total ({targetText})</RowHead>
      <Cell right className={cell}>
        {parts > 0 ? formatNumber(parts, 4) : '–'}
      </Cell>
      <Cell centre className={cell}>
        {total(
          'Drops in total',
          drops,
          10_000,
          (n) => asPercent(n, drops, recipe.dropsPerMl),
          'w-14 text-center!',
          true,
        )}
      </Cell>
      <Cell right wide className={cell}>
        {by === 'weight'
          ? total('g in total', g, 20_000, (n) => asPercent(n, g), 'w-14')
          : total('ml in total', ml, fill, (n) => asPercent(n, ml), 'w-14')}
      </Cell>
      <Cell right wide className={cell}>
        {total(
          'Percent in total',
          strength?.likely,
          100,
          (n) => asPercent(n, strength?.likely),
          'w-13',
        )}
      </Cell>
      <Cell right wide colSpan={2} className="text-[13px] whitespace-nowrap text-soft">
        {strength && formatRange(strength, '%')}
      </Cell>
    </Row>
  );
};
