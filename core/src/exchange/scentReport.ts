import { catalogCarrying, shippedCatalog } from '../catalog';
import { workOut } from '../drops';
import type { Day } from '../quantity';
import { drowns, phasesOf, scentBand, scentOf } from '../scent';
import {
  assumptionWords,
  drownsWords,
  fileProblemWords,
  phaseWords,
  settleProblemWords,
  stillNeededWords,
} from '../words';
import { readBlendText } from './readBlend';

type Series = readonly number[];
type ByName<T> = Readonly<Record<string, T>>;

/** How a blend opens and dries down, as `npm run scent` prints it. */
export interface ScentReport {
  readonly minutes: Series;
  readonly families: ByName<Series>;
  readonly oils: ByName<Series>;
  readonly remaining: ByName<Series>;
  readonly evaporated: ByName<Series>;
  readonly absorbed: ByName<Series>;
  readonly band: ByName<{ readonly low: Series; readonly high: Series }>;
  readonly words: readonly { readonly minute: number; readonly text: string }[];
  readonly assumptions: readonly string[];
}

/** A scent worked out, or one sentence that names the field. */
export type Smelt =
  | { readonly ok: true; readonly report: ScentReport }
  | { readonly ok: false; readonly sentence: string };

/** To six figures: the sums of percents stay 100 to far below a thousandth. */
const rounded = (values: Series): Series =>
  values.map((value) => (Math.abs(value) < 1e-12 ? 0 : Number(value.toPrecision(9))));

const byName = (all: ReadonlyMap<string, Series>): ByName<Series> =>
  Object.fromEntries([...all].map(([name, values]) => [name, rounded(values)]));

/**
 * Reads a blend from the text of a file and works out how it opens and dries down.
 *
 * @param today on which what is left of a batch is past its date, or not
 */
export const scentReport = (text: string, today: Day): Smelt => {
  const no = (sentence: string): Smelt => ({ ok: false, sentence });
  const read = readBlendText(text);
  if (!read.ok) return no(fileProblemWords(read.problem));
  const catalog = catalogCarrying(shippedCatalog, read.materials, { today });
  if (read.recipe.oils.length === 0) return no('oils: without an oil there is nothing to smell.');
  const worked = workOut(catalog, read.recipe);
  if (worked.state === 'gaps') return no(`file: ${stillNeededWords(catalog, worked.gaps)}`);
  if (worked.state === 'problem') return no(`file: ${settleProblemWords(catalog, worked.problem)}`);
  const { blend, evaluation } = worked;
  if (evaluation.mixture.oils.every(({ ml }) => ml.likely <= 0)) {
    return no('oils: no drop of any of them is in it.');
  }
  const worn = { mixture: evaluation.mixture, brief: blend.brief, useMl: blend.useMl ?? null };
  const scent = scentOf(worn);
  const drowning = drowns(scent);
  const phases = phasesOf(scent);
  return {
    ok: true,
    report: {
      minutes: scent.minutes,
      families: byName(scent.families),
      oils: byName(scent.oils),
      remaining: byName(scent.remaining),
      evaporated: byName(scent.evaporated),
      absorbed: byName(scent.absorbed),
      band: Object.fromEntries(
        [...scentBand(worn)].map(([family, { low, high }]) => [
          family,
          { low: rounded(low), high: rounded(high) },
        ]),
      ),
      words: phases.map((phase, n) => ({
        minute: phase.minute,
        text: [
          phaseWords(catalog, phase, n === 0),
          ...(phase.minute === 20 && drowning ? [drownsWords(catalog, drowning)] : []),
        ].join(' '),
      })),
      assumptions: [
        ...(evaluation.blocking
          ? ['Do not use it on the person it is for; how it smells is worked out all the same.']
          : []),
        ...scent.assumptions.map((assumption) => assumptionWords(catalog, assumption)),
        'Odour thresholds of one substance differ by ten and more between publications: read the shape of the curves, not their height.',
      ],
    },
  };
};
