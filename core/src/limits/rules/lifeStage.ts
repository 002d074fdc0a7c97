import type { Oil } from '../../catalog';
import { chemistryOfOil, chemistrySource } from '../chemistry';
import { pregnancyOf } from '../conditions';
import { materialSource } from '../figureSource';
import { finding, type Finding } from '../finding';
import { holdsAt } from '../places';
import { knownWearer, type Question } from '../question';

type Stage = 'pregnant' | 'breastfeeding';

const stages: readonly Stage[] = ['pregnant', 'breastfeeding'];

/** What is known of an oil in a stage: of the oil itself, or for what is in it. */
interface Said {
  readonly stage: Stage;
  readonly what: Oil['pregnancy'];
  readonly why: string | null;
  readonly source: string;
}

/** Everything that is known of an oil in some stage, at a place; anywhere where no one is known. */
export const cautionsOfStages = (
  oil: Oil,
  place: Question['brief']['place'],
  isKnown = true,
): readonly Said[] => [
  ...stages.map((stage) => ({
    stage,
    what: stage === 'pregnant' ? oil.pregnancy : oil.breastfeeding,
    why: null,
    source: materialSource(oil, 'EOS2'),
  })),
  ...chemistryOfOil(oil).flatMap((caution): Said[] =>
    caution.stages
      .filter(() =>
        isKnown
          ? holdsAt(caution.where, place, { ageMonths: Infinity })
          : caution.where === 'anywhere',
      )
      .map((stage) => ({
        stage,
        what: caution.what,
        why: caution.why,
        source: chemistrySource(caution),
      })),
  ),
];

/** Rule 6. Oils to avoid, or to be careful with, in pregnancy and breastfeeding. */
export const lifeStage = ({ mixture, brief }: Question): Finding[] => {
  const wearer = knownWearer(brief);
  const asked = stages.filter(
    (stage) =>
      !wearer || (stage === 'pregnant' ? pregnancyOf(wearer).pregnant : wearer.breastfeeding),
  );
  const common = { rule: 'life-stage', source: 'EOS2', forAnyone: wearer === null } as const;
  const found = mixture.oils.flatMap(({ oil }): Finding[] => {
    const applying = cautionsOfStages(oil, brief.place, wearer !== null).filter(({ stage }) =>
      asked.includes(stage),
    );
    const are = (what: Oil['pregnancy']) => applying.filter((statement) => statement.what === what);
    const unknown = are('not known');
    // Of someone not known both count: what to leave alone, and what to ask about.
    const levels = (['avoid', 'caution'] as const).filter((what) => are(what).length > 0);
    if (levels.length > 0) {
      return (wearer ? levels.slice(0, 1) : levels).flatMap((what): Finding[] => {
        const statements = are(what);
        const over = what === 'avoid';
        const avoided = wearer || over ? [] : are('avoid');
        const stated = stages.filter(
          (stage) =>
            statements.some((statement) => statement.stage === stage) &&
            !avoided.some((statement) => statement.stage === stage),
        );
        if (stated.length === 0) return [];
        return [
          finding({
            ...common,
            verdict: wearer === null ? 'note' : over ? 'over' : 'caution',
            blocking: wearer !== null && over,
            subject: oil.id,
            source: statements[0]?.source ?? 'EOS2',
            reason: {
              code: 'life-stage',
              what,
              stages: stated,
              why: statements.find(({ why }) => why !== null)?.why ?? null,
            },
          }),
        ];
      });
    }
    return unknown.length === 0
      ? []
      : [
          finding({
            ...common,
            verdict: wearer === null ? 'note' : 'unknown',
            subject: oil.id,
            reason: { code: 'life-stage-not-known', stages: unknown.map(({ stage }) => stage) },
          }),
        ];
  });
  return found.length > 0
    ? found
    : [
        finding({
          rule: 'life-stage',
          source: 'EOS2',
          verdict: 'within',
          reason: { code: asked.length > 0 ? 'nothing-found' : 'does-not-apply' },
        }),
      ];
};
