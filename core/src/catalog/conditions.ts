import { z } from 'zod';
import type { StageId } from './guidelineSchema';

// Conditions and medicines that rules read, each with all that it means beside its words in `words/`.
// Names, medicines and groups are recalled and compared, not looked up; what stands beside a `why` is
// our reading of the guidance.

/** What a condition is, to the rules and to the maker. */
interface ConditionDefinition {
  /** A caution on smells in general, whatever the oils. */
  readonly what?: 'mind';
  /** Where that caution holds; everywhere where it is not said. */
  readonly where?: 'near the face';
  /** The most of the whole blend, in percent. */
  readonly maximumPercent?: number;
  readonly why?: string;
  /** The row of the guidelines under which someone who has it is judged. */
  readonly stage?: StageId;
  /** Conditions of one group are asked about together. */
  readonly askedWith?: string;
  /** Ages, in months, at which the question makes sense: from one, and below another. */
  readonly askedAtMonths?: { readonly from: number; readonly below: number | null };
  /** What else people call it. */
  readonly names: readonly string[];
  /** Medicines that are taken for it, or count as it; some count as two things. */
  readonly medicines?: readonly string[];
}

export const conditions = {
  anticoagulants: {
    askedWith: 'bleeding',
    names: [
      'blood thinner',
      'blood thinners',
      'blood thinning',
      'blood thinning medicine',
      'anticoagulant',
      'antiplatelet',
      'antiplatelets',
      'anti-clotting medicine',
    ],
    medicines: [
      'warfarin',
      'acenocoumarol',
      'phenprocoumon',
      'apixaban',
      'rivaroxaban',
      'dabigatran',
      'edoxaban',
      'heparin',
      'enoxaparin',
      'dalteparin',
      'clopidogrel',
      'ticagrelor',
      'prasugrel',
      'dipyridamole',
      'aspirin',
      'low-dose aspirin',
    ],
  },
  'bleeding disorder': {
    askedWith: 'bleeding',
    names: [
      'haemophilia',
      'hemophilia',
      'von willebrand',
      'von willebrand disease',
      'thrombocytopenia',
      'low platelets',
      'clotting disorder',
      'bleeding disorders',
    ],
  },
  'before surgery': {
    askedWith: 'bleeding',
    names: [
      'surgery soon',
      'operation soon',
      'upcoming surgery',
      'planned surgery',
      'surgery next week',
      'operation next week',
      'surgery within two weeks',
    ],
  },
  'aspirin sensitivity': {
    askedWith: 'bleeding',
    names: [
      'aspirin allergy',
      'allergic to aspirin',
      'salicylate allergy',
      'salicylate sensitivity',
      'salicylate intolerance',
      'allergy to salicylates',
    ],
  },
  epilepsy: {
    askedWith: 'seizures',
    names: [
      'seizures',
      'seizure',
      'fits',
      'epileptic',
      'seizure disorder',
      'convulsions',
      'epileptic fits',
    ],
    medicines: [
      'levetiracetam',
      'lamotrigine',
      'carbamazepine',
      'oxcarbazepine',
      'phenytoin',
      'phenobarbital',
      'primidone',
      'topiramate',
      'zonisamide',
      'lacosamide',
      'clobazam',
      'sodium valproate',
      'valproate',
    ],
  },
  'febrile seizures': {
    askedWith: 'seizures',
    askedAtMonths: { from: 0, below: 144 },
    names: [
      'febrile convulsions',
      'febrile seizure',
      'fever fits',
      'fever convulsions',
      'seizures with fever',
    ],
  },
  'g6pd deficiency': {
    askedWith: 'blood and heart',
    names: ['g6pd', 'favism', 'glucose-6-phosphate dehydrogenase deficiency', 'g6pdh deficiency'],
  },
  'atrial fibrillation': {
    askedWith: 'blood and heart',
    names: ['af', 'afib', 'a fib', 'auricular fibrillation'],
    medicines: ['amiodarone', 'digoxin', 'flecainide', 'dronedarone'],
  },
  'estrogen-dependent cancer': {
    askedWith: 'hormones',
    askedAtMonths: { from: 216, below: null },
    names: [
      'oestrogen-dependent cancer',
      'hormone-sensitive cancer',
      'hormone-dependent cancer',
      'oestrogen-sensitive cancer',
      'estrogen-sensitive cancer',
      'oestrogen receptor positive cancer',
      'estrogen receptor positive cancer',
      'er-positive breast cancer',
      'er positive breast cancer',
      'hormone-positive breast cancer',
      'breast cancer',
    ],
    medicines: ['tamoxifen', 'letrozole', 'anastrozole', 'exemestane', 'fulvestrant'],
  },
  endometriosis: {
    askedWith: 'hormones',
    askedAtMonths: { from: 132, below: 720 },
    names: ['endo'],
  },
  'liver disease': {
    askedWith: 'liver and kidneys',
    names: [
      'liver failure',
      'cirrhosis',
      'hepatitis',
      'hepatic disease',
      'liver problems',
      'fatty liver',
    ],
  },
  'kidney disease': {
    askedWith: 'liver and kidneys',
    names: [
      'kidney failure',
      'renal failure',
      'renal disease',
      'chronic kidney disease',
      'ckd',
      'dialysis',
      'kidney problems',
    ],
  },
  'cyp2d6 drugs': {
    askedWith: 'medicines',
    names: ['cyp2d6 medicines'],
    medicines: [
      'codeine',
      'tramadol',
      'tamoxifen',
      'metoprolol',
      'propranolol',
      'timolol',
      'fluoxetine',
      'paroxetine',
      'venlafaxine',
      'amitriptyline',
      'nortriptyline',
      'clomipramine',
      'imipramine',
      'risperidone',
      'haloperidol',
      'aripiprazole',
      'atomoxetine',
      'flecainide',
      'propafenone',
      'oxycodone',
      'hydrocodone',
      'dextromethorphan',
    ],
  },
  'light-sensitising medicine': {
    why: 'the medicine and the oil both make skin burn in sun',
    askedWith: 'medicines',
    names: [
      'photosensitising medicine',
      'photosensitizing medicine',
      'light-sensitizing medicine',
      'sun-sensitising medicine',
    ],
    medicines: [
      'doxycycline',
      'tetracycline',
      'minocycline',
      'lymecycline',
      'ciprofloxacin',
      'ofloxacin',
      'amiodarone',
      'hydrochlorothiazide',
      'furosemide',
      'isotretinoin',
      'acitretin',
      'methotrexate',
      'voriconazole',
      'chlorpromazine',
      'naproxen',
      'ketoprofen',
      'piroxicam',
      'methoxsalen',
      'griseofulvin',
    ],
  },
  'hypersensitive or damaged skin': {
    names: [
      'rosacea',
      'psoriasis',
      'dermatitis',
      'contact dermatitis',
      'sensitive skin',
      'damaged skin',
      'broken skin',
      'cracked skin',
      'inflamed skin',
    ],
  },
  asthma: {
    what: 'mind',
    where: 'near the face',
    why: 'strong smells can tighten the chest: try a trace first',
    names: ['asthmatic', 'asthma attacks'],
    medicines: [
      'salbutamol',
      'salmeterol',
      'formoterol',
      'budesonide',
      'beclometasone',
      'montelukast',
      'inhaler',
    ],
  },
  'migraine from smells': {
    what: 'mind',
    where: 'near the face',
    why: 'try a trace first',
    names: ['migraine', 'migraines'],
  },
  'cancer treatment': {
    what: 'mind',
    maximumPercent: 1,
    why: "with the care team's agreement",
    names: ['chemotherapy', 'radiotherapy', 'chemo', 'radiation therapy', 'cancer therapy'],
  },
  'frail or very ill': {
    stage: 'frail-or-very-ill',
    names: ['palliative care', 'hospice care', 'frail', 'very ill'],
  },
  'eczema, active': {
    stage: 'eczema-active-or-fragrance-allergy',
    names: ['eczema', 'atopic dermatitis', 'active eczema', 'eczema flare', 'atopic eczema'],
  },
  'fragrance allergy': {
    stage: 'eczema-active-or-fragrance-allergy',
    names: ['perfume allergy', 'allergic to perfume', 'allergic to fragrance', 'scent allergy'],
  },
  'medicine on the same skin': {
    what: 'mind',
    why: 'essential oils can carry more of a patch or cream through the skin: keep them well apart',
    names: ['medicine patch', 'hormone patch', 'medicated patch', 'medicine cream'],
    medicines: [
      'fentanyl patch',
      'nicotine patch',
      'oestrogen patch',
      'estrogen patch',
      'rivastigmine patch',
      'buprenorphine patch',
      'glyceryl trinitrate patch',
      'testosterone gel',
      'oestrogen gel',
      'steroid cream',
      'hydrocortisone cream',
      'diclofenac gel',
      'hrt patch',
    ],
  },
  'eczema, in the past': {
    stage: 'sensitive-skin-body',
    names: ['past eczema', 'eczema in the past', 'eczema as a child', 'childhood eczema'],
  },
  'trying to conceive': {
    stage: 'pregnant',
    names: ['pregnant', 'pregnancy', 'expecting', 'trying for a baby', 'ttc', 'ivf'],
  },
  'eczema, dry': { stage: 'sensitive-skin-body', names: ['dry eczema', 'calm eczema'] },
} as const satisfies Readonly<Record<string, ConditionDefinition>>;

export type ConditionId = keyof typeof conditions;

/** Skin that is sensitive or damaged, all over or at the place, counts as a condition. */
export const damagedSkin = 'hypersensitive or damaged skin' satisfies ConditionId;

/** Ages, in months, at which someone is asked whether she is pregnant: our own judgement. */
export const mayBePregnantMonths = { from: 132, below: 660 } as const;

/** Conditions in the order in which they are asked and listed. */
export const conditionIds = Object.keys(conditions) as readonly ConditionId[];

/** A condition, wherever the library names one. */
export const conditionId = z.enum(conditionIds);

/** What a condition means. */
export const conditionOf = (id: ConditionId): ConditionDefinition => conditions[id];

/**
 * Common conditions, and medicines for them, of which the literature says nothing on skin: known, and
 * no riddle.
 */
export const withoutCautions: readonly {
  readonly id: string;
  readonly names: readonly string[];
}[] = [
  {
    id: 'high blood pressure',
    names: [
      'high blood pressure',
      'hypertension',
      'raised blood pressure',
      'hypertensive',
      'amlodipine',
      'losartan',
      'candesartan',
      'bisoprolol',
    ],
  },
  { id: 'low blood pressure', names: ['low blood pressure', 'hypotension'] },
  {
    id: 'diabetes',
    names: [
      'diabetes',
      'type 1 diabetes',
      'type 2 diabetes',
      'diabetic',
      'prediabetes',
      'metformin',
      'insulin',
    ],
  },
  {
    id: 'a thyroid condition',
    names: [
      'thyroid',
      'thyroid condition',
      'thyroid disease',
      'underactive thyroid',
      'overactive thyroid',
      'hypothyroidism',
      'hyperthyroidism',
      'hashimoto',
      'levothyroxine',
      'thyroxine',
      'liothyronine',
    ],
  },
  {
    id: 'depression',
    names: ['depression', 'depressed', 'sertraline', 'citalopram', 'escitalopram', 'mirtazapine'],
  },
  { id: 'anxiety', names: ['anxiety', 'anxiety disorder', 'panic attacks'] },
  {
    id: 'high cholesterol',
    names: ['high cholesterol', 'cholesterol', 'atorvastatin', 'rosuvastatin'],
  },
  { id: 'arthritis', names: ['arthritis', 'osteoarthritis', 'rheumatoid arthritis'] },
  {
    id: 'acid reflux',
    names: ['acid reflux', 'reflux', 'heartburn', 'omeprazole', 'lansoprazole'],
  },
];
