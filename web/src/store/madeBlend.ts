import { carriedLookup, resolveMade, type Blend } from '@jubbet/core';
import type { BatchRecord } from './database';

/** The blend of a batch from what it carries, whatever has become of the house since. */
export const madeBlend = ({
  file,
  materials,
  analyses,
}: Pick<BatchRecord, 'file' | 'materials' | 'analyses'>): Blend =>
  resolveMade(file, { find: carriedLookup(materials), analyses });
