import type { Clearance } from '../batch';

/** A kind of record that someone may have deleted in the meantime. */
export type DeletedRecord =
  | 'batch'
  | 'blend'
  | 'bottle'
  | 'container'
  | 'entry'
  | 'material'
  | 'patch test'
  | 'person'
  | 'photograph'
  | 'plan';

/** Why a command does not reach a device. */
export type CommandRefusal = 'no-such-device' | 'unknown-command' | 'not-supported' | 'other';

/** What can fail, by code, with the facts that its words need. */
export interface FailureParams {
  /** A record that was to be written or copied is no longer there. */
  deleted: { readonly record: DeletedRecord };
  /** A blend that must not be used on its wearer was to be made. */
  'blend-blocked': object;
  'blend-needs-reason': object;
  'too-many-tags': { readonly most: number; readonly longest: number };
  /** The batch was finished as not to be used. */
  'batch-not-to-be-used': object;
  'batch-on-bench': object;
  'batch-finished': object;
  /** What is in the container must not be used on the person it is for. */
  'batch-blocked': object;
  'batch-needs-reason': object;
  'not-an-amendment': object;
  /** A patch test holds the batch back from someone. */
  'not-cleared': { readonly clearance: Exclude<Clearance, 'no-test' | 'clear'> };
  'reading-saved': { readonly hours: number };
  'reading-too-early': { readonly hours: number };
  'more-than-left': object;
  /** More pieces would be given than were made. */
  'more-than-made': { readonly left: number; readonly made: number };
  'more-than-full': object;
  /** What was poured over has been used since. */
  'decanted-in-use': object;
  'no-such-movement': object;
  'unit-in-use': object;
  'too-many-photographs': { readonly of: 'record' | 'house'; readonly most: number };
  'photograph-too-large': object;
  'not-a-picture': object;
  'no-camera': object;
  'no-drawing': object;
  /** The browser offers no canvas, or no picture came of it. */
  'no-picture': object;
  'letters-missing': { readonly letters: string };
  'label-too-large': object;
  'port-closed': object;
  'nothing-read': { readonly device: 'scale' | 'thermometer'; readonly baudRate: number };
  /** A command that the server did not pass to a device. */
  'command-refused': { readonly why: CommandRefusal };
}

export type FailureCode = keyof FailureParams;

/** Something that could not be done, as facts. */
export type Failure = {
  [C in FailureCode]: { readonly code: C; readonly params: FailureParams[C] };
}[FailureCode];

/** Why a device sends no readings. */
export type DeviceTrouble = 'away' | 'noise' | 'silent';
