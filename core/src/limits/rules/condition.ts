import type { Wearer } from '../../brief';
import { guidelines, type PlaceId } from '../../catalog';
import { materialSource } from '../figureSource';
import { finding, type Finding } from '../finding';
import { knownWearer, type Question } from '../question';

const vocabulary = new Map(guidelines.conditions.map((entry) => [entry.id, entry]));
const nearTheFace = new Set<PlaceId>(guidelines.nearTheFace);

/** Skin that is sensitive or damaged, all over or at the place, counts as a condition. */
const damagedSkin = 'hypersensitive or damaged skin';

const conditionsOf = (wearer: Wearer, place: PlaceId): Set<string> => {
  const conditions = new Set(wearer.conditions);
  if (wearer.skin !== 'normal' || place === 'broken-or-inflamed-skin') conditions.add(damagedSkin);
  return conditions;
};

/** Conditions that speak of smell in general, whatever the oils. */
const general = (conditions: ReadonlySet<string>, place: PlaceId): Finding[] =>
  [...conditions].flatMap((id): Finding[] => {
    const entry = vocabulary.get(id);
    if (!entry?.what || (entry.where && !nearTheFace.has(place))) return [];
    return [
      finding({
        rule: 'condition',
        verdict: 'caution',
        subject: id,
        source: 'TEACH',
        reason: { code: 'condition', condition: id, general: entry.why ?? '' },
      }),
    ];
  });

const freeWords = (conditions: ReadonlySet<string>): Finding[] =>
  [...conditions]
    .filter((id) => !vocabulary.has(id))
    .map((id) =>
      finding({
        rule: 'condition',
        verdict: 'unknown',
        subject: id,
        source: 'no rule reads free words',
        reason: { code: 'condition-free-words' },
      }),
    );

/** Rule 7. Conditions and medicines, from the library's vocabulary. */
export const condition = ({ mixture, brief }: Question): Finding[] => {
  const wearer = knownWearer(brief);
  const given = wearer ? conditionsOf(wearer, brief.place) : null;
  const materials = [
    ...mixture.oils.map(({ oil }) => ({
      id: oil.id,
      conditions: oil.conditions,
      source: materialSource(oil, 'EOS2'),
    })),
    ...mixture.bases.map(({ base: { id, conditions } }) => ({ id, conditions, source: 'RECALL' })),
  ];
  const byMaterial = materials.flatMap((material) =>
    material.conditions
      .filter((entry) => given === null || given.has(entry.condition))
      .map((entry) => {
        const over = given !== null && entry.what === 'avoid';
        return finding({
          rule: 'condition',
          verdict: over ? 'over' : 'caution',
          blocking: over,
          subject: material.id,
          source: material.source,
          forAnyone: given === null,
          reason: { code: 'condition', condition: entry.condition },
        });
      }),
  );
  const found = given
    ? [...byMaterial, ...general(given, brief.place), ...freeWords(given)]
    : byMaterial;
  return found.length > 0
    ? found
    : [
        finding({
          rule: 'condition',
          verdict: 'within',
          source: 'EOS2',
          reason: { code: 'nothing-found' },
        }),
      ];
};
