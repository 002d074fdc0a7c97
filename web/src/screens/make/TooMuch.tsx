import { useCatalog } from '../../parts/catalog';
import { type Catalog, nameIn, usualContainer } from '@jubbet/core/catalog';
import {
  formatDrops,
  formatList,
  formatMl,
  formatPercent,
  verdictWords,
  containerWords,
  strengthWords,
} from '@jubbet/core/words';
import {
  waysOn,
  type BenchEvent,
  type CountStep,
  type Step,
  type Tally,
  type WayOn,
} from '@jubbet/core/making';
import type { By } from '@jubbet/core/recipe';
import type { Blend } from '@jubbet/core/drops';
import { useMemo } from 'react';
import { nonBreaking } from '../../parts/nonBreaking';
import { verdictShapes } from '../../parts/VerdictMark';

const titles: Record<WayOn['kind'], string> = {
  keep: 'Accept it',
  carrier: 'Add carrier',
  restore: 'Add the other oils in proportion',
  move: 'Move to a larger bottle',
  discard: 'Throw it away and start this bottle again',
};

const titleOf = (kind: WayOn['kind'], inOne: boolean): string => {
  if (kind === 'carrier' && !inOne) return 'Add carrier, up to the neck';
  if (kind === 'discard' && inOne) return 'Throw it away and start again';
  return titles[kind];
};

const whatFor = (catalog: Catalog, way: WayOn, inOne: boolean): string => {
  switch (way.kind) {
    case 'keep':
      return way.carrierMl === null || inOne
        ? ''
        : `${formatMl(way.carrierMl, 3)} carrier to the line`;
    case 'carrier':
      return way.carrierMl === null || !way.outcome
        ? ''
        : inOne
          ? `all bases in proportion, ${formatMl(way.outcome.mixture.fillMl, 3)} in total: more than the containers take`
          : `${formatMl(way.carrierMl, 3)} carrier, ${formatMl(way.outcome.mixture.fillMl, 3)} in total: higher than usual, so close it slowly`;
    case 'restore':
      return formatList(
        [...way.more].map(([id, drops]) => `${formatDrops(drops)} more of ${nameIn(catalog, id)}`),
      );
    case 'move': {
      const container = usualContainer(way.containerId ?? '');
      const carrier = way.carrierMl === null ? '' : `, ${formatMl(way.carrierMl, 3)} carrier`;
      return `${container ? containerWords(container) : ''}${carrier}`;
    }
    case 'discard':
      return 'its count goes back to zero';
  }
};

const outcomeOf = ({ outcome }: WayOn, by: By): string =>
  outcome
    ? `${strengthWords(outcome.mixture, by)} ${outcome.verdict ? `${verdictShapes[outcome.verdict]} ` : ''}${verdictWords(outcome.verdict)}`
    : '';

/** More fell than was wanted: what can be done, each with its numbers. */
export const TooMuch = ({
  blend,
  planned,
  tally,
  step,
  targetPercent,
  onChoose,
}: {
  blend: Blend;
  planned: readonly Step[];
  tally: Tally;
  step: CountStep;
  targetPercent: number | null;
  onChoose: (events: readonly BenchEvent[]) => void;
}) => {
  const catalog = useCatalog();
  const ways = useMemo(() => waysOn(blend, planned, tally, step), [blend, planned, tally, step]);
  const kept = ways[0]?.outcome?.mixture;
  const oilMl = kept?.oils.reduce((total, { ml }) => total + ml.likely, 0) ?? 0;
  return (
    <section
      aria-label="Too many drops"
      className="rounded-xl border border-night-amber-line bg-night-amber-wash px-4 py-3"
    >
      <h2 className="font-sans text-base font-bold text-night-amber">▲ Too many drops</h2>
      {targetPercent !== null && targetPercent > 0 && (
        <p className="mt-1 text-[14px]">
          {nonBreaking(
            `${formatMl((100 * oilMl) / targetPercent, 3)} in all would bring it to ${formatPercent(targetPercent)}.`,
          )}
        </p>
      )}
      <ul className="mt-2 grid gap-2">
        {ways.map((way) => (
          <li key={way.kind}>
            <button
              type="button"
              className="min-h-11 w-full rounded-lg border border-night-amber-line px-3 py-2 text-left hover:border-night-amber disabled:cursor-not-allowed disabled:opacity-70"
              // What must not be worn is no way on, however little is missing.
              disabled={way.outcome?.blocking ?? false}
              onClick={() => onChoose(way.events)}
            >
              <b>{titleOf(way.kind, blend.inOne)}</b>
              <span className="block text-[14px]">
                {nonBreaking(
                  [whatFor(catalog, way, blend.inOne), outcomeOf(way, blend.formula.by)]
                    .filter(Boolean)
                    .join(' · '),
                )}
                {way.outcome?.blocking && ': do not use on this person'}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
};
