import { separator } from './codedError';
import type { CommandRefusal, DeviceTrouble, Failure, FailureCode, FailureParams } from './failure';

const refusals: Readonly<Record<CommandRefusal, string>> = {
  'no-such-device': 'this device is no longer connected',
  'unknown-command': 'the device does not know this command',
  'not-supported': 'this device can’t do that',
  other: 'the device did not accept that',
};

const messages: { readonly [C in FailureCode]: (params: FailureParams[C]) => string } = {
  deleted: ({ record }) => `this ${record} has been deleted`,
  'blend-blocked': () => 'do not use this blend on the person it is for',
  'blend-needs-reason': () => 'a blend that is over a limit needs a written reason',
  'too-many-tags': ({ most, longest }) =>
    `a blend has at most ${most} tags, each of at most ${longest} characters`,
  'batch-not-to-be-used': () => 'this batch is closed: it is not to be used',
  'batch-finished': () => 'this batch is finished; it can be corrected in the log, with a reason',
  'batch-on-bench': () => 'this batch is still on the bench',
  'batch-blocked': () => 'do not use what is in it on the person it is for',
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
  'more-than-made': ({ left, made }) =>
    `${left === 0 ? 'none' : `only ${left}`} of ${made === 1 ? 'the 1 piece' : `the ${made} pieces`} that came out ${left === 1 ? 'is' : 'are'} still here`,
  'more-than-left': () => 'that is more than is left in it; recount it first',
  'decanted-in-use': () =>
    'something was taken out of the other bottle since; recount both instead',
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

/** Why a device sends no readings, and what to do meanwhile. */
export const deviceTroubleWords = (trouble: DeviceTrouble): string =>
  ({
    away: 'The device does not answer. Type what it shows; it is used again as soon as it answers.',
    noise:
      'The device sends lines that are neither a weight nor a temperature. Type what it shows.',
    silent: 'The device sends nothing now. Look at it, or type what it shows.',
  })[trouble];
