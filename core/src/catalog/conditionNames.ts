import type { ConditionId } from './conditions';

// Recalled from common speech and practice, and compared; not looked up.

/** What people write for a condition. */
interface ConditionNames {
  /** What else they call it. */
  readonly names: readonly string[];
  /** Medicines that are taken for it, or count as it; some count as two things. */
  readonly medicines?: readonly string[];
}

const conditionNames: Readonly<Record<ConditionId, ConditionNames>> = {
  anticoagulants: {
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
    names: [
      'febrile convulsions',
      'febrile seizure',
      'fever fits',
      'fever convulsions',
      'seizures with fever',
    ],
  },
  'g6pd deficiency': {
    names: ['g6pd', 'favism', 'glucose-6-phosphate dehydrogenase deficiency', 'g6pdh deficiency'],
  },
  'atrial fibrillation': {
    names: ['af', 'afib', 'a fib', 'auricular fibrillation'],
    medicines: ['amiodarone', 'digoxin', 'flecainide', 'dronedarone'],
  },
  'estrogen-dependent cancer': {
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
  endometriosis: { names: ['endo'] },
  'liver disease': {
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
    names: [
      'photosensitising medicine',
      'photosensitizing medicine',
      'light-sensitizing medicine',
      'sun-sensitising medicine',
      'drugs that make skin sensitive to light',
      'medicine that makes skin sensitive to light',
      'photosensitising drugs',
      'photosensitizing drugs',
      'photosensitivity from medicine',
      'photosensitivity',
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
  'migraine from smells': { names: ['migraine', 'migraines'] },
  'cancer treatment': {
    names: ['chemotherapy', 'radiotherapy', 'chemo', 'radiation therapy', 'cancer therapy'],
  },
  'frail or very ill': { names: ['palliative care', 'hospice care', 'frail', 'very ill'] },
  'eczema, active': {
    names: ['eczema', 'atopic dermatitis', 'active eczema', 'eczema flare', 'atopic eczema'],
  },
  'fragrance allergy': {
    names: ['perfume allergy', 'allergic to perfume', 'allergic to fragrance', 'scent allergy'],
  },
  'medicine on the same skin': {
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
    names: ['past eczema', 'eczema in the past', 'eczema as a child', 'childhood eczema'],
  },
  'trying to conceive': {
    names: ['pregnant', 'pregnancy', 'expecting', 'trying for a baby', 'ttc', 'ivf'],
  },
  'eczema, dry': { names: ['dry eczema', 'calm eczema'] },
};

/** What people write for a condition. */
export const namesOfCondition = (id: ConditionId): ConditionNames => conditionNames[id];

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
