import type { Catalog } from '@jubbet/core/catalog';
import type { SaidProblem } from '@jubbet/core/recipe';
import { saidProblemWords } from '@jubbet/core/words';
import type { Refusal } from '../ui/refusal';

/** Why an amount in words is not taken, as a field says it. */
export const refusalOf = (catalog: Catalog, problem: SaidProblem): Refusal => ({
  sentence: saidProblemWords(catalog, problem),
  readings: 'readings' in problem ? problem.readings : [],
});
