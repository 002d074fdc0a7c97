import { CodedError, type FailureCode } from '@jubbet/core/words';

/** The store refuses to do something, and says why by a code: nothing was changed. */
export class StoreError<C extends FailureCode = FailureCode> extends CodedError<C> {
  override readonly name = 'StoreError';
}
