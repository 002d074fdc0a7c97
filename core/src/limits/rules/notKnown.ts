import { finding, type Finding } from '../finding';
import type { Question } from '../question';

/**
 * Rule 13. An oil whose figure is not held cannot be cleared: unknown is never
 * quietly fine. An oil that has only the caps on its constituents is judged by
 * those, in their own rule.
 */
export const notKnown = ({ mixture }: Question): Finding[] => {
  const common = { rule: 'not-known', source: 'EOS2' } as const;
  const found = mixture.oils.flatMap(({ oil, percent }): Finding[] => {
    if (oil.dermalMaximum.status !== 'not known') {
      // By volume alone is half an answer: limits are checked against the larger of the two.
      return oil.densityGPerMl === null
        ? [
            finding({
              ...common,
              verdict: 'not-known',
              subject: oil.id,
              source: 'RECALL',
              reason: { code: 'density-not-held' },
            }),
          ]
        : [];
    }
    return [
      finding({
        ...common,
        verdict: 'not-known',
        subject: oil.id,
        value: percent,
        unit: '%',
        reason: { code: 'figure-not-held' },
      }),
    ];
  });
  return found.length > 0
    ? found
    : [finding({ ...common, verdict: 'holds', reason: { code: 'nothing-found' } })];
};
