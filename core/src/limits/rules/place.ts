import { askedAboutPlace } from '../../brief';
import { cautions, guidelines, placeFacts } from '../../catalog';
import { finding, type Finding, type PlaceCaution } from '../finding';
import { isBath, placeWordsIn } from '../placeWords';
import { knownWearer, type Question } from '../question';

const { bath } = cautions;

const sourceOf = (place: string): string =>
  guidelines.place.find(({ id }) => id === place)?.source ?? 'TEACH';

const nothing: Partial<Record<Question['brief']['place'], PlaceCaution>> = {
  'eyes-inner-nose-ear-canal-mucosa': 'mucosa',
  intimate: 'intimate',
  nipple: 'nipple',
  nappy: 'nappy',
};

/** What a place asks, beside what name and purpose say of it. */
const asks = (
  { mixture, brief, named }: Question,
  say: (
    verdict: 'over' | 'caution' | 'note',
    what: PlaceCaution,
    subject?: string,
    blocking?: boolean,
  ) => Finding,
): Finding[] => {
  const wearer = knownWearer(brief);
  switch (isBath(brief.place, named) ? 'bath' : brief.place) {
    case 'lips':
      return mixture.oils.flatMap(({ oil }) =>
        oil.phototoxicLimitPercent === null ? [] : [say('over', 'lips-light', oil.id)],
      );
    case 'underarm':
      return [say('note', 'shaved')];
    case 'broken-or-inflamed-skin':
      return [say('caution', 'broken')];
    case 'chest-or-back-rub':
      return wearer?.breastfeeding ? [say('note', 'breast')] : [];
    case 'bath':
      return [
        ...(wearer && wearer.ageMonths < bath.noneBelowMonths
          ? [{ ...say('over', 'bath-child', 'blend', true), source: bath.source }]
          : []),
        ...mixture.oils.flatMap(({ oil }) => [
          ...(bath.keepOut.includes(oil.id) ? [say('over', 'bath-keep-out', oil.id)] : []),
          ...(bath.little.includes(oil.id) ? [say('note', 'bath-little', oil.id)] : []),
        ]),
      ];
    default:
      return [];
  }
};

/** A word in the name or purpose that points elsewhere, unless the maker has said that all is well. */
const fromWords = ({ named, brief }: Question): Finding[] => {
  if (placeFacts(brief.place).takesNothing) return [];
  return placeWordsIn(named, knownWearer(brief))
    .filter(({ word }) => !brief.asked.includes(askedAboutPlace(word)))
    .map((found) =>
      finding({
        rule: 'place',
        verdict: 'caution',
        subject: found.word,
        source: 'TEACH',
        reason: { code: 'place-words', ...found },
      }),
    );
};

/**
 * Rule 9. What a place asks beside a strength: nothing to eyes, inner nose and ear, genitals,
 * nipples or the nappy area; on lips no phototoxic oil; in a bath, oils that burn skin are kept
 * out, and under twos with them. Name and purpose are read for words that point elsewhere.
 */
export const place = (question: Question): Finding[] => {
  const { mixture, brief } = question;
  if (mixture.oils.length === 0) return [];
  const common = { rule: 'place', source: sourceOf(brief.place) } as const;
  const say = (
    verdict: 'over' | 'caution' | 'note',
    what: PlaceCaution,
    subject = 'blend',
    blocking = false,
  ): Finding => finding({ ...common, verdict, blocking, subject, reason: { code: 'place', what } });
  const never = nothing[brief.place];
  const found = [
    ...(never ? [say('over', never, 'blend', true)] : asks(question, say)),
    ...fromWords(question),
  ];
  return found.length > 0
    ? found
    : [finding({ ...common, verdict: 'within', reason: { code: 'nothing-found' } })];
};
