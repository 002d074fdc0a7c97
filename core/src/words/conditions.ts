import { familyName, nameIn, type Catalog } from '../catalog';

/** Conditions and medicines as people say them, by the ids of the vocabulary. */
const words: Readonly<Record<string, string>> = {
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
export const conditionWords = (id: string): string => words[id] ?? id;

const allergies: Readonly<Record<string, string>> = {
  'tree nut': 'tree nuts',
  'stone fruit': 'stone fruit (apricot, peach)',
  'bee product': 'bee products',
  'daisy family': 'the daisy family',
  'carrot family': 'the carrot family',
  'latex fruit': 'latex and its fruits',
  cashew: 'cashew, pistachio and mango',
  peanut: 'peanuts',
};

/** What someone is allergic to, in words: a family, a patch test, or a material by its name. */
export const allergyWords = (catalog: Catalog, id: string): string =>
  allergies[id] ?? (/^[a-z]+ family$/.test(id) ? `the ${id}` : nameIn(catalog, id));

/** Either of them, by its id. */
export const allergyOrCondition = (catalog: Catalog, id: string): string =>
  words[id] ?? allergyWords(catalog, id);

/** A plant family: `mint family (Lamiaceae)`; its Latin name alone where people have no other. */
export const familyWords = (family: string): string => {
  const name = familyName(family);
  return name === family ? family : `${name} (${family})`;
};
