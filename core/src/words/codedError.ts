import type { FailureCode, FailureParams } from './failure';

/** Between the code and the facts in the message of an error. */
export const separator = ' ';

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
