import type { Base } from './schema';

/** True for what has to be melted before it can be mixed. */
export const isMelted = ({ kind }: Pick<Base, 'kind'>): boolean =>
  kind === 'wax' || kind === 'butter' || kind === 'emulsifier' || kind === 'thickener';
