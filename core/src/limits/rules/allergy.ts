import type { Oil } from '../../catalog';
import { allergiesOf, allergySays, constituentAllergySays } from '../allergies';
import { finding, type Finding } from '../finding';
import { knownWearer, type Question } from '../question';

/** True for a ready-made blend in a carrier that no one has named. */
const isCarriedByUnknown = ({ essentialShare: share, madeOf }: Oil): boolean =>
  share !== undefined && (share === null || share < 1) && !madeOf?.carriers.length;

/**
 * Rule 8. Allergies of the wearer: to one material and, as a caution, its near relatives; to a
 * family; to a constituent, answered from what is in an oil; by the name of a patch test.
 */
export const allergy = ({ mixture, poured, brief, catalog }: Question): Finding[] => {
  const wearer = knownWearer(brief);
  const materials = [
    ...mixture.oils.map(({ oil }) => oil),
    ...mixture.bases.map(({ base }) => base),
  ];
  const allergies = wearer ? allergiesOf(wearer, catalog) : null;
  const common = { rule: 'allergy', source: 'RECALL' } as const;
  const found = allergies
    ? materials.flatMap((material) =>
        [
          ...allergies.read.map((id) => allergySays(material, id, catalog)),
          ...allergies.constituents.map((name) => constituentAllergySays(material, name)),
        ].flatMap((against): Finding[] => {
          if (!against) return [];
          const over = against.what === 'avoid';
          return [
            finding({
              ...common,
              verdict: over ? 'over' : 'caution',
              blocking: over,
              subject: material.id,
              source: against.by === 'itself' ? 'the wearer' : common.source,
              reason: { code: 'allergy', to: against.to, by: against.by },
            }),
          ];
        }),
      )
    : materials.flatMap((material) =>
        material.allergens.map(({ family }) =>
          finding({
            ...common,
            verdict: 'note',
            subject: material.id,
            forAnyone: true,
            reason: { code: 'allergy', to: family, by: 'family' },
          }),
        ),
      );
  const unread = (allergies?.unread ?? []).map((name) =>
    finding({
      ...common,
      verdict: 'unknown',
      subject: name,
      source: 'free text isn’t checked',
      reason: { code: 'allergy-free-words' },
    }),
  );
  // Of a material of the maker's own no one may have said what it comes from.
  const unsaid =
    allergies && allergies.read.length + allergies.constituents.length + allergies.unread.length > 0
      ? materials
          .filter((material) =>
            'counted' in material
              ? material.own?.material === true && !material.madeOf && material.family === null
              : material.allergensKnown === false,
          )
          .map(({ id }) =>
            finding({
              ...common,
              verdict: 'unknown',
              subject: id,
              reason: { code: 'allergens-not-known' },
            }),
          )
      : [];
  // What carries a ready-made blend may be what they are allergic to, and no one has said what it is.
  const mayBeCarried = (allergies?.read ?? []).some((id) =>
    catalog.bases.some((base) => allergySays(base, id, catalog)?.what === 'avoid'),
  );
  const carrierUnsaid = mayBeCarried
    ? poured.oils
        .filter(({ oil }) => isCarriedByUnknown(oil))
        .map(({ oil }) =>
          finding({
            ...common,
            verdict: 'unknown',
            subject: oil.id,
            reason: { code: 'carrier-not-known' },
          }),
        )
    : [];
  const suspected = materials
    .filter(({ id }) => wearer?.suspected?.includes(id))
    .map(({ id }) =>
      finding({
        ...common,
        verdict: 'caution',
        subject: id,
        source: 'the wearer',
        reason: { code: 'suspected' },
      }),
    );
  const all = [...found, ...suspected, ...unread, ...unsaid, ...carrierUnsaid];
  const code = wearer?.allergies.length === 0 ? 'does-not-apply' : 'nothing-found';
  return all.length > 0 ? all : [finding({ ...common, verdict: 'within', reason: { code } })];
};
