import { chemistryCautions, guidelines, type Oil } from '../../catalog';
import { chemistryOfOil, chemistrySource } from '../chemistry';
import { materialSource } from '../figureSource';
import { finding, type Finding } from '../finding';
import { holdsAt, isNearFace } from '../places';
import { knownWearer, type Question } from '../question';

/** Below this age nothing at all, in months. */
const noneBelowMonths = 3;
/** Below this age nothing for lips, and no spray or alcohol near the face, in months. */
const noLipsBelowMonths = 36;
/** Below this age no alcohol on skin at all, in months. */
const noAlcoholBelowMonths = 24;

/** From this age, in months, nothing is kept from someone for their age. */
const childrenBelowMonths = Math.max(
  ...chemistryCautions.cautions.map(({ belowMonths }) => belowMonths ?? 0),
);

/** What keeps an oil from young children. */
interface ForChildren {
  readonly what: 'avoid' | 'caution';
  readonly where: Parameters<typeof holdsAt>[0];
  readonly belowMonths: number;
  readonly why: string;
  readonly source: string;
}

/** What the oil itself says of children, and what follows from what is in it. */
const forChildren = (oil: Oil): ForChildren[] => [
  ...oil.age.map(({ what, belowMonths, why }) => ({
    what: what === 'caution' ? ('caution' as const) : ('avoid' as const),
    where:
      what === 'avoid on or near the face'
        ? ('on or near the face' as const)
        : ('anywhere' as const),
    belowMonths,
    why,
    source: materialSource(oil, 'EOS2'),
  })),
  ...chemistryOfOil(oil).flatMap((caution): ForChildren[] =>
    caution.belowMonths === undefined || caution.conditions.length > 0
      ? []
      : [
          {
            what: caution.what,
            where: caution.where,
            belowMonths: caution.belowMonths,
            why: caution.why,
            source: chemistrySource(caution),
          },
        ],
  ),
];

const oldest = (list: readonly ForChildren[]): ForChildren | undefined =>
  [...list].sort((a, b) => b.belowMonths - a.belowMonths)[0];

/** Of someone not known, the ages that a label must name: anywhere, and near the face where older. */
const forLabel = (oil: Oil): Finding[] => {
  const avoided = forChildren(oil).filter(({ what }) => what === 'avoid');
  const anywhere = oldest(avoided.filter(({ where }) => where === 'anywhere'));
  const near = oldest(avoided.filter(({ where }) => where !== 'anywhere'));
  return [anywhere, near && near.belowMonths > (anywhere?.belowMonths ?? 0) ? near : undefined]
    .filter((entry) => entry !== undefined)
    .map(({ belowMonths, why, source, where }) =>
      finding({
        rule: 'age',
        verdict: 'note',
        subject: oil.id,
        source,
        forAnyone: true,
        reason: {
          code: 'age',
          belowMonths,
          why,
          nearFace: where === 'anywhere' ? 'everywhere' : 'perhaps',
        },
      }),
    );
};

/** The worst that is known of an oil for a child of this age at this place. */
const forChild = (oil: Oil, ageMonths: number, place: Question['brief']['place']): Finding[] => {
  const forThisAge = forChildren(oil).filter(({ belowMonths }) => ageMonths < belowMonths);
  const here = forThisAge.filter(({ where }) => holdsAt(where, place, { ageMonths }));
  const avoided = oldest(here.filter(({ what }) => what === 'avoid'));
  const worst = avoided ?? oldest(here) ?? oldest(forThisAge);
  if (!worst) return [];
  return [
    finding({
      rule: 'age',
      verdict: avoided ? 'over' : here.length > 0 ? 'caution' : 'note',
      blocking: avoided !== undefined,
      subject: oil.id,
      source: worst.source,
      reason: {
        code: 'age',
        belowMonths: worst.belowMonths,
        why: worst.why,
        nearFace:
          worst.where === 'anywhere' ? 'everywhere' : here.length > 0 ? 'here' : 'elsewhere',
      },
    }),
  ];
};

/** What lips, sprays and alcohol ask of small children. */
const forSmallChild = ({ mixture, brief, containers }: Question, ageMonths: number): Finding[] => {
  const over = (code: 'age-lips' | 'age-spray' | 'age-alcohol', belowMonths: number): Finding =>
    finding({
      rule: 'age',
      verdict: 'over',
      blocking: true,
      source: 'TEACH',
      reason: { code, belowMonths },
    });
  const near = isNearFace(brief.place, ageMonths);
  const alcohol = mixture.bases.some(({ base }) => base.kind === 'alcohol');
  const tooYoung = ageMonths < noLipsBelowMonths;
  return [
    ...(brief.place === 'lips' && tooYoung ? [over('age-lips', noLipsBelowMonths)] : []),
    ...(containers.includes('spray bottle') && near && tooYoung
      ? [over('age-spray', noLipsBelowMonths)]
      : []),
    ...(alcohol && ageMonths < noAlcoholBelowMonths
      ? [over('age-alcohol', noAlcoholBelowMonths)]
      : alcohol && near && tooYoung
        ? [over('age-alcohol', noLipsBelowMonths)]
        : []),
  ];
};

/**
 * Rule 5. Nothing under three months; oils that the literature keeps from young children, and
 * those whose chemistry does; nothing for lips, no spray or alcohol near the face under three.
 */
export const age = (question: Question): Finding[] => {
  const { mixture, brief } = question;
  const wearer = knownWearer(brief);
  const common = { rule: 'age', source: 'EOS2' } as const;
  const isEmpty = mixture.oils.length === 0;
  const found = wearer
    ? [
        ...(wearer.ageMonths < noneBelowMonths && !isEmpty
          ? [
              finding({
                ...common,
                verdict: 'over',
                blocking: true,
                source: guidelines.age[0]?.source ?? 'EOS2',
                reason: { code: 'age-too-young' },
              }),
            ]
          : []),
        ...(isEmpty ? [] : forSmallChild(question, wearer.ageMonths)),
        ...mixture.oils.flatMap(({ oil }) => forChild(oil, wearer.ageMonths, brief.place)),
      ]
    : mixture.oils.flatMap(({ oil }) => forLabel(oil));
  const code =
    wearer && wearer.ageMonths >= childrenBelowMonths ? 'does-not-apply' : 'nothing-found';
  return found.length > 0 ? found : [finding({ ...common, verdict: 'within', reason: { code } })];
};
