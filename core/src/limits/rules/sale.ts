import { cautions } from '../../catalog';
import { finding, type Finding } from '../finding';
import type { Question } from '../question';
import { valueOfSum } from '../sumLimit';
import { againstLimit } from '../verdict';
import { sumOfMembers } from './constituent';

const { sale: law } = cautions;

/** Lists that stay the same, so that what an oil holds of them is added up once. */
const members: Readonly<Record<'methyl eugenol' | 'safrole', string[]>> = {
  'methyl eugenol': ['methyl eugenol'],
  safrole: ['safrole'],
};

/**
 * What is sold, or given in trade, is held against what the EU restricts in goods as
 * well: methyl eugenol by kind of product, and safrole.
 */
export const sale = ({ mixture, brief }: Question): Finding[] => {
  if (!brief.forSale) return [];
  const product =
    brief.use === 'rinse-off'
      ? 'rinseOff'
      : brief.place === 'perfume-small-area'
        ? 'perfume'
        : 'leaveOn';
  const restricted = [
    { id: 'methyl eugenol', percent: law['methyl eugenol'][product], product },
    { id: 'safrole', percent: law.safrole.product, product: 'product' },
  ] as const;
  const oils = mixture.oils.map(({ oil }) => oil);
  const common = { rule: 'sale', source: law.source } as const;
  const found = restricted.flatMap(({ id, percent, product: as }): Finding[] => {
    const sum = sumOfMembers(oils, 'sale', { id, members: members[id], percent });
    if (!sum) return [];
    const { value, by } = valueOfSum(mixture, sum);
    return [
      finding({
        ...common,
        verdict: againstLimit(value, sum.cap),
        subject: id,
        value,
        limit: sum.cap,
        unit: '%',
        by,
        reason: { code: 'sale', product: as, oils: sum.from },
      }),
    ];
  });
  return found.length > 0
    ? found
    : [finding({ ...common, verdict: 'within', reason: { code: 'nothing-found' } })];
};
