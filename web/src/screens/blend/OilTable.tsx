import {
  type OilAmount,
  type Edit,
  setOilAmount,
  isIn,
  oilsWrittenBy,
  readOilAmount,
  removeOil,
  type By,
} from '@jubbet/core/recipe';
import {
  countOil,
  equalDrops,
  weighOils,
  workOut,
  writeOils,
  type Way,
  type Calculated,
  type WorkedOut,
} from '@jubbet/core/drops';
import { type Catalog, fillMl } from '@jubbet/core/catalog';
import { formatNumber, formatPercent, rewrittenWords, blendWords } from '@jubbet/core/words';
import { oneDropPercent } from '@jubbet/core/advice';
import { useCatalog } from '../../parts/catalog';
import { memo, useRef, useState, type RefObject } from 'react';
import { useNotice } from '../../parts/notice';
import { Table, type Column } from '../../ui/Table';
import { Term } from '../../ui/Term';
import { DropSizes } from './DropSizes';
import { OilRow } from './OilRow';
import { asWorkedOut } from './asWorkedOut';
import { NotHere } from './NotHere';
import { lineMl, OilTotals } from './OilTotals';
import { refusalOf } from '../../parts/refusal';
import type { TokenProps } from './tokenProps';
import { useSpoons } from '../../parts/useSpoons';

/** Drops of one oil leave the others as they are; other measures are shared with by parts. */
const amountOf =
  (catalog: Catalog, id: string, amount: OilAmount | null): Edit =>
  (recipe) =>
    amount?.unit === 'drops'
      ? countOil(catalog, id, amount)(recipe)
      : setOilAmount(id, amount)(recipe);

/** From this size on, in ml, a scale is the better measure of the oils. */
const weighedFromMl = 50;

const canBeWeighed = (recipe: TokenProps['recipe'], done: Calculated): boolean =>
  fillMl(done.blend.formula.container) >= weighedFromMl &&
  recipe.oils.some(({ amount }) => isIn(amount, 'parts') || isIn(amount, 'drops'));

const ways: readonly { readonly value: Way; readonly text: string }[] = [
  { value: 'parts', text: 'by parts' },
  { value: 'percent', text: 'by percent' },
  { value: 'amounts', text: 'by drops and amounts' },
];

const wayNow = {
  parts: 'by parts',
  percent: 'by percent',
  amounts: 'by amounts',
  several: 'in several ways',
} as const;

const shortColumns = (by: By): readonly Column[] => [
  { name: 'Oil', width: 'w-auto' },
  { name: 'Drops', centre: true, width: 'w-[118px]' },
  { name: by === 'weight' ? '% by weight' : '% of all', right: true, width: 'w-[72px]' },
  { name: <span className="sr-only">Remove</span>, width: 'w-[34px]' },
];

/** The oils, a row each, with what they come to. */
export const OilTable = memo(
  ({
    recipe,
    change,
    worked,
    addRef,
    isShort,
  }: TokenProps & {
    worked: WorkedOut;
    addRef: RefObject<HTMLInputElement | null>;
    /** Drops and percent alone: what else they come to is folded. */
    isShort: boolean;
  }) => {
    const catalog = useCatalog();
    const fields = useRef(new Map<string, HTMLInputElement>());
    const done = worked.state === 'done' ? worked : null;
    const { country, heard } = useSpoons();
    const [shown, setShown] = useState<By | null>(null);
    const by = shown ?? recipe.by;
    const drop = done && oneDropPercent(done.blend.formula);
    const tell = useNotice();
    const changeAndSay = (what: string, edit: Edit) => {
      const next = edit(recipe);
      const after = workOut(catalog, next);
      change(edit);
      if (after.state === 'done')
        tell({ text: rewrittenWords(what, after.evaluation.mixture, next) });
    };
    const moveFrom = (index: number, by: 1 | -1) => {
      const next = recipe.oils[index + by];
      if (next) fields.current.get(next.id)?.focus();
      else if (by === 1) addRef.current?.focus();
    };
    return (
      <section aria-label="Oils">
        <div>
          <Table
            rows="fields"
            cards={isShort}
            columns={
              isShort
                ? shortColumns(by)
                : [
                    {
                      name: (
                        <>
                          Oil{' '}
                          {done && recipe.oils.length > 0 && (
                            <select
                              aria-label="Enter the oils"
                              className="ml-1 w-24 rounded-xs bg-transparent font-normal text-press max-sm:ml-0"
                              value=""
                              onChange={(event) => {
                                const way = ways.find(({ value }) => value === event.target.value);
                                if (way)
                                  changeAndSay(
                                    way.text,
                                    asWorkedOut(catalog, (before, all) =>
                                      writeOils(before, all, way.value),
                                    ),
                                  );
                              }}
                            >
                              <option value="">{wayNow[oilsWrittenBy(recipe)]}</option>
                              {ways.map(({ value, text }) => (
                                <option key={value} value={value}>
                                  write {text}
                                </option>
                              ))}
                            </select>
                          )}
                        </>
                      ),
                      width: 'w-auto',
                    },
                    { name: 'Parts', right: true, width: 'w-[52px]' },
                    { name: 'Drops', centre: true, width: 'w-[118px]' },
                    {
                      name: (
                        <button
                          type="button"
                          className="rounded-xs font-semibold text-press underline underline-offset-2"
                          aria-label={by === 'volume' ? 'ml; show g instead' : 'g; show ml instead'}
                          onClick={() => setShown(by === 'volume' ? 'weight' : 'volume')}
                        >
                          {by === 'volume' ? 'ml' : 'g'}
                        </button>
                      ),
                      right: true,
                      wide: true,
                      width: 'w-[64px]',
                    },
                    {
                      name: by === 'weight' ? '% by weight' : '% of all',
                      right: true,
                      wide: true,
                      width: 'w-[56px]',
                    },
                    {
                      name: (
                        <>
                          of{' '}
                          <Term term="dermal maximum">
                            <span className="sr-only">dermal</span> maximum
                          </Term>
                        </>
                      ),
                      right: true,
                      wide: true,
                      width: 'w-[94px]',
                    },
                    { name: <span className="sr-only">Remove</span>, width: 'w-[30px]' },
                  ]
            }
          >
            <tbody>
              {recipe.oils.map((entry, index) => {
                const oil = catalog.oil(entry.id);
                const amounted = (amount: OilAmount | null) =>
                  change(amountOf(catalog, entry.id, amount), `amount/${entry.id}`);
                return oil ? (
                  <OilRow
                    key={entry.id}
                    entry={entry}
                    oil={oil}
                    by={by}
                    percentBy={by}
                    writtenBy={recipe.by}
                    mixed={done?.evaluation.mixture.oils[index] ?? null}
                    isShort={isShort}
                    own={done?.evaluation.findings.find(
                      ({ rule, subject }) => rule === 'oil-maximum' && subject === entry.id,
                    )}
                    onAmount={amounted}
                    wayBack={() => () => change(() => recipe, `amount/${entry.id}`)}
                    readTyped={(text, act) => {
                      const read = readOilAmount(text, {
                        country,
                        fillMl: done?.evaluation.mixture.fillMl ?? lineMl(recipe),
                      });
                      if (!read.ok) return refusalOf(catalog, read.problem);
                      if (act) {
                        amounted(read.amount);
                        heard(text);
                      }
                      return null;
                    }}
                    onRemove={() => change(removeOil(entry.id))}
                    onArrow={(by) => moveFrom(index, by)}
                    dropsRef={(field) => {
                      if (field) fields.current.set(entry.id, field);
                      else fields.current.delete(entry.id);
                    }}
                  />
                ) : (
                  <NotHere
                    key={entry.id}
                    id={entry.id}
                    columns={isShort ? 3 : 6}
                    onRemove={() => change(removeOil(entry.id))}
                  />
                );
              })}
            </tbody>
            {recipe.oils.length > 0 && (
              <tfoot className={isShort ? 'max-sm:block' : undefined}>
                <OilTotals
                  recipe={recipe}
                  change={change}
                  worked={worked}
                  by={by}
                  isShort={isShort}
                />
              </tfoot>
            )}
          </Table>
        </div>
        {drop && (
          <div className="mt-1 flex flex-wrap items-center gap-x-3 text-[13px] text-soft [&_button]:leading-6 [&_summary]:leading-6">
            <span>
              {isShort ? 'One drop is ' : 'One drop changes the strength by '}
              <b className="text-ink">
                {formatNumber(drop.least) === formatNumber(drop.most)
                  ? formatPercent(drop.least)
                  : `${formatNumber(drop.least)} to ${formatPercent(drop.most)}`}
              </b>
              .
            </span>
            {!isShort && <DropSizes recipe={recipe} done={done} />}
            {!isShort && recipe.oils.length > 1 && (
              <button
                type="button"
                className="text-press underline underline-offset-2"
                onClick={() => changeAndSay('the same drops of each', equalDrops(catalog))}
              >
                {blendWords.sameDropsOfEach}
              </button>
            )}
            {canBeWeighed(recipe, done) && (
              <>
                <span>{blendWords.atThisSizeAScale}</span>
                <button
                  type="button"
                  className="text-press underline underline-offset-2"
                  onClick={() => change((before) => weighOils(before, done.evaluation))}
                >
                  {blendWords.measureInMlAndG}
                </button>
              </>
            )}
          </div>
        )}
      </section>
    );
  },
);
OilTable.displayName = 'OilTable';
