/** What a kind of vessel is like at the bench, in words. */
export interface VesselKind {
  /** Several of them: `roll-ons`. */
  readonly plural: string;
  /** What is wiped beside the vessel itself. */
  readonly top: string;
  /** Why it is not filled to the brim. */
  readonly fillWhy: string;
  /** How it is closed and mixed. */
  readonly close: string;
  /** What is done to it for one use, and what that is called. */
  readonly dose: string | null;
}

const mix = 'Let it stand ten minutes, then mix again.';

/** Vessels from which a blend runs, by kind. */
export const pouringKinds: Readonly<Record<string, VesselKind>> = {
  'roll-on': {
    plural: 'roll-ons',
    top: 'ball and housing',
    fillWhy: 'Fill to the shoulder: the ball takes the rest.',
    close: `Press the ball in until it clicks, cap at once, and roll between your palms for a minute. ${mix}`,
    dose: null,
  },
  'dropper bottle': {
    plural: 'dropper bottles',
    top: 'pipette and cap',
    fillWhy: 'Fill to the shoulder: the pipette pushes the liquid up.',
    close: `Screw the pipette on at once, and turn the bottle over slowly for a minute. ${mix}`,
    dose: null,
  },
  'treatment pump': {
    plural: 'treatment pumps',
    top: 'pump and tube',
    fillWhy: 'Leave room at the top: the pump and its tube take it.',
    close: `Screw the pump on, turn the bottle over slowly for a minute, and press until it gives. ${mix}`,
    dose: 'press',
  },
  'pump bottle': {
    plural: 'pump bottles',
    top: 'pump and tube',
    fillWhy: 'Fill to about four fifths: the pump and its tube push the liquid up.',
    close: `Screw the pump on, turn the bottle over slowly for a minute, and press until it gives. ${mix}`,
    dose: 'press',
  },
  'spray bottle': {
    plural: 'spray bottles',
    top: 'spray head and tube',
    fillWhy: 'Leave room at the top: the head and its tube take it.',
    close: `Screw the head on, shake for a minute, and spray once into a cloth, away from any flame. ${mix}`,
    dose: 'spray',
  },
};

/** The words of a kind; those of a bottle with a lid for one that is not known. */
export const vesselKind = (kind: string): VesselKind =>
  pouringKinds[kind] ?? {
    plural: `${kind}s`,
    top: 'lid',
    fillWhy: 'Fill to the line, and leave a little air.',
    close: `Close it at once. ${mix}`,
    dose: null,
  };
