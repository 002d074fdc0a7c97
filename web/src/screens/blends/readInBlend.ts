import { readBlendText } from '@jubbet/core/exchange';
import { fileProblemWords } from '@jubbet/core/words';
import { bringBlendIn } from '../../store/bringBlendIn';

/** Larger than this no blend is, in bytes. */
const largestFile = 1_000_000;

/** What came of a file: the id of the blend that it is here, or why it was not imported. */
export type ReadIn =
  | { readonly ok: true; readonly id: string; readonly figuresOf: readonly string[] }
  | { readonly ok: false; readonly sentence: string };

/** Reads a file and puts its blend into the book; a file that cannot be read changes nothing. */
export const readInBlend = async (file: File): Promise<ReadIn> => {
  if (file.size > largestFile) {
    return {
      ok: false,
      sentence: `${file.name} is too large to be a blend. Nothing was changed.`,
    };
  }
  const read = readBlendText(await file.text());
  return read.ok
    ? { ok: true, ...(await bringBlendIn(read.recipe, read.materials)) }
    : {
        ok: false,
        sentence: `${file.name} was not imported. ${fileProblemWords(read.problem)} Nothing was changed.`,
      };
};
