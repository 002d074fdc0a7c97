/** What a kind of container is like, as far as anything is worked out from it. */
export interface ContainerFacts {
  /** True where the blend runs out of it; false where it is scooped or rubbed off. */
  readonly runs: boolean;
  /** What is done to it for one use; null where that has no name. */
  readonly dose: 'press' | 'spray' | 'fingertip' | 'swipe' | 'piece' | null;
}

const facts: Readonly<Record<string, ContainerFacts>> = {
  'roll-on': { runs: true, dose: null },
  'dropper bottle': { runs: true, dose: null },
  'treatment pump': { runs: true, dose: 'press' },
  'pump bottle': { runs: true, dose: 'press' },
  'spray bottle': { runs: true, dose: 'spray' },
  tin: { runs: false, dose: 'fingertip' },
  jar: { runs: false, dose: 'fingertip' },
  'lip tube': { runs: false, dose: 'swipe' },
  locket: { runs: false, dose: 'swipe' },
  'pill box': { runs: false, dose: 'fingertip' },
  mould: { runs: false, dose: 'piece' },
};

/** The usual kinds of container. */
export const usualContainerKinds: readonly string[] = Object.keys(facts);

/** What a kind is like; as a bottle with a lid for one that is not known. */
export const containerFacts = (kind: string): ContainerFacts =>
  facts[kind] ?? { runs: true, dose: null };
