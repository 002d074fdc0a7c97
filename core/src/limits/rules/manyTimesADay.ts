import { chemistryCautions } from '../../catalog';
import { isPast } from '../../quantity';
import { contentOf } from '../contents';
import { finding, type Finding } from '../finding';
import type { Question } from '../question';

/** Past so many uses a day what skin takes up adds up. */
export const mostTimesPerDay = 4;

/** What acts as a medicine does, and goes through skin. */
const actives = ['methyl salicylate', 'camphor', 'menthol'] as const;

/** Lists that stay the same, so that what an oil holds of them is added up once. */
const membersOf = {
  'methyl salicylate': { members: ['methyl salicylate'] },
  camphor: { members: ['camphor'] },
  menthol: { members: ['menthol'] },
} as const satisfies Record<(typeof actives)[number], { readonly members: readonly string[] }>;

/** From so much of it in an oil, in percent, it is held against the oil anywhere. */
const countsFrom = (active: string): number =>
  Math.min(
    ...chemistryCautions.cautions
      .filter(({ constituents }) => constituents.includes(active))
      .map(({ fromPercentOfOil }) => fromPercentOfOil),
  );

/** Salicylate, camphor and menthol past four uses a day, with what it comes to in a day. */
export const manyTimesADay = ({ mixture, brief, useMl }: Question): Finding[] => {
  const times = brief.timesPerDay;
  if (times === null || times <= mostTimesPerDay || mixture.fillMl === 0) return [];
  return actives.flatMap((active): Finding[] => {
    const bringing = mixture.oils.filter(
      ({ oil, ml }) =>
        ml.high > 0 && !isPast(countsFrom(active), contentOf(oil, membersOf[active]).likely),
    );
    if (bringing.length === 0) return [];
    const mg = bringing.reduce(
      (total, { oil, g }) => total + 10 * g.likely * contentOf(oil, membersOf[active]).likely,
      0,
    );
    const mgPerMl = mg / mixture.fillMl;
    return [
      finding({
        rule: 'constituent',
        verdict: 'caution',
        subject: active,
        source: 'TEACH',
        reason: {
          code: 'daily-amount',
          times,
          mgPerMl,
          mgPerDay: useMl === null ? null : times * useMl * mgPerMl,
          oils: bringing.map(({ oil }) => oil.id),
        },
      }),
    ];
  });
};
