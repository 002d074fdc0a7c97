import { cautions } from '../../library/library';
import { finding, type Finding } from '../finding';
import type { Question } from '../question';
import { jointSum } from '../jointSum';
import { againstLimit } from '../verdict';

const { sale: law } = cautions;

const methylEugenol = ['methyl eugenol'];
const safrole = ['safrole'];

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
    {
      id: 'methyl eugenol',
      members: methylEugenol,
      limit: law['methyl eugenol'][product],
      product,
    },
    { id: 'safrole', members: safrole, limit: law.safrole.product, product: 'product' },
  ] as const;
  const common = { rule: 'sale', source: law.source } as const;
  const found = restricted.flatMap(({ id, members, limit, product: as }): Finding[] => {
    const shared = jointSum(mixture, { members });
    if (!shared) return [];
    return [
      finding({
        ...common,
        verdict: againstLimit(shared.value, limit),
        subject: id,
        value: shared.value,
        limit,
        unit: '%',
        by: shared.by,
        reason: { code: 'sale', product: as, oils: shared.oils },
      }),
    ];
  });
  return found.length > 0
    ? found
    : [finding({ ...common, verdict: 'holds', reason: { code: 'nothing-found' } })];
};
