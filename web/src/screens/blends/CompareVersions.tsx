import { useCatalog } from '../../parts/catalog';
import {
  formatDrops,
  formatNumber,
  formatPercent,
  placeWords,
  wearerWords,
  basesWords,
  costWords,
  fillingsWords,
  strengthWords,
  degreeSign,
  degreesShown,
  limitName,
  temperatureWords,
  textureName,
  blendsWords,
} from '@jubbet/core/words';
import { workOut, fillingsOf } from '@jubbet/core/drops';
import { overlayOf } from '@jubbet/core/advice';
import { nameIn } from '@jubbet/core/catalog';
import { catalogOfRecipe, outOfBottles } from '@jubbet/core/mixture';
import type { Recipe } from '@jubbet/core/recipe';
import { plannedCost } from '@jubbet/core/stock';
import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import { OilName } from '../../parts/OilName';
import { VerdictMark } from '../../parts/VerdictMark';
import { Cell, Row, RowHead, Table } from '../../ui/Table';
import { nonBreaking } from '../../parts/nonBreaking';
import { useUnits } from '../../parts/useUnits';
import { bottles } from '../../store/bottles';
import { settings } from '../../store/settings';
import { useStored } from '../../store/useStored';
import { OverlayChart, OverlayLegend } from './OverlayChart';

interface Side {
  readonly id: string;
  readonly title: string;
  readonly recipe: Recipe;
}

/** So many limits are drawn, and none of which less than this is taken up, in percent. */
const mostLimits = 6;
const leastShare = 1;

/** A few versions side by side, and laid over each other; what differs is set in bold. */
export const CompareVersions = ({ sides }: { sides: readonly Side[] }) => {
  const house = useCatalog();
  // Each version has its own pre-dilutions.
  const catalog = sides.reduce((laid, { recipe }) => catalogOfRecipe(laid, recipe), house);
  const units = useUnits();
  const worked = sides.map(({ recipe }) => workOut(house, recipe));
  const { oils, limits, textures } = overlayOf(
    worked.map((workedOut) => (workedOut.state === 'done' ? workedOut : null)),
  );
  const nearLimits = limits
    .filter(({ shares }) => shares.some((share) => share !== null && share >= leastShare))
    .slice(0, mostLimits);
  const titles = sides.map(({ title }) => title);
  const inDrops = oils.every(({ drops, ml }) =>
    drops.every((drop, n) => drop !== null || ml[n] === null),
  );
  const ids = [...new Set(sides.flatMap(({ recipe }) => recipe.oils.map(({ id }) => id)))];
  const shelf = useStored(['bottles'], () => bottles.list()).data ?? [];
  const currency = useStored(['settings'], () => settings.read()).data?.currency ?? '';
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
    [
      'Cost of what goes in',
      worked.map((workedOut) =>
        workedOut.state === 'done'
          ? costWords(
              plannedCost(
                outOfBottles(workedOut.evaluation.mixture, workedOut.blend.preDilutions ?? [], 1),
                shelf.map(({ bottle }) => bottle),
              ),
              currency,
            )
          : '–',
      ),
    ],
  ];
  const dropsOf = (n: number, id: string): string => {
    const entry = worked[n];
    const index = sides[n]?.recipe.oils.findIndex((oil) => oil.id === id) ?? -1;
    if (index < 0) return '–';
    const mixed = entry?.state === 'done' ? entry.evaluation.mixture.oils[index] : undefined;
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
          {nonBreaking(value)}
        </Cell>
      ))}
    </Row>
  );
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-3">
      <div
        role="region"
        aria-label="Side by side"
        tabIndex={0}
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
              {worked.map((workedOut, n) => (
                <Cell key={n}>
                  {workedOut.state === 'done' ? (
                    <>
                      {strengthWords(workedOut.evaluation.mixture, workedOut.blend.formula.by)} ·{' '}
                      <VerdictMark verdict={workedOut.evaluation.verdict} />
                    </>
                  ) : (
                    'not worked out'
                  )}
                </Cell>
              ))}
            </Row>
            {textures.some((texture) => texture !== null) && (
              <>
                {row(
                  'texture',
                  'Texture',
                  textures.map((texture) => (texture ? textureName(texture) : '–')),
                )}
                {row(
                  'sets',
                  'Sets at',
                  textures.map((texture) =>
                    texture?.setPointC
                      ? temperatureWords(
                          [Math.floor(texture.setPointC.low), Math.ceil(texture.setPointC.high)],
                          units,
                        )
                      : texture
                        ? 'not known'
                        : '–',
                  ),
                )}
              </>
            )}
          </tbody>
        </Table>
      </div>
      <OverlayLegend versions={titles} />
      <div className="grid grid-cols-[minmax(0,1fr)] gap-3 lg:grid-cols-2">
        {oils.length > 0 && (
          <OverlayChart
            title={inDrops ? 'Drops of each oil' : 'ml of each oil'}
            unit={inDrops ? 'drops' : 'ml'}
            versions={titles}
            rows={oils.map(({ id, drops, ml }) => ({
              name: nameIn(catalog, id),
              values: inDrops ? drops : ml,
            }))}
          />
        )}
        {nearLimits.length > 0 && (
          <OverlayChart
            title={blendsWords.howMuchOfEachLimit}
            unit="%"
            versions={titles}
            mark={{ at: 100, name: 'limit' }}
            rows={nearLimits.map(({ limit, shares }) => ({
              name: limitName(catalog, limit),
              values: shares,
            }))}
          />
        )}
        {textures.some((texture) => texture?.setPointC) && (
          <OverlayChart
            title="Where it sets"
            unit={degreeSign(units)}
            versions={titles}
            rows={[
              {
                name: 'set point',
                values: textures.map((texture) =>
                  texture?.setPointC ? degreesShown(texture.setPointC.likely, units) : null,
                ),
              },
            ]}
          />
        )}
      </div>
    </div>
  );
};
