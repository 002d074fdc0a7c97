import { guidelines } from '../../catalog';
import { materialSource } from '../figureSource';
import { finding, type Finding } from '../finding';
import { knownWearer, type Question } from '../question';

/** Below this age nothing at all. */
const noneBelowMonths = 3;

const nearTheFace = new Set<string>(guidelines.nearTheFace);

/**
 * Rule 5. Nothing under three months; oils that the literature keeps from young
 * children; cineole and menthol near a small child's face.
 */
export const age = ({ mixture, brief }: Question): Finding[] => {
  const wearer = knownWearer(brief);
  const common = { rule: 'age', source: 'EOS2' } as const;
  const found: Finding[] = [];
  if (wearer && wearer.ageMonths < noneBelowMonths && mixture.oils.length > 0) {
    found.push(
      finding({
        ...common,
        verdict: 'over',
        blocking: true,
        source: guidelines.age[0]?.source ?? 'EOS2',
        reason: { code: 'age-too-young' },
      }),
    );
  }
  for (const { oil } of mixture.oils) {
    for (const caution of oil.age) {
      if (wearer && wearer.ageMonths >= caution.belowMonths) continue;
      const everywhere = caution.what === 'avoid';
      const here = everywhere || nearTheFace.has(brief.place);
      const over = wearer !== null && here;
      found.push(
        finding({
          ...common,
          verdict: over ? 'over' : 'caution',
          blocking: over,
          subject: oil.id,
          source: materialSource(oil, 'EOS2'),
          forAnyone: wearer === null,
          reason: {
            code: 'age',
            belowMonths: caution.belowMonths,
            why: caution.why,
            nearFace: everywhere
              ? 'everywhere'
              : wearer === null
                ? 'perhaps'
                : here
                  ? 'here'
                  : 'elsewhere',
          },
        }),
      );
    }
  }
  return found.length > 0
    ? found
    : [finding({ ...common, verdict: 'within', reason: { code: 'nothing-found' } })];
};
