import type { StageId } from './vocabulary';

// Conditions and medicines that rules read, each with what it means to them; what people call them is
// in conditionNames.ts, words for them are in `words/`, both complete by type. What stands beside a
// `why` is our reading of the guidance.

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
}

const conditions = {
  anticoagulants: { askedWith: 'bleeding' },
  'bleeding disorder': { askedWith: 'bleeding' },
  'before surgery': { askedWith: 'bleeding' },
  'aspirin sensitivity': { askedWith: 'bleeding' },
  epilepsy: { askedWith: 'seizures' },
  'febrile seizures': { askedWith: 'seizures', askedAtMonths: { from: 0, below: 144 } },
  'g6pd deficiency': { askedWith: 'blood and heart' },
  'atrial fibrillation': { askedWith: 'blood and heart' },
  'estrogen-dependent cancer': { askedWith: 'hormones', askedAtMonths: { from: 216, below: null } },
  endometriosis: { askedWith: 'hormones', askedAtMonths: { from: 132, below: 720 } },
  'liver disease': { askedWith: 'liver and kidneys' },
  'kidney disease': { askedWith: 'liver and kidneys' },
  'cyp2d6 drugs': { askedWith: 'medicines' },
  'light-sensitising medicine': {
    why: 'the medicine and the oil both make skin burn in sun',
    askedWith: 'medicines',
  },
  'hypersensitive or damaged skin': {},
  asthma: {
    what: 'mind',
    where: 'near the face',
    why: 'strong smells can tighten the chest: try a trace first',
  },
  'migraine from smells': { what: 'mind', where: 'near the face', why: 'try a trace first' },
  'cancer treatment': { what: 'mind', maximumPercent: 1, why: "with the care team's agreement" },
  'frail or very ill': { stage: 'frail-or-very-ill' },
  'eczema, active': { stage: 'eczema-active-or-fragrance-allergy' },
  'fragrance allergy': { stage: 'eczema-active-or-fragrance-allergy' },
  'medicine on the same skin': {
    what: 'mind',
    why: 'essential oils can carry more of a patch or cream through the skin: keep them well apart',
  },
  'eczema, in the past': { stage: 'sensitive-skin-body' },
  'trying to conceive': { stage: 'pregnant' },
  'eczema, dry': { stage: 'sensitive-skin-body' },
} as const satisfies Readonly<Record<string, ConditionDefinition>>;

export type ConditionId = keyof typeof conditions;

/** Skin that is sensitive or damaged, all over or at the place, counts as a condition. */
export const damagedSkin = 'hypersensitive or damaged skin' satisfies ConditionId;

/** Ages, in months, at which someone is asked whether she is pregnant: our own judgement. */
export const mayBePregnantMonths = { from: 132, below: 660 } as const;

/** Conditions in the order in which they are asked and listed. */
export const conditionIds = Object.keys(conditions) as readonly ConditionId[];

/** What a condition means. */
export const conditionOf = (id: ConditionId): ConditionDefinition => conditions[id];

/** True for the id of a condition. */
export const isCondition = (id: string): id is ConditionId => Object.hasOwn(conditions, id);
