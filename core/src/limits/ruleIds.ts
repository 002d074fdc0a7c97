/** What a check is to the rest of the house, beside what it finds. */
interface RuleFacts {
  /** The chapter of the handbook that speaks of it. */
  readonly chapter: string;
  /** More or less of an oil changes nothing of what it finds: the oil may not be there at all. */
  readonly isAboutPresence?: true;
  /** What it finds of a wearer who is known stands on the label. */
  readonly isOnLabel?: true;
}

/** The checks, by the names they have in reports. */
const facts = {
  'whole-blend': { chapter: 'dilution' },
  'oil-maximum': { chapter: 'oils' },
  'light-sum': { chapter: 'light' },
  constituent: { chapter: 'constituents' },
  age: { chapter: 'children', isAboutPresence: true, isOnLabel: true },
  'life-stage': { chapter: 'pregnancy', isAboutPresence: true, isOnLabel: true },
  condition: { chapter: 'conditions', isAboutPresence: true, isOnLabel: true },
  allergy: { chapter: 'conditions', isAboutPresence: true, isOnLabel: true },
  place: { chapter: 'bath', isAboutPresence: true },
  kind: { chapter: 'bath' },
  'oil-age': { chapter: 'storage' },
  'never-on-skin': { chapter: 'oils', isAboutPresence: true },
  'not-known': { chapter: 'oils' },
  sale: { chapter: 'label-law' },
} as const satisfies Readonly<Record<string, RuleFacts>>;

export type RuleId = keyof typeof facts;

export const ruleIds = Object.keys(facts) as readonly RuleId[];

/** What a check is to the rest of the house. */
export const ruleFacts = (id: RuleId): RuleFacts => facts[id];
