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
  | 'photograph';

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
  /** What is in the container must not be used on the person it is for. */
  'batch-blocked': object;
  'batch-needs-reason': object;
  'not-an-amendment': object;
  /** A patch test holds the batch back from someone. */
  'not-cleared': { readonly clearance: Exclude<Clearance, 'no-test' | 'clear'> };
  'reading-saved': { readonly hours: number };
  'reading-too-early': { readonly hours: number };
  'more-than-left': object;
  'more-than-full': object;
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

const refusals: Readonly<Record<CommandRefusal, string>> = {
  'no-such-device': 'this device is no longer connected',
  'unknown-command': 'the device does not know this command',
  'not-supported': 'this device can’t do that',
  other: 'the device did not accept that',
};

const messages: { readonly [C in FailureCode]: (params: FailureParams[C]) => string } = {
  deleted: ({ record }) => `this ${record} has been deleted`,
  'blend-blocked': () => 'this blend must not be used on the person it is for',
  'blend-needs-reason': () => 'a blend that is over a limit needs a written reason',
  'too-many-tags': ({ most, longest }) =>
    `a blend has at most ${most} tags, each of at most ${longest} characters`,
  'batch-not-to-be-used': () => 'this batch is closed: it is not to be used',
  'batch-on-bench': () => 'this batch is still on the bench',
  'batch-blocked': () => 'what is in it must not be used on the person it is for',
  'batch-needs-reason': () => 'going past this limit needs a written reason',
  'not-an-amendment': () =>
    'a finished batch can only be amended with what was added, and into what',
  'not-cleared': ({ clearance }) =>
    ({
      'not-read':
        'a patch test of this batch has not been read yet; it can be theirs once it is read clear after 48 hours',
      again: 'the last patch test of this batch was inconclusive; start another first',
      reacted: 'their skin reacted to this batch; it can’t be given to them',
    })[clearance],
  'reading-saved': ({ hours }) => `the reading after ${hours} hours is saved already`,
  'reading-too-early': ({ hours }) => `it is too early for the reading after ${hours} hours`,
  'more-than-left': () => 'that is more than is left in it; recount it first',
  'more-than-full': () => 'that is more than the full bottle holds',
  'no-such-movement': () => 'this entry of the bottle’s record no longer exists',
  'unit-in-use': () => 'something has been taken from it already, so its unit can’t be changed',
  'too-many-photographs': ({ of, most }) =>
    of === 'record'
      ? `there are ${most} photographs of it already; delete one first`
      : `${most} photographs are stored already; delete some first`,
  'photograph-too-large': () => 'that file is too large for a photograph',
  'not-a-picture': () => 'that file can’t be read as a picture',
  'no-camera': () => 'no camera was found',
  'no-drawing': () => 'the drawing is not ready yet',
  'no-picture': () => 'this browser could not draw the picture',
  'letters-missing': ({ letters }) =>
    `its typeface has no “${letters}”. Press Print instead: the browser prints with the typefaces of this device`,
  'label-too-large': () =>
    'a label of this size does not fit on the paper; choose one label per page',
  'port-closed': () =>
    'the port can’t be opened. Close any other program or tab that is using the device',
  'nothing-read': ({ device, baudRate }) =>
    device === 'scale'
      ? `no weight could be read at ${baudRate} baud. Switch the scale on, set it to send continuously, or try the speed that its manual gives`
      : `no temperature could be read at ${baudRate} baud. Switch the thermometer on, or try the speed that its manual gives`,
  'command-refused': ({ why }) => refusals[why],
};

/**
 * Why something could not be done, as a clause without a full stop: it is after a colon, or is
 * made a sentence by its caller.
 */
export const failureWords = <C extends FailureCode>({
  code,
  params,
}: {
  readonly code: C;
  readonly params: FailureParams[C];
}): string => messages[code](params);

const separator = ' ';

/**
 * An error that is data: a code, and the facts that its words need. Its message holds both, so that
 * they survive the way out of a worker, on which an error keeps nothing but its name and message.
 */
export class CodedError<C extends FailureCode = FailureCode> extends Error {
  override readonly name: string = 'CodedError';
  constructor(
    readonly code: C,
    readonly params: FailureParams[C],
  ) {
    super(`${code}${separator}${JSON.stringify(params)}`);
  }
}

/** The failure that an error is for, also where it comes from a worker; null for any other. */
export const failureOf = (error: unknown): Failure | null => {
  if (!(error instanceof Error)) return null;
  const [code = '', ...rest] = error.message.split(separator);
  if (!Object.hasOwn(messages, code)) return null;
  try {
    return { code, params: JSON.parse(rest.join(separator)) as object } as Failure;
  } catch {
    return null;
  }
};

/** Why a device sends no readings. */
export type DeviceTrouble = 'away' | 'noise';

/** Why a device sends no readings, and what to do meanwhile. */
export const deviceTroubleWords = (trouble: DeviceTrouble): string =>
  ({
    away: 'The device does not answer. Type what it shows; it is used again as soon as it answers.',
    noise:
      'The device sends lines that are neither a weight nor a temperature. Type what it shows.',
  })[trouble];
