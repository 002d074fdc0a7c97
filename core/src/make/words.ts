import { vesselKind } from '../brief/vesselKinds';
import { subjectName } from '../limits/words';
import { findOil } from '../library/library';
import { formatDrops, formatG, formatList, formatMl } from '../quantity/format';
import type { Step } from './steps';

/** From so many drops on a scale is the better judge. */
const manyDrops = 30;

const bottles = (count: number): string => (count === 1 ? 'the bottle' : `${count} bottles`);

/** A step in a few words, for the list. */
export const stepTitle = (step: Step): string => {
  switch (step.kind) {
    case 'wipe':
      return step.vessels === 1
        ? `Wipe bottle, ${vesselKind(step.of).top}`
        : `Wipe ${step.vessels} bottles, each ${vesselKind(step.of).top}`;
    case 'lay-out':
      return 'Lay out the oils, open one at a time';
    case 'count':
    case 'measure':
      return subjectName(step.oilId);
    case 'smell':
      return 'Smell on a strip';
    case 'top-up':
      return `Top up with ${formatMl(step.ml, 3)} carrier`;
    case 'close':
      return 'Close and mix';
    case 'label':
      return 'Label before you put it down';
  }
};

/** A step in full: what to do, in a sentence or two. */
export const stepDetail = (step: Step): string => {
  switch (step.kind) {
    case 'wipe':
      return `Clean and dry: ${bottles(step.vessels)}, ${vesselKind(step.of).top}. Water spoils an oil blend.`;
    case 'lay-out':
      return `${formatList(step.oilIds.map(subjectName))}. Read each name aloud, and open one bottle at a time.`;
    case 'count':
      return [
        `${formatDrops(step.drops)}${step.drops >= manyDrops && step.g !== null ? `, which weigh ${formatG(step.g)}` : ''}.`,
        ...(isThick(step.oilId) ? ['A thick oil: wait for each drop.'] : []),
      ].join(' ');
    case 'measure':
      return step.g === null
        ? `Measure ${formatMl(step.ml, 3)}.`
        : `Measure ${formatMl(step.ml, 3)}, or weigh ${formatG(step.g, 3)}.`;
    case 'smell':
      return 'One strip, now and after a minute. Settle, or go back and adjust.';
    case 'top-up':
      return `${formatList(
        step.bases.map(({ id, ml }) => `${formatMl(ml, 3)} ${subjectName(id).toLowerCase()}`),
      )}. ${vesselKind(step.of).fillWhy}`;
    case 'close':
      return vesselKind(step.of).close;
    case 'label':
      return step.vessels === 1
        ? 'A bottle without a name is a bottle lost.'
        : `${step.vessels} labels, one for each bottle.`;
  }
};

/** True for oils that leave the bottle slowly. */
export const isThick = (oilId: string): boolean => {
  const viscosity = findOil(oilId)?.viscosity;
  return viscosity === 'thick' || viscosity === 'very thick';
};
