import {
  familyName,
  isAllergyFamily,
  isCondition,
  nameIn,
  type AllergyFamilyId,
  type Catalog,
  readAllergy,
  readCondition,
  type ConditionId,
  type ReadHealth,
} from '../catalog';
import { allergiesOf } from '../limits';
import { formatList } from './numbers';

/** Conditions and medicines as people say them, by the ids of the vocabulary. */
const words: Readonly<Record<ConditionId, string>> = {
  anticoagulants: 'blood thinners',
  'aspirin sensitivity': 'aspirin allergy',
  'bleeding disorder': 'a bleeding disorder',
  'before surgery': 'surgery within two weeks',
  epilepsy: 'epilepsy or seizures',
  'febrile seizures': 'seizures with fever',
  'g6pd deficiency': 'G6PD deficiency',
  'atrial fibrillation': 'an irregular heartbeat (atrial fibrillation)',
  'estrogen-dependent cancer': 'a cancer that responds to oestrogen',
  endometriosis: 'endometriosis',
  'cyp2d6 drugs':
    'medicines cleared by CYP2D6 (codeine, tramadol, some antidepressants and beta blockers)',
  'liver disease': 'liver disease',
  'kidney disease': 'kidney disease',
  'hypersensitive or damaged skin': 'sensitive or damaged skin',
  'light-sensitising medicine': 'a medicine that makes skin sensitive to light',
  'medicine on the same skin': 'a medicine patch or cream on the same skin',
  'cancer treatment': 'cancer treatment',
  asthma: 'asthma',
  'migraine from smells': 'migraine set off by smells',
  'frail or very ill': 'someone frail or very ill',
  'eczema, active': 'active eczema',
  'eczema, dry': 'eczema, dry and calm',
  'eczema, in the past': 'eczema in the past',
  'trying to conceive': 'trying for a baby',
  'fragrance allergy': 'a fragrance allergy',
};

/** A condition in words; one that is not of the vocabulary as it was typed. */
export const conditionWords = (id: string): string => (isCondition(id) ? words[id] : id);

const allergies: Readonly<Record<AllergyFamilyId, string>> = {
  'tree nut': 'tree nuts',
  'stone fruit': 'stone fruit (apricot, peach)',
  coconut: 'coconut',
  sesame: 'sesame',
  gluten: 'gluten',
  soy: 'soy',
  'bee product': 'bee products',
  'daisy family': 'the daisy family',
  'carrot family': 'the carrot family',
  'latex fruit': 'latex and its fruits',
  'balsam of Peru': 'balsam of Peru',
  peanut: 'peanuts',
  milk: 'milk',
  lanolin: 'lanolin',
  cashew: 'cashew, pistachio and mango',
  'mint family': 'the mint family',
  'citrus family': 'the citrus family',
  'pine family': 'the pine family',
  'cypress family': 'the cypress family',
  'laurel family': 'the laurel family',
  'myrtle family': 'the myrtle family',
  'ginger family': 'the ginger family',
  'grass family': 'the grass family',
  'frankincense family': 'the frankincense family',
  'rose family': 'the rose family',
  'pea family': 'the pea family',
  'olive family': 'the olive family',
  'fragrance mix I': 'fragrance mix I',
  'fragrance mix II': 'fragrance mix II',
  'linalool hydroperoxides': 'linalool hydroperoxides',
  'limonene hydroperoxides': 'limonene hydroperoxides',
  colophony: 'colophony',
  'tea tree, oxidised': 'tea tree, oxidised',
  propolis: 'propolis',
  'cetyl alcohol': 'cetyl alcohol',
  'alkyl glucosides': 'alkyl glucosides',
  phenoxyethanol: 'phenoxyethanol',
};

/** What someone is allergic to, in words: a family, a patch test, or a material by its name. */
export const allergyWords = (catalog: Catalog, id: string): string =>
  isAllergyFamily(id) ? allergies[id] : nameIn(catalog, id);

/** Either of them, by its id. */
export const allergyOrCondition = (catalog: Catalog, id: string): string =>
  isCondition(id) ? words[id] : allergyWords(catalog, id);

/** A plant family: `mint family (Lamiaceae)`; its Latin name alone where people have no other. */
export const familyWords = (family: string): string => {
  const name = familyName(family);
  return name === family ? family : `${name} (${family})`;
};

const restWords = ({ withoutCaution, unread }: ReadHealth): string[] => [
  ...withoutCaution.map((condition) => `${condition}, without a published caution`),
  ...unread.map((text) => `“${text}” can’t be checked`),
];

const withReading = (typed: string, read: readonly string[], rest: readonly string[]): string => {
  const all = [...(read.length > 0 ? [`counts as ${formatList(read)}`] : []), ...rest];
  return all.length > 0 ? `${typed} (${all.join('; ')})` : typed;
};

/** A condition or medicine as it was typed, with what it is read as. */
export const typedConditionWords = (catalog: Catalog, typed: string): string => {
  if (isCondition(typed)) return words[typed];
  const health = readCondition(typed);
  const read = [
    ...health.conditions.map(conditionWords),
    ...health.allergies.map((id) => `an allergy to ${allergyWords(catalog, id)}`),
  ];
  return withReading(typed, read, restWords(health));
};

/** An allergy as it was typed, with what it is read as. */
export const typedAllergyWords = (catalog: Catalog, typed: string): string => {
  if (isAllergyFamily(typed) || catalog.oil(typed) || catalog.base(typed)) {
    return allergyWords(catalog, typed);
  }
  const health = readAllergy(typed);
  const { read, constituents, unread } = allergiesOf(
    { allergies: [typed], conditions: [] },
    catalog,
  );
  return withReading(
    typed,
    [
      ...health.conditions.map(conditionWords),
      ...read.map((id) => allergyWords(catalog, id)),
      ...constituents,
    ],
    restWords({ ...health, unread }),
  );
};
