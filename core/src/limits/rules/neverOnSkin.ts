import type { Oil } from '../../catalog';
import { finding, type Finding } from '../finding';
import type { Question } from '../question';

/** True for what never goes on skin, or is no matter for blending at home. */
export const isNeverForSkin = (oil: Oil): boolean =>
  oil.forbidden !== undefined || oil.keepOffSkin || oil.notForHomeBlending !== null;

/**
 * Rule 12. What is kept off skin, or out of home blending, altogether: also a material of the
 * maker's own that bears the name or comes from the plant of one.
 */
export const neverOnSkin = ({ mixture }: Question): Finding[] => {
  const common = { rule: 'never-on-skin', source: 'EOS2' } as const;
  const over = (subject: string, reason: Finding['reason'], source: string): Finding =>
    finding({ ...common, verdict: 'over', blocking: true, subject, source, reason });
  const found = [
    ...mixture.oils.flatMap(({ oil }): Finding[] => {
      const { forbidden, keepOffSkin, notForHomeBlending } = oil;
      if (forbidden) {
        return [over(oil.id, { code: 'never-on-skin', why: forbidden.why }, forbidden.source)];
      }
      if (keepOffSkin) return [over(oil.id, { code: 'never-on-skin', why: null }, common.source)];
      return notForHomeBlending
        ? [over(oil.id, { code: 'not-for-home', why: notForHomeBlending }, common.source)]
        : [];
    }),
    ...mixture.bases.flatMap(({ base: { id, forbidden } }) =>
      forbidden ? [over(id, { code: 'never-on-skin', why: forbidden.why }, forbidden.source)] : [],
    ),
  ];
  return found.length > 0
    ? found
    : [finding({ ...common, verdict: 'within', reason: { code: 'nothing-found' } })];
};
