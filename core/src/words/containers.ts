import type { ContainerKind } from '../catalog';

/** What a kind of container is like at the bench, in words. */
export interface ContainerWords {
  /** What one is called, where that is not the kind itself: `stick`. */
  readonly one?: string;
  /** Several of them: `roll-ons`. */
  readonly plural: string;
  /** What is wiped beside the container itself. */
  readonly top: string;
  /** Why it is not filled to the brim. */
  readonly fillWhy: string;
  /** How it is closed, and mixed where it runs. */
  readonly close: string;
  /** What a hand does with it, on a label, where that is not the same for all: `Roll onto`. */
  readonly verb?: string;
}

const mix = 'Leave it to stand for ten minutes, then mix again.';

/** The usual kinds of container. */
const kinds: Readonly<Record<ContainerKind, ContainerWords>> = {
  'roll-on': {
    plural: 'roll-ons',
    verb: 'Roll onto',
    top: 'ball and housing',
    fillWhy: 'Fill to the shoulder: the ball takes the rest.',
    close: `Press the ball in until it clicks, cap at once, and roll between your palms for a minute. ${mix}`,
  },
  'dropper bottle': {
    plural: 'dropper bottles',
    top: 'pipette and cap',
    fillWhy: 'Fill to the shoulder: the pipette pushes the liquid up.',
    close: `Screw the pipette on at once, and turn the bottle over slowly for a minute. ${mix}`,
  },
  'treatment pump': {
    plural: 'treatment pumps',
    top: 'pump and tube',
    fillWhy: 'Leave room at the top: the pump and its tube take it.',
    close: `Screw the pump on, turn the bottle over slowly for a minute, and press until it pumps. ${mix}`,
  },
  'pump bottle': {
    plural: 'pump bottles',
    top: 'pump and tube',
    fillWhy: 'Leave room at the top: the pump and its tube push the liquid up.',
    close: `Screw the pump on, turn the bottle over slowly for a minute, and press until it pumps. ${mix}`,
  },
  'spray bottle': {
    plural: 'spray bottles',
    verb: 'Spray onto',
    top: 'spray head and tube',
    fillWhy: 'Leave room at the top: the head and its tube take it.',
    close: `Screw the head on, shake for a minute, and spray once into a cloth, away from any flame. ${mix}`,
  },
  tin: {
    plural: 'tins',
    top: 'lid',
    fillWhy: 'Fill to just below the rim: the lid must not touch it.',
    close: 'Lids on when they are cold, not before: moisture under a lid spoils them.',
  },
  jar: {
    plural: 'jars',
    top: 'lid',
    fillWhy: 'Leave the neck empty, so that the lid closes and fingers can reach in.',
    close: 'Lids on when they are cold, not before: moisture under a lid spoils them.',
  },
  'lip tube': {
    one: 'stick',
    plural: 'sticks',
    top: 'cap',
    fillWhy: 'Fill to just below the rim, and top up the dip when it has set.',
    close: 'Caps on when they are cold. Turn each up and down once.',
  },
  locket: {
    plural: 'lockets',
    top: 'hinge and clasp',
    fillWhy: 'Leave space at the rim: it must close without touching.',
    close: 'Close each when it is hard, and wipe the hinge.',
  },
  'pill box': {
    plural: 'pill boxes',
    top: 'lid',
    fillWhy: 'Leave space at the rim: it must close without touching.',
    close: 'Close each when it is cold.',
  },
  mould: {
    plural: 'moulds',
    top: 'every corner',
    fillWhy: 'Fill to just below the edge, so that each comes out whole.',
    close: 'Press them out when they are hard, and wrap each: they melt in a warm hand.',
  },
};

/** What one container of a kind is called: `tin`, `stick`. */
export const oneOf = (kind: ContainerKind): string => containerWordsOf(kind).one ?? kind;

/** `1 tin`, `9 tins`, `2 sticks`. */
export const countedContainers = (count: number, kind: ContainerKind): string =>
  count === 1 ? `1 ${oneOf(kind)}` : `${count} ${containerWordsOf(kind).plural}`;

/** The words of a kind. */
export const containerWordsOf = (kind: ContainerKind): ContainerWords => kinds[kind];
