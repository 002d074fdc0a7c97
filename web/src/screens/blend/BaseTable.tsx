import { addOilField } from '../../parts/openFirstGap';
import { RemoveButton } from '../../ui/RemoveButton';
import {
  type BaseAmount,
  type RecipeBase,
  valueIn,
  setBaseAmount,
  removeBase,
  isRest,
  readBaseAmount,
} from '@jubbet/core/recipe';
import {
  takenWords,
  carrierWords,
  formatNumber,
  formatRange,
  looseWords,
} from '@jubbet/core/words';
import { asItLies, baseShare, type BaseInBlend } from '@jubbet/core/mixture';
import type { Base } from '@jubbet/core/catalog';
import type { WorkedOut } from '@jubbet/core/drops';
import { useCatalog } from '../../parts/catalog';
import { memo } from 'react';
import { NumberField } from '../../ui/NumberField';
import { useNotice } from '../../parts/notice';
import { useSpoons } from '../../parts/useSpoons';
import { Cell, Row, RowHead, Table } from '../../ui/Table';
import { NotHere } from './NotHere';
import { refusalOf } from '../../parts/refusal';
import type { Refusal } from '../../ui/refusal';
import type { TokenProps } from './tokenProps';

/** What a number that is typed is of. Of spoons, which are words, it is in g. */
type Written = Exclude<BaseAmount['unit'], 'loose'>;

const units: Record<Written, string> = { parts: 'parts', percent: '%', ml: 'ml', g: 'g' };
const most: Record<Written, number> = { parts: 1_000_000, percent: 100, ml: 20_000, g: 20_000 };

const unitOf = ({ amount }: RecipeBase): Written =>
  amount === null || amount.unit === 'loose' ? 'g' : amount.unit;

const wordOf: Record<Written, string> = { parts: 'Parts', percent: 'Percent', ml: 'ml', g: 'g' };

const tight = 'whitespace-nowrap py-0!';

const BaseRow = ({
  entry,
  base,
  mixed,
  percent,
  isRest,
  weight,
  change,
  readTyped,
  wayBack: undoOf,
}: {
  entry: RecipeBase;
  /** True where it takes up what all others leave. */
  isRest: boolean;
  /** True where the blend is measured by weight: on a phone the weight alone is shown. */
  weight: boolean;
  base: Base;
  mixed: BaseInBlend | null;
  /** Of the whole, by what the blend is measured by. */
  percent: number | null;
  change: TokenProps['change'];
  readTyped: (text: string, act: boolean) => Refusal | null;
  wayBack: () => () => void;
}) => {
  const unit = unitOf(entry);
  const loose = entry.amount?.unit === 'loose' ? entry.amount : null;
  const name = carrierWords(base);
  return (
    <Row>
      <RowHead className="py-0!">
        {base.name}
        {loose && <span className="block text-xs text-soft">{looseWords(loose)}</span>}
      </RowHead>
      <Cell right className={tight}>
        <NumberField
          label={`${wordOf[unit]} of ${name}`}
          className="w-20 font-semibold"
          unit={
            isRest
              ? ''
              : unit === 'parts' && valueIn(entry.amount, unit) === 1
                ? 'part'
                : units[unit]
          }
          value={isRest ? null : (valueIn(entry.amount, unit) ?? null)}
          placeholder={isRest ? 'the rest' : loose ? 'in spoons' : ''}
          rule={{ least: 0, above: true, most: most[unit] }}
          readTyped={readTyped}
          undoOf={undoOf}
          onNumber={(value) =>
            change(
              setBaseAmount(entry.id, { unit: isRest ? 'percent' : unit, value }),
              `base/${entry.id}`,
            )
          }
        />
      </Cell>
      <Cell right wide={weight} className={tight}>
        {mixed ? formatNumber(asItLies(mixed), 3) : '–'}
        {(base.kind === 'dry' || loose) && (
          <span className="block text-xs leading-none text-soft">loosely filled</span>
        )}
      </Cell>
      <Cell right wide={!weight} className={tight}>
        {mixed ? formatNumber(mixed.g.likely, 3) : '–'}
        {mixed && loose && (
          <span className="block text-xs leading-none text-soft">{formatRange(mixed.g, 'g')}</span>
        )}
      </Cell>
      <Cell right wide className={tight}>
        {percent === null ? '–' : formatNumber(percent, 3)}
      </Cell>
      <Cell right className={tight}>
        <RemoveButton
          label={`Remove ${name}`}
          otherwise={addOilField}
          onRemove={() => change(removeBase(entry.id))}
        />
      </Cell>
    </Row>
  );
};

/** What carries the oils, a row each, with what each comes to in ml and in g. */
export const BaseTable = memo(({ recipe, change, worked }: TokenProps & { worked: WorkedOut }) => {
  const catalog = useCatalog();
  const tell = useNotice();
  const { country, heard } = useSpoons();
  const done = worked.state === 'done' ? worked.evaluation : null;
  const weight = recipe.by === 'weight';
  if (recipe.bases.length === 0) return null;
  return (
    <section aria-label="Bases" className="mt-1">
      <Table
        rows="fields"
        columns={[
          { name: 'Carrier' },
          { name: `Written, by ${weight ? 'weight' : 'volume'}`, right: true },
          { name: 'ml', right: true, wide: weight },
          { name: 'g', right: true, wide: !weight },
          { name: `% by ${weight ? 'weight' : 'volume'}`, right: true, wide: true },
          { name: <span className="sr-only">Remove</span> },
        ]}
      >
        <tbody>
          {recipe.bases.map((entry, index) => {
            const base = catalog.base(entry.id);
            const mixed = done?.mixture.bases[index] ?? null;
            return base ? (
              <BaseRow
                key={entry.id}
                entry={entry}
                base={base}
                mixed={mixed}
                isRest={isRest(recipe.bases, entry)}
                weight={weight}
                percent={done && mixed ? baseShare(done.mixture, mixed, recipe.by) : null}
                change={change}
                wayBack={() => () => change(() => recipe)}
                readTyped={(text, act) => {
                  const read = readBaseAmount(text, base, {
                    country,
                    wholeMl: done?.mixture.fillMl ?? 0,
                    dropsPerMl: recipe.dropsPerMl,
                  });
                  if (!read.ok) return refusalOf(catalog, read.problem);
                  if (act) {
                    change(setBaseAmount(entry.id, read.amount), `base/${entry.id}`);
                    heard(text);
                    if (read.taken) tell({ text: takenWords(read.taken) });
                  }
                  return null;
                }}
              />
            ) : (
              <NotHere
                key={entry.id}
                id={entry.id}
                columns={5}
                onRemove={() => change(removeBase(entry.id))}
              />
            );
          })}
        </tbody>
      </Table>
    </section>
  );
});
BaseTable.displayName = 'BaseTable';
