import { finding, type Finding } from '../finding';
import type { Question } from '../question';

/** Rule 12. Oils kept off skin, or out of home blending, altogether. */
export const neverOnSkin = ({ mixture }: Question): Finding[] => {
  const common = { rule: 'never-on-skin', source: 'EOS2' } as const;
  const found = mixture.oils.flatMap(({ oil }): Finding[] =>
    oil.keepOffSkin || oil.notForHomeBlending
      ? [
          finding({
            ...common,
            verdict: 'over',
            blocking: true,
            subject: oil.id,
            reason: oil.keepOffSkin
              ? { code: 'never-on-skin' }
              : { code: 'not-for-home', why: oil.notForHomeBlending ?? '' },
          }),
        ]
      : [],
  );
  return found.length > 0
    ? found
    : [finding({ ...common, verdict: 'within', reason: { code: 'nothing-found' } })];
};
