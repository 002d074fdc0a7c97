import { writeBlend, type BlendFile } from '@jubbet/core';
import { saveFile } from '../../parts/saveFile';

/** Saves a blend as a file. */
export const saveBlend = (name: string, file: BlendFile): void =>
  saveFile(`${name}.json`, writeBlend(file), 'application/json');
