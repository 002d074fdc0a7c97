import { nameIn, type Catalog } from '@jubbet/core/catalog';
import { blendOfRows, readAnyBlend, readBlendText } from '@jubbet/core/exchange';
import { readRecipes } from '@jubbet/core/reading';
import { fileProblemWords, formatList } from '@jubbet/core/words';
import { blendOfCode } from '../../parts/blendCode';
import { tableRows } from '../../ui/tableRows';
import { bringBlendIn } from '../../store/bringBlendIn';
import { longestKept, settings } from '../../store/settings';

/** Larger than this no text of a blend is, and no picture of a code, in bytes. */
const largest = { text: 1_000_000, picture: 30_000_000 };

/** What came of a file: the id of the blend that it is here, or why it was not read in. */
export type ReadIn =
  | {
      readonly ok: true;
      readonly id: string;
      /** What of the file stays in it; null where all of it came in. */
      readonly left: string | null;
    }
  /** It is someone’s recipe, and is to be read over first. */
  | { readonly ok: 'recipe' }
  | { readonly ok: false; readonly sentence: string };

type Read = NonNullable<ReturnType<typeof readAnyBlend>>;

const added = async (catalog: Catalog, name: string, read: Read): Promise<ReadIn> => {
  if (!read.ok) {
    return {
      ok: false,
      sentence: `${name} was not imported. ${fileProblemWords(read.problem)} Nothing was changed.`,
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

/** Adds the blend of a code that a camera read. */
export const readInCode = async (catalog: Catalog, code: string): Promise<ReadIn> => {
  const read = blendOfCode(code);
  return read
    ? added(catalog, 'The code', read)
    : { ok: false, sentence: 'That isn’t a Jubbet code. Nothing was changed.' };
};

const picture = async (catalog: Catalog, file: File): Promise<ReadIn> => {
  const { qrInFile } = await import('../../parts/readQr');
  const code = await qrInFile(file);
  return code === null
    ? {
        ok: false,
        sentence: `No code can be read in ${file.name}. Take the picture closer, and straight from above.`,
      }
    : readInCode(catalog, code);
};

/**
 * Reads a file and adds its blend: a blend file, Markdown or JSON-LD with one in it, a table of a
 * formula, or a picture of a code. A file that cannot be read changes nothing.
 */
export const readInBlend = async (catalog: Catalog, file: File): Promise<ReadIn> => {
  const isPicture = file.type.startsWith('image/');
  if (file.size > (isPicture ? largest.picture : largest.text)) {
    return {
      ok: false,
      sentence: `${file.name} is too large to be a blend. Nothing was changed.`,
    };
  }
  if (isPicture) return picture(catalog, file);
  const text = await file.text();
  const read = readAnyBlend(text) ?? blendOfRows(tableRows(text.slice(0, 100_000)));
  if (read) return added(catalog, file.name, read);
  const [recipe] = readRecipes(text.slice(0, longestKept), catalog);
  if (!recipe) return added(catalog, file.name, readBlendText(text));
  await settings.write('readText', text.slice(0, longestKept));
  return { ok: 'recipe' };
};
