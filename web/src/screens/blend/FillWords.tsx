import {
  containerWordsOf,
  countedContainers,
  formatG,
  formatMl,
  formatNumber,
  massWords,
  oneOf,
  containerWords,
  suggestionWords,
  volumeWords,
  blendWords,
} from '@jubbet/core/words';
import { fillMl, type Container } from '@jubbet/core/catalog';
import { misfitOf, oneUse, withChange } from '@jubbet/core/advice';
import { contentsOf, part, type Mixture } from '@jubbet/core/mixture';
import type { Blend, Calculated } from '@jubbet/core/drops';
import { nonBreaking } from '../../parts/nonBreaking';
import { useCatalog } from '../../parts/catalog';
import { useUnits } from '../../parts/useUnits';
import { openPart } from './gaps';
import type { TokenProps } from './tokenProps';

/** Of most things for skin, morning and evening. */
const usualUsesADay = 2;

/** From this many days on they are reported in weeks. */
const manyDays = 21;

/** `9 to 11 weeks`, `4 days`: how long so many uses last. */
const lastingWords = (uses: readonly [number, number], usesADay: number): string => {
  const days = uses.map((count) => count / usesADay);
  const inWeeks = Math.max(...days) >= manyDays;
  const [from, to] = days.map((count) => Math.max(1, Math.round(inWeeks ? count / 7 : count)));
  const unit = inWeeks ? 'week' : 'day';
  return `${from === to ? '' : `${from} to `}${to} ${to === 1 ? unit : `${unit}s`}`;
};

/** What one use takes, and how long the container lasts. */
const DoseWords = ({
  container,
  blend,
  mixture,
  isShort,
}: {
  container: Container;
  blend: Blend;
  mixture: Mixture;
  isShort: boolean;
}) => {
  const use = oneUse(container, blend, mixture);
  if (!use && isShort) return null;
  if (!use) {
    return (
      <p className="mt-1 text-sm text-soft">
        {blendWords.howMuchIsOneUse}{' '}
        <button
          type="button"
          className="text-press underline underline-offset-2"
          onClick={() => openPart('Container')}
        >
          Measure it
        </button>
      </p>
    );
  }
  const [least, most] = use.ml;
  const range = (from: number, to: number): string =>
    formatNumber(from) === formatNumber(to)
      ? formatMl(to)
      : `${formatNumber(from)} to ${formatMl(to)}`;
  const usesADay = blend.brief.timesPerDay ?? usualUsesADay;
  const aDay = usesADay === usualUsesADay ? 'at two a day,' : `at ${usesADay} a day,`;
  const lasts = [...new Set(use.uses.map((count) => formatNumber(count, 3)))].join(' to ');
  return (
    <p className="mt-1 text-sm text-soft">
      {nonBreaking(
        `${use.count === 1 ? `One ${use.act}` : `${use.count} ${use.act === 'press' ? 'presses' : `${use.act}s`}`} ${use.own ? 'takes' : use.count === 1 ? 'gives' : 'give'} ${range(least, most)}, with ${range(...use.oilMl)} of essential oil${use.act === 'piece' ? ` and ${formatG(use.fatG[1])} of fat` : ''}.${lasts === '1' ? '' : ` A full ${oneOf(container.kind)} holds ${lasts} of them: ${aDay} ${lastingWords(use.uses, usesADay)}.`}`,
      )}
    </p>
  );
};

/** What is left over or missing, and where it can go: each with a press. */
const LeftWords = ({ recipe, change, done }: TokenProps & { done: Calculated }) => {
  const units = useUnits();
  const catalog = useCatalog();
  const misfit = misfitOf(catalog, recipe, done);
  if (!misfit) return null;
  const { leftMl, leftG, shortMl, changes } = misfit;
  return (
    <div role="status" className="mt-1 grid gap-1 text-sm text-amber">
      <p>
        ▲{' '}
        {nonBreaking(
          leftMl > 0
            ? `${volumeWords(leftMl, units, 2)}, ${massWords(leftG, units, 2)}, are left over.`
            : `${volumeWords(shortMl, units, 2)} more are needed to fill them all.`,
        )}
      </p>
      {changes.map((one) => (
        <button
          key={one.kind}
          type="button"
          className="text-press underline underline-offset-2"
          onClick={() => change((before) => withChange(before, one))}
        >
          {one.kind === 'fit'
            ? leftMl > 0
              ? 'Make only what they hold'
              : 'Make enough to fill them'
            : suggestionWords(catalog, one, recipe)}
        </button>
      ))}
    </div>
  );
};

/** A line above the brim, before anything is poured. */
const Overfull = ({ containers }: { containers: readonly Container[] }) =>
  containers.flatMap((container) => {
    const { brimfulMl } = container;
    return brimfulMl !== undefined && fillMl(container) > brimfulMl
      ? [
          <p key={containerWords(container)} role="status" className="mt-1 text-sm text-brick">
            ■{' '}
            {nonBreaking(
              `Overfull: the fill line of a ${containerWords(container)} is at ${formatMl(fillMl(container), 3)}, its brim at ${formatMl(brimfulMl, 3)}.`,
            )}
          </p>,
        ]
      : [];
  });

/** What goes in, and how far; where one jug fills several, what each takes. */
export const FillWords = ({
  container,
  recipe,
  change,
  done,
  isShort,
}: TokenProps & {
  container: Container;
  done: Calculated | null;
  /** What one use takes is asked elsewhere, where it is not known. */
  isShort: boolean;
}) => {
  const units = useUnits();
  const { nominalMl, workingFillPercent } = container;
  const line = (nominalMl * workingFillPercent) / 100;
  if (!done) {
    return (
      <p className="mt-2 text-sm text-soft">
        {nonBreaking(
          `Fill line at ${volumeWords(line, units)}. ${containerWordsOf(container.kind).fillWhy}`,
        )}
      </p>
    );
  }
  const {
    blend,
    evaluation: { mixture },
  } = done;
  const carrier = mixture.bases.reduce((total, { ml }) => total + ml.likely, 0);
  const carrierG = mixture.bases.reduce((total, { g }) => total + g.likely, 0);
  const parted = part(blend.fillings, mixture.fillMl, mixture.totalG.likely, blend);
  return (
    <>
      {blend.inOne ? (
        <>
          <p className="mt-2 font-semibold">
            {nonBreaking(
              `${volumeWords(mixture.fillMl, units)}, ${massWords(mixture.totalG.likely, units)} in total`,
            )}
          </p>
          <ul className="text-sm text-soft">
            {contentsOf(parted).map(({ count, container: of, ml, g }, index) => (
              <li key={index}>
                {nonBreaking(
                  `${countedContainers(count, of.kind)}: ${volumeWords(ml, units)}, ${massWords(g, units)}${count > 1 ? ' each' : ''}.`,
                )}
              </li>
            ))}
          </ul>
          {blend.gainPercent > 0 && (
            <p className="text-sm text-soft">
              {nonBreaking(
                `Whipped to ${volumeWords(mixture.fillMl * (1 + blend.gainPercent / 100), units)}.`,
              )}
            </p>
          )}
        </>
      ) : (
        <p className="mt-2 font-semibold">
          {nonBreaking(
            isShort
              ? `Fill to ${volumeWords(line, units)}`
              : `${volumeWords(carrier, units)} carrier, ${massWords(carrierG, units)}`,
          )}
        </p>
      )}
      <p className="text-sm text-soft">
        {nonBreaking(
          blend.inOne || isShort
            ? containerWordsOf(container.kind).fillWhy
            : `Fill line at ${volumeWords(line, units)}. ${containerWordsOf(container.kind).fillWhy}`,
        )}
      </p>
      <Overfull containers={blend.fillings.map((filling) => filling.container)} />
      <LeftWords recipe={recipe} change={change} done={done} />
      <DoseWords container={container} blend={blend} mixture={mixture} isShort={isShort} />
    </>
  );
};
