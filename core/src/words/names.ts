import { capitalised } from './numbers';

/** Ids that the store has made up say nothing to a reader. */
const madeUp = /^own-|[0-9a-f]{8}-[0-9a-f]{4}/;

/**
 * What a material is called that this house does not know: the words of its id, where it has any.
 */
export const nameFromId = (id: string): string =>
  madeUp.test(id) ? 'someone’s own material' : capitalised(id.replace(/[-_]+/g, ' '));
