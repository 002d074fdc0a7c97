import cautionsJson from './data/chemistry-cautions.json';
import patchTestJson from './data/patch-test-names.json';
import categoriesJson from './data/product-categories.json';
import saleJson from './data/sale.json';
import type { z } from 'zod';
import type {
  chemistryCautionsFile,
  patchTestNamesFile,
  productCategoriesFile,
  saleFile,
} from './cautionSchema';

// Parsed against their schemas when Jubbet is built; the words of the vocabulary where blends
// are judged.

/** Cautions that follow what is in an oil, and what is exempt from them. */
export const chemistryCautions = cautionsJson as unknown as z.infer<typeof chemistryCautionsFile>;

/** Names of patch tests, and what they meet. */
export const patchTestNames = (patchTestJson as unknown as z.infer<typeof patchTestNamesFile>)
  .names;

/** Limits by kind of product. */
export const productCategories = categoriesJson as unknown as z.infer<typeof productCategoriesFile>;

/** What the EU restricts in goods. */
export const euRestrictions = saleJson as unknown as z.infer<typeof saleFile>;
