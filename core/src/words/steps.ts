import { containerWordsOf, countedContainers } from './containers';
import { carrierWords } from './brief';
import {
  containerFacts,
  nameIn,
  textureFigures,
  type Catalog,
  type ContainerKind,
} from '../catalog';
import { looseWords } from './blend';
import {
  capitalised,
  formatG,
  formatList,
  formatMl,
  formatRange,
  formatWantedDrops,
  uncapitalised,
} from './numbers';
import { mixedAmountWords, mixedOnceWords } from './preDilution';
import { massWords, temperatureWords, volumeWords, type Units } from './units';
import type { Into, Step, StepContainers } from '../making';
import { nameInSentence } from './inSentence';

/** From so many drops on a scale is the better judge. */
const manyDrops = 30;

const bottles = (count: number): string => (count === 1 ? 'the bottle' : `${count} bottles`);

/** `9 tins of 15 ml`. */
const lineWords = ({ count, of, nominalMl }: StepContainers, units: Units): string =>
  `${countedContainers(count, of)} of ${volumeWords(nominalMl, units, 4)}`;

/** `each`, `each of 2`, `the first`, of what is filled to the line. */
const eachOf = ({ count, lastMl }: StepContainers): string => {
  if (lastMl > 0) return count === 2 ? 'the first' : `each of the first ${count - 1}`;
  return count === 1 ? 'it' : 'each';
};

const intoWords: Record<Into, string> = {
  pan: 'into the pan',
  jug: 'into a jug',
  bowl: 'into a bowl',
};

const basesWords = (catalog: Catalog, ids: readonly string[]): string =>
  formatList(
    ids.map((id) => {
      const base = catalog.base(id);
      return base ? carrierWords(base) : id;
    }),
  );

const setWords = (kinds: readonly ContainerKind[]): string[] =>
  textureFigures.setsIn
    .filter(({ kind }) => kinds.includes(kind))
    .map(({ kind, room }) => `${containerWordsOf(kind).plural} in ${room}`);

/** A step in a few words, for the list. */
export const stepTitle = (catalog: Catalog, step: Step, units: Units): string => {
  switch (step.kind) {
    case 'wipe':
      return step.containers === 1
        ? `Wipe bottle, ${containerWordsOf(step.of).top}`
        : `Wipe ${step.containers} bottles, each ${containerWordsOf(step.of).top}`;
    case 'lay-out':
      return 'Lay out the oils, open one at a time';
    case 'pre-dilute':
      return `Mix the ${uncapitalised(step.need.mixed.name)}`;
    case 'count':
    case 'measure':
      return nameIn(catalog, step.oilId);
    case 'smell':
      return 'Smell on a strip';
    case 'top-up':
      return `Top up with ${formatMl(step.ml, 3)} carrier`;
    case 'close':
      return 'Close and mix';
    case 'label':
      return 'Label before you put it down';
    case 'set-out':
      return `Set out ${formatList(step.lines.map(({ count, of }) => countedContainers(count, of)))}`;
    case 'weigh':
      return `${nameIn(catalog, step.baseId)}, ${step.loose ? looseWords(step.loose) : formatG(step.g, 3)}`;
    case 'melt':
      return `Melt ${basesWords(catalog, step.baseIds)}`;
    case 'warm-in':
      return `Warm in ${basesWords(catalog, step.baseIds)}`;
    case 'cool':
      return `Cool to ${temperatureWords(step.toC, units).replace(' to ', '–')}`;
    case 'sift':
      return `Sift in ${basesWords(catalog, step.baseIds)}`;
    case 'stir-in':
      return 'Stir in the oils';
    case 'whip':
      return 'Whip';
    case 'combine':
      return step.grain ? 'Stir into the grains' : 'Mix all in the jug';
    case 'fill':
      return `Fill ${countedContainers(step.line.count, step.line.of)}`;
    case 'left':
      return `What is left, ${formatMl(step.ml)}`;
    case 'set':
      return 'Let it set';
    case 'close-all':
      return 'Close them';
  }
};

/** A step in full: what to do, in a sentence or two. */
export const stepDetail = (catalog: Catalog, step: Step, units: Units): string => {
  switch (step.kind) {
    case 'wipe':
      return `Clean and dry: ${bottles(step.containers)}, ${containerWordsOf(step.of).top}. Water spoils an oil blend.`;
    case 'lay-out':
      return `${formatList(step.oilIds.map((id) => nameIn(catalog, id)))}. Read each name aloud. ${
        step.oilIds.length > 1
          ? 'Hold a strip of each together under your nose before anything is poured. '
          : ''
      }Open one bottle at a time, with a window open and no pets in the room.`;
    case 'pre-dilute':
      return `In a small clean bottle mix ${mixedOnceWords(catalog, step.need)}. Close it and shake. That is ${mixedAmountWords(step.need)}. Label what is left: it is not for skin as it is.`;
    case 'count':
      return [
        `${formatWantedDrops(step)}${step.drops >= manyDrops && step.g !== null ? `, which weigh ${massWords(step.g, units, 2)}` : ''}.`,
        ...(isThick(catalog, step.oilId) ? ['A thick oil: wait for each drop.'] : []),
      ].join(' ');
    case 'measure':
      return step.g === null
        ? `Measure ${volumeWords(step.ml, units)}.`
        : `Measure ${volumeWords(step.ml, units)}, or weigh ${massWords(step.g, units)}.`;
    case 'smell':
      return 'Dip one strip, smell it now and after a minute. Add a drop here and there until it is right, then go on.';
    case 'top-up':
      return `${formatList(
        step.bases.map(({ id, ml }) => `${volumeWords(ml, units)} ${nameInSentence(catalog, id)}`),
      )}. ${containerWordsOf(step.of).fillWhy}`;
    case 'close':
      return containerWordsOf(step.of).close;
    case 'label':
      return step.containers === 1
        ? 'An unlabelled bottle is a lost bottle.'
        : `${step.containers} labels, one for each.`;
    case 'set-out':
      return `${formatList(step.lines.map((line) => lineWords(line, units)))}: ${step.hot ? 'open, dry, level, and near the pan. A melt sets in seconds.' : 'open, clean and dry. Water spoils what goes in.'} ${step.hot ? 'A pan' : 'A jug or bowl'} of ${volumeWords(step.vesselMl, units, 4)} or more leaves room to stir.`;
    case 'weigh':
      return step.loose && step.gRange
        ? `${capitalised(looseWords(step.loose))} ${intoWords[step.into]}. That is about ${massWords(step.g, units)}, from ${formatRange(step.gRange, 'g')}: weigh it to be sure.`
        : `Tare the scale, then weigh ${massWords(step.g, units)} ${intoWords[step.into]}, about ${volumeWords(step.ml, units, 2)}.`;
    case 'melt':
      return [
        `${step.baseIds.length > 1 ? 'The hardest first. ' : ''}Water bath, water a third to half up the pan, no lid, no flame near.`,
        ...(step.holdC
          ? [`Hold at ${temperatureWords(step.holdC, units)} until it is clear.`]
          : ['No warmer than it needs to be.']),
        `Allow ${step.minutes[0]} to ${step.minutes[1]} minutes.`,
        'Stay with it: hot wax and fat burn, and a drop of water makes them spit.',
      ].join(' ');
    case 'warm-in':
      return step.wax
        ? `Warm them to ${temperatureWords(textureFigures.warmOilsC, units)} first: cold oil makes hot wax seize. Then in a thin stream, stirring.`
        : 'In a thin stream, stirring; off the heat once all is clear.';
    case 'cool':
      return `Off the heat, stirring${step.setsAtC === null ? '' : `; it sets at about ${temperatureWords(Math.round(step.setsAtC), units)}`}. Hotter, and the oils evaporate; cooler, and it streaks.`;
    case 'sift':
      return 'Through a dry sieve, stirring until there are no lumps.';
    case 'stir-in':
      return step.baseIds.length > 0
        ? `All from the beaker, with ${basesWords(catalog, step.baseIds)}. Stir slowly for half a minute, away from any flame.`
        : 'All from the beaker. Stir slowly for half a minute, away from any flame.';
    case 'whip':
      return `Chill until it is cloudy and firm at the edge. Whip until ${volumeWords(step.fromMl, units)} stand at ${volumeWords(step.toMl, units)}; chill five to ten minutes and whip again.`;
    case 'combine':
      if (step.grain === 'paste')
        return 'Oils into the jug, then the jug into the bowl. Stir until no grain is dry.';
      if (step.grain === 'dry')
        return 'Oils into the jug, then the jug into the bowl. Rub it through until every grain shines; it stays loose.';
      return 'Oils first, carrier over them. Stir for a minute, let it stand for ten, and stir again.';
    case 'fill':
      return [
        `${volumeWords(step.line.ml, units)} into ${eachOf(step.line)}, ${massWords(step.line.g, units)} on the scale.`,
        ...(step.line.lastMl > 0
          ? [`The last takes the rest, ${volumeWords(step.line.lastMl, units)}.`]
          : []),
        containerWordsOf(step.line.of).fillWhy,
        ...(step.leftMl
          ? [
              `${volumeWords(step.leftMl, units, 2)} more than fits: fill a spare one, and label it too.`,
            ]
          : []),
        ...(step.hot ? ['Pour without stopping; warm the pan again if it thickens.'] : []),
      ].join(' ');
    case 'left':
      return `${volumeWords(step.ml, units, 2)}, ${massWords(step.g, units, 2)}, do not fit into the containers of this batch. Fill a spare one, and label it too.`;
    case 'set':
      return `Leave them level and still. Firm in a room of ${temperatureWords([20, 22], units)}: ${
        formatList(setWords(step.kinds)) || 'look at them after an hour'
      }. Judge how firm it is after 24 hours.`;
    case 'close-all':
      return [
        ...new Set(
          step.lines.map(({ of }) =>
            step.hot || containerFacts(of).runs
              ? containerWordsOf(of).close
              : `Wipe the rim and put the ${containerWordsOf(of).top} on at once.`,
          ),
        ),
        ...(step.lines.some(({ of }) => step.hot && !containerFacts(of).runs)
          ? ['Wipe the pan out with paper while it is warm: wax blocks a drain.']
          : []),
      ].join(' ');
  }
};

/** What a step is about, in large type: its figure is beside it. */
export const stepHeading = (catalog: Catalog, step: Step, units: Units): string =>
  step.kind === 'weigh' ? nameIn(catalog, step.baseId) : stepTitle(catalog, step, units);

/** The one figure of a step that must be read from afar; null where it has none. */
export const stepFigure = (step: Step, units: Units): string | null => {
  switch (step.kind) {
    case 'weigh':
      return step.loose ? looseWords(step.loose) : formatG(step.g, 3);
    case 'measure':
      return formatMl(step.ml, 3);
    case 'top-up':
      return formatMl(step.ml, 3);
    case 'cool':
      return temperatureWords(step.toC, units);
    case 'melt':
      return step.holdC && temperatureWords(step.holdC, units);
    case 'fill':
      return formatG(step.line.g, 3);
    default:
      return null;
  }
};

/** True for oils that leave the bottle slowly. */
export const isThick = (catalog: Catalog, oilId: string): boolean => {
  const viscosity = catalog.oil(oilId)?.viscosity;
  return viscosity === 'thick' || viscosity === 'very thick';
};

/** A melt that is not as warm as the oils want it, and what a second press does. */
export const outsideBandWords = (
  celsius: number,
  toC: readonly [number, number],
  units: Units,
): string =>
  `The last reading was ${temperatureWords(celsius, units)}, and the oils go in at ${temperatureWords(toC, units)}. ${
    celsius > toC[1] ? 'Hotter, they evaporate' : 'Cooler, it streaks'
  }. Press again to go on all the same.`;
