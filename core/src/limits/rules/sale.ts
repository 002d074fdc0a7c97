import { euRestrictions } from '../../catalog';
import { finding, type Finding, type SaleProduct } from '../finding';
import { knownWearer, type Question } from '../question';
import { valueOfSum, type SumLimit } from '../sumLimit';
import { againstLimit } from '../verdict';
import { sureWeights } from '../../mixture';
import { carcinogens, sumOfMembers } from './constituent';

const { fineFragranceFrom, restrictions, source } = euRestrictions;

type Restriction = (typeof restrictions)[number];

const thick: ReadonlySet<string> = new Set(['wax', 'butter', 'emulsion', 'emulsifier']);

/** The kinds of product that this may be called, the closest first. */
const productsOf = ({ brief, mixture, containers }: Question): readonly SaleProduct[] => {
  if (brief.use === 'rinse-off') return ['rinseOff'];
  if (brief.place === 'lips') return ['lips', 'leaveOn'];
  // Everything in it has volume: what is mostly alcohol is alcohol-borne.
  const share = (is: (kind: string) => boolean): number =>
    mixture.bases.reduce((total, { base, ml }) => total + (is(base.kind) ? ml.likely : 0), 0) /
    mixture.fillMl;
  const isAlcohol = share((kind) => kind === 'alcohol') >= 0.5;
  if (brief.place === 'perfume-small-area') {
    if (share((kind) => thick.has(kind)) > 0) return ['creamPerfume', 'leaveOn'];
    if (!isAlcohol) return ['perfume', 'leaveOn'];
    return mixture.strength.byVolume.likely < fineFragranceFrom.percent
      ? ['eauDeToilette', 'alcoholPerfume', 'leaveOn']
      : ['perfume', 'alcoholPerfume', 'leaveOn'];
  }
  if (!containers.includes('spray bottle')) return ['leaveOn'];
  if (brief.place === 'underarm') return ['underarmSpray', 'leaveOn'];
  return [brief.place === 'scalp-or-hair' ? 'hairSpray' : 'bodySpray', 'leaveOn'];
};

/** Of what kind of product an entry speaks, and its figure for it; null where it has none. */
const figureOf = (
  entry: Restriction,
  question: Question,
): { readonly product: SaleProduct; readonly percent: number } | null => {
  for (const product of productsOf(question)) {
    const percent = entry[product];
    if (percent !== undefined) return { product, percent };
  }
  return null;
};

/** What all oils bring of what an entry restricts; null where none brings any. */
const sumOf = (
  { mixture }: Question,
  { constituents, materials }: Restriction,
  percent: number,
):
  | (Pick<SumLimit, 'weights'> & { readonly from: readonly string[]; readonly id: string })
  | null => {
  const oils = mixture.oils.map(({ oil }) => oil);
  if (constituents.length > 0) {
    const id = constituents.join(', ');
    const sum = sumOfMembers(oils, 'sale', { id, members: constituents, percent });
    return sum && { weights: sum.weights, from: sum.from, id };
  }
  const from = oils.filter(({ id }) => materials.includes(id)).map(({ id }) => id);
  return from.length === 0
    ? null
    : {
        weights: sureWeights(oils.map(({ id }) => (materials.includes(id) ? 1 : 0))),
        from,
        id: from.join(', '),
      };
};

/** An entry that a blend for sale passes, or comes near. */
const against = (question: Question, entry: Restriction): Finding[] => {
  const figure = figureOf(entry, question);
  if (!figure) {
    // What no figure is held of is not taken for unrestricted.
    const [product = 'leaveOn'] = productsOf(question);
    const sum = sumOf(question, entry, 0);
    return sum
      ? [
          finding({
            rule: 'sale',
            source: `${source}, ${entry.entry}`,
            subject: sum.id,
            verdict: 'note',
            reason: { code: 'sale-no-figure', product },
          }),
        ]
      : [];
  }
  const { product, percent } = figure;
  const sum = sumOf(question, entry, percent);
  if (!sum) return [];
  const { value, by } = valueOfSum(question, sum);
  const common = { rule: 'sale', source: `${source}, ${entry.entry}`, subject: sum.id } as const;
  const wearer = knownWearer(question.brief);
  return [
    finding({
      ...common,
      verdict:
        percent === 0 && value.likely > 0
          ? 'over'
          : againstLimit(value, percent, carcinogens.has(sum.id)),
      value,
      limit: percent,
      unit: '%',
      by,
      reason: { code: 'sale', product, oils: sum.from },
    }),
    ...(entry.notUnderMonths !== undefined && wearer && wearer.ageMonths < entry.notUnderMonths
      ? [
          finding({
            ...common,
            verdict: 'over',
            reason: {
              code: 'sale-child',
              belowMonths: entry.notUnderMonths,
              what: entry.constituents.join(', '),
            },
          }),
        ]
      : []),
  ];
};

/**
 * Rule 14. What is sold, or given in trade, is held against what the EU restricts in goods as
 * well, as far as it is held here; what no program can check is stated once.
 */
export const sale = (question: Question): Finding[] => {
  if (!question.brief.forSale) return [];
  const found = restrictions.flatMap((entry) => against(question, entry));
  return [
    ...(found.length > 0
      ? found
      : [
          finding({
            rule: 'sale',
            source,
            verdict: 'within',
            reason: { code: 'nothing-found' },
          }),
        ]),
    finding({ rule: 'sale', source, verdict: 'note', reason: { code: 'sale-duties' } }),
  ];
};
