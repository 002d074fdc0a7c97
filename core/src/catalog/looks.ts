import looksJson from './data/looks.json';
import type { Oil } from './schema';

/** Families of smell, in the order in which a perfumer's table has them: fresh to deep. */
export const scentFamilies = [
  'citrus',
  'minty',
  'camphor-like',
  'herbal',
  'conifer',
  'floral',
  'spicy',
  'woody',
  'resinous',
  'balsamic',
  'earthy',
] as const;
export type ScentFamily = (typeof scentFamilies)[number];

/** How an oil is drawn: a colour, by what it looks like or comes from, and its family of smell. */
export interface Looks {
  readonly colour: string;
  /** Null where no one has said: an oil of one's own. */
  readonly family: ScentFamily | null;
}

const ofOils = looksJson.oils as unknown as Readonly<
  Record<string, readonly [string, ScentFamily]>
>;

/** Of what the library does not know. */
const plain: Looks = { colour: '#8d8676', family: null };

/** How an oil looks, the same wherever it is drawn; a ready-made blend as the first oil in it. */
export const looksOf = ({ id, madeOf }: Pick<Oil, 'id' | 'madeOf'>): Looks => {
  const found = ofOils[id] ?? ofOils[madeOf?.oils[0]?.oil.id ?? ''];
  return found ? { colour: found[0], family: found[1] } : plain;
};
