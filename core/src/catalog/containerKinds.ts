/** What a kind of container is like, as far as anything is worked out from it. */
export interface ContainerFacts {
  /** True where the blend runs out of it; false where it is scooped or rubbed off. */
  readonly runs: boolean;
  /** What is done to it for one use; null where that has no name. */
  readonly dose: 'press' | 'spray' | 'drop' | 'fingertip' | 'swipe' | 'piece' | null;
  /** How long a melt sets in it at the least, in minutes; null where that is not known. */
  readonly setsInMinutes: number | null;
}

const kinds = {
  'roll-on': { runs: true, dose: null, setsInMinutes: null },
  'dropper bottle': { runs: true, dose: 'drop', setsInMinutes: null },
  'treatment pump': { runs: true, dose: 'press', setsInMinutes: null },
  'pump bottle': { runs: true, dose: 'press', setsInMinutes: null },
  'spray bottle': { runs: true, dose: 'spray', setsInMinutes: null },
  tin: { runs: false, dose: 'fingertip', setsInMinutes: 30 },
  jar: { runs: false, dose: 'fingertip', setsInMinutes: 60 },
  'lip tube': { runs: false, dose: 'swipe', setsInMinutes: 20 },
  locket: { runs: false, dose: 'swipe', setsInMinutes: null },
  'pill box': { runs: false, dose: 'fingertip', setsInMinutes: null },
  mould: { runs: false, dose: 'piece', setsInMinutes: 120 },
} as const satisfies Readonly<Record<string, ContainerFacts>>;

/** A kind of container: its facts are here, its words, drawing and names in recipes follow by type. */
export type ContainerKind = keyof typeof kinds;

/** Kinds whose contents run out, and those that are scooped or rubbed off. */
export type RunningKind = {
  [Kind in ContainerKind]: (typeof kinds)[Kind]['runs'] extends true ? Kind : never;
}[ContainerKind];
export type OpenKind = Exclude<ContainerKind, RunningKind>;

/** The kinds of container, in the order in which they are offered. */
export const containerKinds = Object.keys(kinds) as readonly ContainerKind[];

/** What a kind is like. */
export const containerFacts = (kind: ContainerKind): ContainerFacts => kinds[kind];

/** True for a kind whose contents run out. */
export const isRunning = (kind: ContainerKind): kind is RunningKind => kinds[kind].runs;
