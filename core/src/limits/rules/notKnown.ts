import { materialSource } from '../figureSource';
import { finding, type Finding } from '../finding';
import { dermalMaximumOf } from '../dermalMaximum';
import type { Question } from '../question';
import { isDensityAssumed } from '../../mixture';

/**
 * Rule 13. An oil whose figure is not held cannot be cleared: unknown is never
 * quietly fine. An oil that has only the caps on its constituents is judged by
 * those, in their own rule.
 */
export const notKnown = ({ mixture, brief }: Question): Finding[] => {
  const common = { rule: 'not-known', source: 'EOS2' } as const;
  const found = mixture.oils.flatMap(({ oil, percent }): Finding[] => {
    const missing = (code: 'figure-not-held' | 'share-not-known', source = 'EOS2'): Finding =>
      finding({
        ...common,
        verdict: 'unknown',
        subject: oil.id,
        value: percent,
        unit: '%',
        source: materialSource(oil, source),
        reason: { code },
      });
    const held = oil.certificate
      ? dermalMaximumOf(oil, brief) !== null
      : oil.dermalMaximum.status !== 'not known';
    // A density that is assumed has its range in the figures: it is told, and judged by that.
    const assumed = isDensityAssumed(oil)
      ? [
          finding({
            ...common,
            verdict: 'note',
            subject: oil.id,
            source: materialSource(oil, 'RECALL'),
            reason: { code: 'density-assumed' },
          }),
        ]
      : [];
    return [
      ...(held ? [] : [missing('figure-not-held')]),
      ...(oil.essentialShare === null ? [missing('share-not-known', 'its label')] : []),
      ...assumed,
    ];
  });
  return found.length > 0
    ? found
    : [finding({ ...common, verdict: 'within', reason: { code: 'nothing-found' } })];
};
