import { guidelines } from '../../catalog';
import { finding, type Finding } from '../finding';
import { knownWearer, type Question } from '../question';

const families = new Set(guidelines.allergyFamilies);

/** True where a rule reads this allergy: a family of the library, or the id of a material. */
const isKnownAllergy = (allergy: string, { oil, base }: Question['catalog']): boolean =>
  families.has(allergy) || oil(allergy) !== undefined || base(allergy) !== undefined;

/** Rule 8. Allergies of the wearer, to one material or to a family. */
export const allergy = ({ mixture, brief, catalog }: Question): Finding[] => {
  const wearer = knownWearer(brief);
  const allergies = wearer ? new Set(wearer.allergies) : null;
  const materials = [
    ...mixture.oils.map(({ oil }) => oil),
    ...mixture.bases.map(({ base }) => base),
  ];
  const common = { rule: 'allergy', source: 'RECALL' } as const;
  const found = materials.flatMap((material): Finding[] => {
    const own = allergies?.has(material.id)
      ? [
          finding({
            ...common,
            verdict: 'over',
            blocking: true,
            subject: material.id,
            source: 'the wearer',
            reason: { code: 'allergy', to: material.id },
          }),
        ]
      : [];
    const byFamily = material.allergens
      .filter(({ family }) => allergies === null || allergies.has(family))
      .map(({ family, what }) => {
        const over = allergies !== null && what === 'avoid';
        return finding({
          ...common,
          verdict: over ? 'over' : 'caution',
          blocking: over,
          subject: material.id,
          forAnyone: allergies === null,
          reason: { code: 'allergy', to: family },
        });
      });
    return [...own, ...byFamily];
  });
  const unread = [...(allergies ?? [])]
    .filter((name) => !isKnownAllergy(name, catalog))
    .map((name) =>
      finding({
        ...common,
        verdict: 'unknown',
        subject: name,
        source: 'no rule reads free words',
        reason: { code: 'allergy-free-words' },
      }),
    );
  const all = [...found, ...unread];
  return all.length > 0
    ? all
    : [finding({ ...common, verdict: 'within', reason: { code: 'nothing-found' } })];
};
