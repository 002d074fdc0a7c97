import '../parts/withoutEval';
import { readRecipes } from '@jubbet/core/reading';
import { expose } from 'comlink';
import { catalogFrom, type HouseMaterials } from '../store/houseCatalog';

const worker = {
  read: async (text: string, house: HouseMaterials) => readRecipes(text, await catalogFrom(house)),
};

export type ReadTextWorker = typeof worker;

expose(worker);
