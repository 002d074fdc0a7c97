import { conditionOf, guidelines, readConditions, type ConditionId } from '../../catalog';
import { chemistryOfOil, chemistrySource } from '../chemistry';
import { conditionsOf } from '../conditions';
import { materialSource } from '../figureSource';
import { finding, type Finding } from '../finding';
import { holdsAt, isNearFace, sunOn } from '../places';
import { knownWearer, type Question } from '../question';

/** What speaks against a material for a condition. */
interface Against {
  readonly subject: string;
  readonly condition: ConditionId;
  readonly what: 'avoid' | 'caution';
  readonly why?: string;
  readonly source: string;
}

const lightMedicine: ConditionId = 'light-sensitising medicine';

/** Everything that speaks against the materials of a blend for some condition. */
export const againstConditions = ({ mixture, brief }: Question): Against[] => {
  const wearer = knownWearer(brief);
  // Someone not known is an adult: what holds below an age is reported by the rule on age.
  const ageMonths = wearer?.ageMonths ?? guidelines.adult.fromMonths;
  return [
    ...mixture.oils.flatMap(({ oil }): Against[] => [
      ...oil.conditions.map(({ condition, what }) => ({
        subject: oil.id,
        condition,
        what,
        source: materialSource(oil, 'EOS2'),
      })),
      ...chemistryOfOil(oil)
        .filter(
          ({ belowMonths, where }) =>
            (belowMonths === undefined || ageMonths < belowMonths) &&
            holdsAt(where, brief.place, { ageMonths }),
        )
        .flatMap((caution) =>
          caution.conditions.map((condition) => ({
            subject: oil.id,
            condition,
            what: caution.what,
            why: caution.why,
            source: chemistrySource(caution),
          })),
        ),
      ...(oil.phototoxicLimitPercent !== null && sunOn(brief) === 'exposed'
        ? [
            {
              subject: oil.id,
              condition: lightMedicine,
              what: 'caution' as const,
              why: conditionOf(lightMedicine).why ?? '',
              source: 'TEACH',
            },
          ]
        : []),
    ]),
    ...mixture.bases.flatMap(({ base }) =>
      base.conditions.map(({ condition, what }) => ({
        subject: base.id,
        condition,
        what,
        source: 'RECALL',
      })),
    ),
  ];
};

/** Of several that speak against one material for one condition, the strictest. */
const strictest = (list: readonly Against[]): Against[] => {
  const found = new Map<string, Against>();
  for (const against of list) {
    const key = `${against.subject}/${against.condition}`;
    const before = found.get(key);
    if (!before || (before.what === 'caution' && against.what === 'avoid')) found.set(key, against);
  }
  return [...found.values()];
};

/** Conditions that speak of smell in general, whatever the oils. */
const general = (given: ReadonlySet<ConditionId>, { brief, mixture }: Question): Finding[] =>
  mixture.oils.length === 0
    ? []
    : [...given].flatMap((id): Finding[] => {
        const entry = conditionOf(id);
        const wearer = knownWearer(brief);
        if (!entry.what || (entry.where && !isNearFace(brief.place, wearer?.ageMonths ?? Infinity)))
          return [];
        return [
          finding({
            rule: 'condition',
            verdict: 'caution',
            subject: id,
            source: 'TEACH',
            reason: { code: 'condition', what: 'caution', condition: id, general: entry.why ?? '' },
          }),
        ];
      });

/** Notes on how someone's own words were read. */
const saysHowRead: ReadonlySet<Finding['reason']['code']> = new Set([
  'condition-read-as',
  'condition-without-caution',
] as const);

/** What was typed: what it counts as is stated, and so is what no rule reads. */
const asTyped = (words: readonly string[]): Finding[] =>
  readConditions(words).flatMap(({ conditions, withoutCaution, unread }, n): Finding[] => {
    const typed = words[n] ?? '';
    const common = {
      rule: 'condition',
      verdict: 'note',
      subject: typed,
      source: 'RECALL',
    } as const;
    return [
      ...unread.map((piece) =>
        finding({
          rule: 'condition',
          verdict: 'unknown',
          subject: piece,
          source: 'free text isn’t checked',
          reason: { code: 'condition-free-words' },
        }),
      ),
      ...conditions
        .filter((id) => id.toLowerCase() !== typed.toLowerCase())
        .map((condition) =>
          finding({ ...common, reason: { code: 'condition-read-as', condition } }),
        ),
      ...withoutCaution.map((condition) =>
        finding({ ...common, reason: { code: 'condition-without-caution', condition } }),
      ),
    ];
  });

/** Rule 7. Conditions and medicines, from the library's vocabulary. */
export const condition = (question: Question): Finding[] => {
  const { brief } = question;
  const wearer = knownWearer(brief);
  const given = wearer ? conditionsOf(wearer, brief.place) : null;
  const byMaterial = strictest(againstConditions(question))
    .filter((entry) => given === null || given.has(entry.condition))
    .map(({ subject, condition: name, what, why, source }) => {
      const over = given !== null && what === 'avoid';
      return finding({
        rule: 'condition',
        verdict: given === null ? 'note' : over ? 'over' : 'caution',
        blocking: over,
        subject,
        source,
        forAnyone: given === null,
        reason: { code: 'condition', what, condition: name, ...(why ? { why } : {}) },
      });
    });
  const found = given
    ? [...byMaterial, ...general(given, question), ...asTyped(wearer?.conditions ?? [])]
    : byMaterial;
  if (found.some(({ reason }) => !saysHowRead.has(reason.code))) return found;
  // Where a condition leaves room for no oil at all, the rule on the whole blend says so.
  const judgedElsewhere = [...(given ?? [])].some((id) => conditionOf(id).stage !== undefined);
  return judgedElsewhere
    ? found
    : [
        ...found,
        finding({
          rule: 'condition',
          verdict: 'within',
          source: 'EOS2',
          reason: { code: given?.size === 0 ? 'does-not-apply' : 'nothing-found' },
        }),
      ];
};
