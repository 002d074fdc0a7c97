import type { z } from 'zod';
import type { Measures } from '../quantity/amount';
import measuresJson from './data/measures.json';
import type { measuresFile } from './schema';

/** What spoons, cups and ounces hold, by country. */
export const measures: Measures = measuresJson;
