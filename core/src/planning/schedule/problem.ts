/** A part of a block: so many minutes, and what they take. */
export interface Segment {
  /** Whole minutes, 1 or more. */
  readonly minutes: number;
  /** A pair of hands is at it; else it waits. */
  readonly hands: boolean;
  readonly pan: boolean;
  readonly fridge: boolean;
}

/**
 * What is done without a pause, segment after segment: one step, or everything from melting to
 * filling, as a melt that is left standing sets.
 */
export type Block = readonly Segment[];

/** One batch: its blocks in order. */
export interface Job {
  readonly blocks: readonly Block[];
  /** Minutes before which it can’t begin, and minutes that pass after its end, without hands. */
  readonly head: number;
  readonly tail: number;
}

/** When hands may work: spans of minutes, in order, apart from each other. */
export interface Calendar {
  /** The span with this number, from 0: there are as many as are asked for. */
  readonly span: (n: number) => { readonly from: number; readonly to: number };
}

/** How many there are at once. */
export interface Capacity {
  readonly hands: number;
  readonly pans: number;
  readonly fridges: number;
}

/** Batches to be put on the clock. Times are whole minutes from 0 on. */
export interface Problem {
  readonly jobs: readonly Job[];
  readonly calendar: Calendar;
  readonly capacity: Capacity;
}

/** When each block of each job begins. */
export type Starts = readonly (readonly number[])[];

/** Minutes that a block takes from its start to its end. */
export const minutesOf = (block: Block): number =>
  block.reduce((total, { minutes }) => total + minutes, 0);

/** Minutes from the start of a block to the end of its last work with hands; 0 where none has any. */
export const attendedMinutes = (block: Block): number => {
  let at = 0;
  let last = 0;
  for (const { minutes, hands } of block) {
    at += minutes;
    if (hands) last = at;
  }
  return last;
};

/** The same problem with time running backwards, for the latest start. */
export const reversed = (jobs: readonly Job[]): readonly Job[] =>
  jobs.map(({ blocks, head, tail }) => ({
    blocks: [...blocks].reverse().map((block) => [...block].reverse()),
    head: tail,
    tail: head,
  }));
