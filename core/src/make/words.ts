import { subjectName } from '../limits/words';
import { findOil } from '../library/library';
import { formatDrops, formatG, formatList, formatMl } from '../quantity/format';
import type { Step } from './steps';

const bottles = (count: number): string => (count === 1 ? 'the bottle' : `${count} bottles`);

/** A step in a few words, for the list. */
export const stepTitle = (step: Step): string => {
  switch (step.kind) {
    case 'wipe':
      return step.vessels === 1
        ? 'Wipe bottle, ball and dropper'
        : `Wipe ${step.vessels} bottles, balls and dropper`;
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
      return 'Seat the ball, cap, roll to mix';
    case 'label':
      return 'Label before you put it down';
  }
};

/** A step in full: what to do, in a sentence or two. */
export const stepDetail = (step: Step): string => {
  switch (step.kind) {
    case 'wipe':
      return `Clean and dry: ${bottles(step.vessels)}, ball and housing, dropper. Water spoils an oil blend.`;
    case 'lay-out':
      return `${formatList(step.oilIds.map(subjectName))}. Read each name aloud, and open one bottle at a time.`;
    case 'count':
      return isThick(step.oilId)
        ? `${formatDrops(step.drops)}. A thick oil: wait for each drop.`
        : `${formatDrops(step.drops)}.`;
    case 'measure':
      return step.g === null
        ? `Measure ${formatMl(step.ml, 3)}.`
        : `Measure ${formatMl(step.ml, 3)}, or weigh ${formatG(step.g, 3)}.`;
    case 'smell':
      return 'One strip, now and after a minute. Settle, or go back and adjust.';
    case 'top-up':
      return `${formatList(
        step.bases.map(({ id, ml }) => `${formatMl(ml, 3)} ${subjectName(id).toLowerCase()}`),
      )}. Fill to the shoulder: the ball takes the rest.`;
    case 'close':
      return 'Press the ball in until it clicks, cap at once, and roll between your palms for a minute. Let it stand ten minutes, then roll again.';
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
