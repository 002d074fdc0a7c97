import type { Refusal } from '../../ui/refusal';
import { type RecipeOil, type OilAmount, isIn, valueIn, type By } from '@jubbet/core/recipe';
import { botanicalOf, type Oil } from '@jubbet/core/catalog';
import { formatNumber, formatPercent, formatRange, madeOfWords } from '@jubbet/core/words';
import { shareOfLimit, type Finding } from '@jubbet/core/limits';
import type { OilInBlend } from '@jubbet/core/mixture';
import type { Range } from '@jubbet/core/quantity';
import { clsx } from 'clsx';
import type { Ref } from 'react';
import { NumberField } from '../../ui/NumberField';
import { addOilField } from '../../parts/openFirstGap';
import { RemoveButton } from '../../ui/RemoveButton';
import { OilName } from '../../parts/OilName';
import { OilSwatch } from '../../parts/OilSwatch';
import { Cell, Row, RowHead } from '../../ui/Table';
import { verdictInk, VerdictMark } from '../../parts/VerdictMark';
import { DropStepper } from './DropStepper';

/** How much of its own limit an oil uses, in words that say when there is none. */
const OwnLimit = ({
  oil,
  mixed,
  own,
  isShort,
}: {
  oil: Oil;
  mixed: OilInBlend | null;
  own?: Finding | undefined;
  isShort: boolean;
}) => {
  if (oil.keepOffSkin || oil.notForHomeBlending)
    return <VerdictMark verdict="over" word="do not use" />;
  const { percent: limit, status } = oil.dermalMaximum;
  const light = oil.phototoxicLimitPercent;
  const counted = limit ?? light;
  if (counted === null) {
    if (isShort && status === 'none stated') return null;
    return status === 'none stated' ? (
      <span className="block text-xs leading-tight whitespace-normal text-soft">
        no published maximum
      </span>
    ) : (
      <VerdictMark verdict="unknown" />
    );
  }
  const share = mixed && shareOfLimit(mixed.percent, counted);
  const ink = own && own.verdict !== 'within' ? verdictInk[own.verdict] : '';
  if (isShort) {
    return (
      <span className={clsx(ink || 'text-soft', ink && 'font-semibold')}>
        · limit {formatPercent(counted)}
        {limit === null && ' in sun'}
      </span>
    );
  }
  return (
    <span className={clsx(ink, ink && 'font-semibold')}>
      {share ? formatRange(share, '%') : `at most ${formatPercent(counted)}`}
      {share && (
        <span className="block text-xs font-normal text-soft">
          {' '}
          of {formatPercent(counted)}
          {limit === null && ' in sun'}
        </span>
      )}
    </span>
  );
};

const shareBy = (mixed: OilInBlend, by: By): Range =>
  by === 'weight' ? mixed.byWeight : mixed.byVolume;

export const OilRow = ({
  entry,
  oil,
  by,
  percentBy,
  writtenBy,
  mixed,
  own,
  isShort,
  onAmount,
  wayBack: undoOf,
  readTyped,
  onRemove,
  onArrow,
  dropsRef,
}: {
  entry: RecipeOil;
  oil: Oil;
  /** What is shown: ml or g. */
  by: By;
  /** What the percents that are shown are of. */
  percentBy: By;
  /** What percents of this blend are of. */
  writtenBy: By;
  /** Worked out; null while the sentence has gaps. */
  mixed: OilInBlend | null;
  own?: Finding | undefined;
  /** Drops and percent alone. */
  isShort: boolean;
  onAmount: (amount: OilAmount | null) => void;
  /** Back to the amounts from before something was typed that cannot are. */
  wayBack: () => () => void;
  /** Reads an amount in words: `2 tsp`, `15 g`. */
  readTyped: (text: string, act: boolean) => Refusal | null;
  onRemove: () => void;
  onArrow: (by: 1 | -1) => void;
  dropsRef: Ref<HTMLInputElement>;
}) => (
  // On a phone its name and its percent, and under them what is pressed.
  <Row
    className={clsx(
      isShort && 'max-sm:grid max-sm:grid-cols-[minmax(0,1fr)_auto] max-sm:items-center',
    )}
  >
    <RowHead>
      <span className="flex items-center gap-2.5">
        <OilSwatch oil={oil} />
        <span className="min-w-0 leading-tight">
          <span className="block">
            <OilName name={oil.name} />
          </span>
          <span
            className={clsx('block text-xs text-soft', !isShort && 'truncate')}
            title={oil.madeOf ? madeOfWords(oil.madeOf) : botanicalOf(oil)}
          >
            {oil.madeOf ? (
              madeOfWords(oil.madeOf)
            ) : (
              <>
                {oil.note}
                {isShort ? (
                  <span className="[&_span]:inline">
                    {' '}
                    <OwnLimit oil={oil} mixed={mixed} own={own} isShort />
                  </span>
                ) : (
                  <>
                    {' '}
                    · <i>{botanicalOf(oil)}</i>
                  </>
                )}
              </>
            )}
          </span>
          {/* What the columns say that there is no room for. */}
          <span
            className={clsx(
              'flex flex-wrap items-baseline gap-x-2 text-xs @lg:hidden',
              isShort && 'hidden',
            )}
          >
            {mixed && <b>{formatPercent(shareBy(mixed, percentBy).likely)}</b>}
            <span className="[&_span]:inline">
              <OwnLimit oil={oil} mixed={mixed} own={own} isShort={false} />
            </span>
          </span>
        </span>
      </span>
    </RowHead>
    {!isShort && (
      <Cell right>
        <NumberField
          label={`Parts of ${oil.name}`}
          className={clsx('w-11', isIn(entry.amount, 'parts') && 'font-semibold')}
          value={valueIn(entry.amount, 'parts') ?? null}
          placeholder="–"
          rule={{ least: 0, above: true, most: 1_000_000 }}
          readTyped={readTyped}
          undoOf={undoOf}
          onNumber={(value) => onAmount({ unit: 'parts', value })}
        />
      </Cell>
    )}
    <Cell right className="max-sm:order-2">
      <DropStepper
        ref={dropsRef}
        name={oil.name}
        drops={valueIn(entry.amount, 'drops') ?? mixed?.drops ?? null}
        typed={isIn(entry.amount, 'drops')}
        from={entry.amount?.unit === 'drops' ? entry.amount.from : undefined}
        readTyped={readTyped}
        onDrops={(value) => onAmount({ unit: 'drops', value })}
        wayBack={undoOf}
        onArrow={onArrow}
      />
    </Cell>
    {isShort ? (
      <Cell right className="font-semibold whitespace-nowrap max-sm:order-1 max-sm:text-right!">
        {mixed ? formatPercent(shareBy(mixed, percentBy).likely) : '–'}
      </Cell>
    ) : (
      <>
        <Cell right wide>
          {by === 'weight' ? (
            <NumberField
              label={`g of ${oil.name}`}
              className={clsx('w-14', isIn(entry.amount, 'g') && 'font-semibold')}
              value={
                valueIn(entry.amount, 'g') ?? (mixed ? Number(formatNumber(mixed.g.likely)) : null)
              }
              placeholder="–"
              rule={{ least: 0, most: 20_000 }}
              readTyped={readTyped}
              undoOf={undoOf}
              onNumber={(value) => onAmount({ unit: 'g', value })}
            />
          ) : (
            <NumberField
              label={`ml of ${oil.name}`}
              className={clsx('w-14', isIn(entry.amount, 'ml') && 'font-semibold')}
              value={
                valueIn(entry.amount, 'ml') ??
                (mixed ? Number(formatNumber(mixed.ml.likely)) : null)
              }
              placeholder="–"
              rule={{ least: 0, most: 20_000 }}
              readTyped={readTyped}
              undoOf={undoOf}
              onNumber={(value) => onAmount({ unit: 'ml', value })}
            />
          )}
        </Cell>
        <Cell right wide className="whitespace-nowrap">
          {percentBy === writtenBy ? (
            <NumberField
              label={`Percent of ${oil.name}`}
              className={clsx('w-13', isIn(entry.amount, 'percent') && 'font-semibold')}
              value={
                valueIn(entry.amount, 'percent') ??
                (mixed ? Number(formatNumber(shareBy(mixed, percentBy).likely)) : null)
              }
              placeholder="–"
              rule={{ least: 0, most: 100 }}
              readTyped={readTyped}
              undoOf={undoOf}
              onNumber={(value) => onAmount({ unit: 'percent', value })}
            />
          ) : (
            <span className="px-1.5">
              {mixed ? formatNumber(shareBy(mixed, percentBy).likely) : '–'}
            </span>
          )}
        </Cell>
        <Cell right wide className="whitespace-nowrap">
          <OwnLimit oil={oil} mixed={mixed} own={own} isShort={isShort} />
        </Cell>
      </>
    )}
    <Cell right className="max-sm:order-3">
      <RemoveButton label={`Remove ${oil.name}`} otherwise={addOilField} onRemove={onRemove} />
    </Cell>
  </Row>
);
