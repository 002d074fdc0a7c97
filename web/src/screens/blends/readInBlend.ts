import { nameIn, type Catalog } from '@jubbet/core/catalog';
import { readBlendText } from '@jubbet/core/exchange';
import { fileProblemWords, formatList } from '@jubbet/core/words';
import { bringBlendIn } from '../../store/bringBlendIn';

/** Larger than this no blend is, in bytes. */
const largestFile = 1_000_000;

/** What came of a file: the id of the blend that it is here, or why it was not read in. */
export type ReadIn =
  | {
      readonly ok: true;
      readonly id: string;
      /** What of the file stays in it; null where all of it came in. */
      readonly left: string | null;
    }
  | { readonly ok: false; readonly sentence: string };

/** Reads a file and adds its blend; a file that cannot be read changes nothing. */
export const readInBlend = async (catalog: Catalog, file: File): Promise<ReadIn> => {
  if (file.size > largestFile) {
    return {
      ok: false,
      sentence: `${file.name} is too large to be a blend. Nothing was changed.`,
    };
  }
  const read = readBlendText(await file.text());
  if (!read.ok) {
    return {
      ok: false,
      sentence: `${file.name} was not imported. ${fileProblemWords(read.problem)} Nothing was changed.`,
    };
  }
  const { id, figuresOf } = await bringBlendIn(read.recipe, read.materials);
  const oils = formatList(figuresOf.map((oilId) => nameIn(catalog, oilId)));
  return {
    ok: true,
    id,
    left: oils
      ? `The file has its maker’s own figures for ${oils}. They were not imported: your own limits apply here.`
      : null,
  };
};
