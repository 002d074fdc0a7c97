import { catalogCarrying, longListFrom, nameIn, shippedCatalog, type Region } from '../catalog';
import { workOut } from '../drops';
import {
  claimsIn,
  labelOf,
  plannedPieces,
  saleFactsOf,
  saleQuestions,
  saleStanding,
} from '../label';
import type { Day } from '../quantity';
import {
  fileProblemWords,
  findingMessage,
  labelText,
  metricUnits,
  packNames,
  packRows,
  saleQuestionWords,
  saleText,
  settleProblemWords,
} from '../words';
import { readBlendText } from './readBlend';

/** What a pack bears, as `npm run pack` prints it. */
export interface PackReport {
  readonly region: Region;
  readonly on: Day;
  /** What is printed, in its order: the ingredients, then the allergens. */
  readonly ingredients: readonly string[];
  readonly allergens: readonly {
    readonly label: string;
    /** At the most that the oils may hold, in percent of the product by weight. */
    readonly percent: number;
    readonly from: readonly string[];
    readonly whole: boolean;
    readonly doubtful: boolean;
  }[];
  readonly must: readonly ({ readonly what: string } & (
    { readonly text: string } | { readonly missing: true }
  ))[];
  /** What an assessor has to read: past a guideline, unsettled names, unknown chemistry, claims. */
  readonly findings: readonly string[];
  /** Why it has no label to be sold with; empty where it has one. */
  readonly notForSale: readonly string[];
}

/** A pack worked out, or one sentence that names the field. */
export type Packed =
  | { readonly ok: true; readonly report: PackReport }
  | { readonly ok: false; readonly sentence: string };

/**
 * Reads a blend from the text of a file and says what its pack must bear.
 *
 * @param on the day on which it is first supplied
 */
export const packOf = (text: string, region: Region, on: Day): Packed => {
  const no = (sentence: string): Packed => ({ ok: false, sentence });
  const read = readBlendText(text);
  if (!read.ok) return no(fileProblemWords(read.problem));
  const catalog = catalogCarrying(shippedCatalog, read.materials, { today: on });
  const worked = workOut(catalog, read.recipe);
  if (worked.state === 'gaps') return no('file: something is missing before it can be packed.');
  if (worked.state === 'problem') return no(`file: ${settleProblemWords(catalog, worked.problem)}`);
  const { blend, evaluation } = worked;
  const [piece] = plannedPieces(blend, evaluation);
  if (!piece) return no('containers: it fills none.');
  const { mixture } = piece.evaluation;
  const label = labelOf(blend, piece, { batch: '', madeOn: on, maker: '' });
  const facts = saleFactsOf(mixture, blend.brief, { region, on });
  const choices = {
    region,
    responsible: '',
    isShownSafe: false,
    isBoxed: false,
    units: metricUnits,
  };
  const sale = saleText(catalog, label, facts, choices);
  const standing = saleStanding(blend, mixture, region);
  const say = (entry: Parameters<typeof findingMessage>[1]) => findingMessage(catalog, entry);
  const { directions } = labelText(catalog, label);
  return {
    ok: true,
    report: {
      region,
      on,
      ingredients: packNames(facts),
      allergens: facts.allergens.map(({ label: name, percent, from, isWhole, isDoubtful }) => ({
        label: name,
        percent: percent.high,
        from,
        whole: isWhole,
        doubtful: isDoubtful,
      })),
      must: packRows(label, sale).map(({ what, says }) =>
        says === null ? { what, missing: true } : { what, text: says },
      ),
      findings: [
        ...standing.over.map(say),
        ...standing.elsewhere.map((entry) => `Restricted in the EU: ${say(entry)}`),
        ...facts.ingredients.flatMap(({ name, doubt }) => (doubt ? [`${name}: ${doubt}`] : [])),
        ...facts.unnamed.map((id) => `${nameIn(catalog, id)}: its name is on its bottle.`),
        ...facts.unknown.map((id) => `${nameIn(catalog, id)}: its allergens are not known.`),
        ...saleQuestions(mixture, blend.brief, region).map((entry) =>
          saleQuestionWords(catalog, entry),
        ),
        ...claimsIn([blend.name, blend.purpose, directions].join('. ')).map(({ words, about }) =>
          about === 'health'
            ? `“${words}” makes it a medicine in the eyes of the law.`
            : `“${words}” needs proof that the law asks for.`,
        ),
        ...(region !== 'us' && on < longListFrom
          ? [`Before ${longListFrom} the list of 2003.`]
          : []),
      ],
      notForSale: standing.forbidden.map(say),
    },
  };
};
