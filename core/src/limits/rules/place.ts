import { cautions, guidelines } from '../../catalog';
import { finding, type Finding, type PlaceCaution } from '../finding';
import { knownWearer, type Question } from '../question';

const { bath } = cautions;

const sourceOf = (place: string): string =>
  guidelines.place.find(({ id }) => id === place)?.source ?? 'TEACH';

/**
 * Rule 9. What a place asks beside a strength: nothing near eyes, inner nose and ear;
 * on lips no light-sensitising oil; shaved or broken skin reacts easily; nursing, kept
 * off the breast; in a bath, oils that burn skin are kept out, and under twos with them.
 */
export const place = ({ mixture, brief }: Question): Finding[] => {
  if (mixture.oils.length === 0) return [];
  const wearer = knownWearer(brief);
  const common = { rule: 'place', source: sourceOf(brief.place) } as const;
  const say = (
    verdict: 'over' | 'caution',
    what: PlaceCaution,
    subject = 'blend',
    blocking = false,
  ): Finding => finding({ ...common, verdict, blocking, subject, reason: { code: 'place', what } });
  const found: Finding[] = [];
  switch (brief.place) {
    case 'eyes-inner-nose-ear-canal-mucosa':
      found.push(say('over', 'mucosa', 'blend', true));
      break;
    case 'lips':
      for (const { oil } of mixture.oils) {
        if (oil.phototoxicLimitPercent !== null) found.push(say('over', 'lips-light', oil.id));
      }
      break;
    case 'underarm':
      found.push(say('caution', 'underarm'));
      break;
    case 'broken-or-inflamed-skin':
      found.push(say('caution', 'broken'));
      break;
    case 'chest-or-back-rub':
      if (wearer?.breastfeeding) found.push(say('caution', 'breast'));
      break;
    case 'bath':
      if (wearer && wearer.ageMonths < bath.noneBelowMonths) {
        found.push({ ...say('over', 'bath-child', 'blend', true), source: bath.source });
      }
      for (const { oil } of mixture.oils) {
        if (bath.keepOut.includes(oil.id)) found.push(say('over', 'bath-keep-out', oil.id));
        if (bath.little.includes(oil.id)) found.push(say('caution', 'bath-little', oil.id));
      }
      break;
    default:
  }
  return found.length > 0
    ? found
    : [finding({ ...common, verdict: 'within', reason: { code: 'nothing-found' } })];
};
