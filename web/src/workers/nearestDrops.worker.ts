import { sureDrops } from '@jubbet/core';
import { expose } from 'comlink';

const worker = { sureDrops };

export type NearestDropsWorker = typeof worker;

expose(worker);
