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
    const strongest = [are('avoid'), are('caution')].find((list) => list.length > 0);
    const unknown = are('not known');
    if (strongest) {
      const over = strongest[0]?.what === 'avoid';
      return [
        finding({
          ...common,
          verdict: wearer === null ? 'note' : over ? 'over' : 'caution',
          blocking: wearer !== null && over,
          subject: oil.id,
          source: strongest[0]?.source ?? 'EOS2',
          reason: {
            code: 'life-stage',
            stages: stages.filter((stage) =>
              strongest.some((statement) => statement.stage === stage),
            ),
            why: strongest.find(({ why }) => why !== null)?.why ?? null,
          },
        }),
      ];
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
          reason: { code: 'nothing-found' },
        }),
      ];
};
