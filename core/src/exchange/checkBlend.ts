import { catalogCarrying, shippedCatalog } from '../catalog';
import { workOut } from '../drops';
import type { Day } from '../quantity';
import type { Gap, Recipe } from '../recipe';
import { fieldName, fileProblemWords, formProblemWords, settleProblemWords } from '../words';
import { readBlendText } from './readBlend';
import { reportOn, type Report } from './report';

/** A blend file checked: a report, or one sentence that names the field. */
export type Checked =
  | { readonly ok: true; readonly report: Report }
  | { readonly ok: false; readonly sentence: string };

/** Where something is in the file that the maker has before them. */
const fieldOf = (path: readonly (string | number)[], version: unknown): string => {
  const [first, line, , ...rest] = path;
  if (version !== 1 || first !== 'containers') return fieldName(path);
  return fieldName(
    line === 0 ? ['vessel', ...rest] : ['more', Number(line) - 1, 'vessel', ...rest],
  );
};

/** The first gap of a recipe, as a field and what is wrong with it. */
const gapSentence = (gap: Gap | undefined, { oils, bases }: Recipe): string => {
  switch (gap?.code) {
    case 'wearer':
    case 'place':
      return `brief.${gap.code}: is missing.`;
    case 'base':
      return 'bases: needs at least 1.';
    case 'target':
      return `target: ${formProblemWords({ code: 'rule', path: [], params: { rule: 'target-missing' } })}.`;
    case 'amount': {
      const at = (list: readonly { readonly id: string }[]) =>
        list.findIndex(({ id }) => id === gap.ids[0]);
      const oil = at(oils);
      return `${oil < 0 ? `bases.${at(bases)}` : `oils.${oil}`}.amount: is missing.`;
    }
    case undefined:
      return 'file: cannot be read.';
  }
};

/**
 * Reads a blend from the text of a file, works it out and writes down what the limits say.
 *
 * @param today on which what is left of a batch is past its date, or not
 */
export const checkBlend = (text: string, today: Day): Checked => {
  const no = (sentence: string): Checked => ({ ok: false, sentence });
  const read = readBlendText(text);
  if (!read.ok) return no(fileProblemWords(read.problem));
  const catalog = catalogCarrying(shippedCatalog, read.materials, { today });
  const worked = workOut(catalog, read.recipe);
  if (worked.state === 'gaps') return no(gapSentence(worked.gaps[0], read.recipe));
  if (worked.state === 'problem') {
    const { problem } = worked;
    const field = fieldOf(problem.path, read.version);
    return no(`${field}: ${settleProblemWords(catalog, problem)}`);
  }
  return { ok: true, report: reportOn(worked.blend) };
};
