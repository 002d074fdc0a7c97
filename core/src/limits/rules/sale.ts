import { euRestrictions } from '../../catalog';
import { categoryOf } from '../categories';
import { finding, type Finding } from '../finding';
import { knownWearer, type Question } from '../question';
import { valueOfSum, type SumLimit } from '../sumLimit';
import { againstLimit } from '../verdict';
import { sureWeights } from '../../mixture';
import { carcinogens, sumOfMembers } from './constituent';

const { restrictions, source } = euRestrictions;

type Restriction = (typeof restrictions)[number];
type Product = 'perfume' | 'leaveOn' | 'rinseOff' | 'lips';

/** Of what kind of product an entry speaks, and its figure for it. */
const figureOf = (
  entry: Restriction,
  { brief }: Question,
): { readonly product: Product; readonly percent: number } => {
  if (brief.use === 'rinse-off') return { product: 'rinseOff', percent: entry.rinseOff };
  const category = categoryOf(brief);
  if (category === 'lips' && entry.lips !== undefined) {
    return { product: 'lips', percent: entry.lips };
  }
  if (brief.place === 'perfume-small-area' && entry.perfume !== undefined) {
    return { product: 'perfume', percent: entry.perfume };
  }
  return { product: 'leaveOn', percent: entry.leaveOn };
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
  const { product, percent } = figureOf(entry, question);
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
