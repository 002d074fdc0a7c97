import type { Measures } from '../quantity/amount';
import measuresJson from './data/measures.json';

/** What spoons, cups and ounces hold, by country. */
export const measures: Measures = measuresJson;
