import '../parts/withoutEval';
import { sureDrops } from '@jubbet/core/drops';
import type { Recipe } from '@jubbet/core/recipe';
import { expose } from 'comlink';
import { catalogFrom, type HouseMaterials } from '../store/houseCatalog';

const worker = {
  nearest: async (recipe: Recipe, house: HouseMaterials) =>
    sureDrops(await catalogFrom(house), recipe),
};

export type NearestDropsWorker = typeof worker;

expose(worker);
