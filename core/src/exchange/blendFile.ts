import { z } from 'zod';
import { blendFile1Schema, type BlendFile1 } from './blendFile1';
import { blendFile2Schema, blendFile3Schema, type BlendFile2, type BlendFile3 } from './blendFile2';

/** A blend file of any version. */
export type BlendFile = BlendFile1 | BlendFile2 | BlendFile3;

/** The form of a blend file of any version, as it is kept with a batch. */
export const blendFileSchema = z.discriminatedUnion('version', [
  blendFile1Schema,
  blendFile2Schema,
  blendFile3Schema,
]);
