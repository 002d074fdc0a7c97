import { checkVocabulary, chemistryCautions, shippedCatalog } from '../catalog';
import { eachPlace } from '../brief';
import type { Oil } from '../catalog';
import type { Mixture } from '../mixture';
import { finding, type Finding } from './finding';
import { openQuestions } from './openQuestions';
import type { Asked, Question } from './question';
import { rules } from './registry';
import { mixtureSeen } from './seen';
import { shareOfLimit, verdictOrder, worst, type Verdict } from './verdict';

checkVocabulary({
  materials: [...shippedCatalog.oils, ...shippedCatalog.bases],
  cautions: chemistryCautions.cautions,
});

/** Everything the rules found, and what it comes to. */
export interface Judgement {
  /** Null where no essential oil is in it and nothing is over: there is nothing to judge yet. */
  readonly verdict: Verdict | null;
  /** Some "over" has no way past it for this wearer. */
  readonly blocking: boolean;
  /** All findings: the worst first, notes last, and among equals the closest to its limit. */
  readonly findings: readonly Finding[];
}

const closeness = (entry: Finding): number =>
  shareOfLimit(entry.value, entry.limit)?.likely ?? (entry.limit === 0 ? Infinity : -1);

const rank = ({ verdict }: Finding): number =>
  verdict === 'note' ? verdictOrder.length : verdictOrder.indexOf(verdict);

const compare = (a: Finding, b: Finding): number =>
  rank(a) - rank(b) ||
  Number(b.blocking) - Number(a.blocking) ||
  (closeness(a) === closeness(b) ? 0 : closeness(b) - closeness(a));

/** Ids of the ready-made blends that bring an oil which is not poured by itself. */
const insideOf = (poured: Question['poured'], subject: string): readonly string[] =>
  poured.oils.some(({ oil }) => oil.id === subject)
    ? []
    : poured.oils.flatMap(({ oil }) =>
        oil.madeOf?.oils.some((inner) => inner.oil.id === subject) ||
        oil.madeOf?.carriers.some((inner) => inner.base.id === subject)
          ? [oil.id]
          : [],
      );

/** A question as rules are asked it. */
export const questionOf = ({
  mixture,
  by = 'volume',
  named = '',
  useMl = null,
  eachMl = mixture.fillMl,
  notUnderstood = [],
  ...rest
}: Asked): Question => ({
  ...rest,
  mixture: mixtureSeen(mixture),
  poured: mixture,
  by,
  named,
  useMl,
  eachMl,
  notUnderstood,
});

const ruleOf = { stage: 'life-stage', condition: 'condition', allergy: 'allergy' } as const;

/** What no one has asked of the wearer, as notes. */
const openQuestionFindings = (question: Question): Finding[] =>
  openQuestions(question).map(({ about, what, because }) =>
    finding({
      rule: ruleOf[about],
      verdict: 'note',
      subject: because[0] ?? 'blend',
      source: 'EOS2',
      reason: { code: 'not-asked', about: what },
    }),
  );

/** A ready-made blend of which no one knows how much of each oil is in it. */
const isOpen = ({ madeOf }: Oil): boolean => madeOf !== undefined && !madeOf.isShareKnown;

/** With so little of each oil of such a blend as there may be: none. */
const withLeast = (mixture: Mixture): Mixture => ({
  ...mixture,
  oils: mixture.oils.map((entry) => {
    const { madeOf } = entry.oil;
    return madeOf === undefined || !isOpen(entry.oil)
      ? entry
      : {
          ...entry,
          oil: {
            ...entry.oil,
            madeOf: { ...madeOf, oils: madeOf.oils.map(({ oil }) => ({ oil, share: 0 })) },
          },
        };
  }),
});

/**
 * What the rules find. A maximum is checked on what is surely in it: of a ready-made blend of
 * unknown proportions that is none of its oils, and that it can't be checked is a finding of its own.
 */
const findingsOf = (given: Asked, question: Question): Finding[] => {
  if (!question.poured.oils.some(({ oil }) => isOpen(oil))) {
    return rules.flatMap(({ check }) => check(question));
  }
  const sure = questionOf({ ...given, mixture: withLeast(given.mixture) });
  return rules.flatMap(({ id, check, sums }) =>
    sums && id !== 'whole-blend'
      ? check(sure).filter(({ value }) => value === null || value.high > 0)
      : check(question),
  );
};

/** What is found at several places once: as it stands at the strictest. */
const strictest = (ofEach: readonly (readonly Finding[])[]): readonly Finding[] => {
  const [first = [], ...others] = ofEach;
  if (others.length === 0) return first;
  const findings = ofEach.flat();
  const found = new Map<string, Finding>();
  for (const entry of findings) {
    const { rule, subject, value, limit, reason } = entry;
    // A strength against a limit is one finding, whatever the limit of each place is.
    const key = JSON.stringify([rule, subject, value !== null && limit !== null ? '' : reason]);
    const before = found.get(key);
    if (!before || compare(entry, before) < 0) found.set(key, entry);
  }
  return [...found.values()];
};

/** Asks every rule, at every place that it is put on. */
export const judge = (given: Asked): Judgement => {
  const question = questionOf(given);
  const { poured } = question;
  const isReadyMade = question.mixture !== poured;
  const findings = strictest(
    eachPlace(given.brief).map((brief) => [
      ...findingsOf({ ...given, brief }, { ...question, brief }),
      ...openQuestionFindings({ ...question, brief }),
    ]),
  )
    .map((entry) => (isReadyMade ? { ...entry, inside: insideOf(poured, entry.subject) } : entry))
    .sort(compare);
  const verdict = worst(findings.map((entry) => entry.verdict));
  const isEmpty = [...poured.oils, ...question.mixture.oils].every(({ ml }) => ml.high === 0);
  return {
    // What must not be used is a finding for an empty bottle too: a nut oil, an oil kept off skin.
    verdict: isEmpty && verdict !== 'over' ? null : verdict,
    blocking: findings.some((entry) => entry.blocking),
    findings,
  };
};
