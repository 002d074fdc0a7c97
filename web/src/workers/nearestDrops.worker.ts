import { sureDrops, type BlendDraft } from '@jubbet/core';
import { expose } from 'comlink';
import { layLibrary, type HouseLibrary } from '../store/library';

const worker = {
  nearest: async (draft: BlendDraft, library: HouseLibrary) => {
    await layLibrary(library);
    return sureDrops(draft);
  },
};

export type NearestDropsWorker = typeof worker;

expose(worker);
