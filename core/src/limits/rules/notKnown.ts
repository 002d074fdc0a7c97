import { materialSource } from '../figureSource';
import { finding, type Finding } from '../finding';
import { ownMaximum } from '../ownMaximum';
import type { Question } from '../question';

/**
 * Rule 13. An oil whose figure is not held cannot be cleared: unknown is never
 * quietly fine. An oil that has only the caps on its constituents is judged by
 * those, in their own rule.
 */
export const notKnown = ({ mixture, brief }: Question): Finding[] => {
  const common = { rule: 'not-known', source: 'EOS2' } as const;
  const found = mixture.oils.flatMap(({ oil, percent }): Finding[] => {
    const missing = (
      code: 'figure-not-held' | 'density-not-held' | 'share-not-known',
      source = 'EOS2',
    ): Finding =>
      finding({
        ...common,
        verdict: 'not-known',
        subject: oil.id,
        value: percent,
        unit: '%',
        source: materialSource(oil, source),
        reason: { code },
      });
    const held = oil.certificate
      ? ownMaximum(oil, brief) !== null
      : oil.dermalMaximum.status !== 'not known';
    return [
      ...(held ? [] : [missing('figure-not-held')]),
      // By volume alone is half an answer: limits are checked against the larger of the two.
      ...(oil.densityGPerMl === null ? [missing('density-not-held', 'RECALL')] : []),
      ...(oil.essentialShare === null ? [missing('share-not-known', 'its label')] : []),
    ];
  });
  return found.length > 0
    ? found
    : [finding({ ...common, verdict: 'holds', reason: { code: 'nothing-found' } })];
};
