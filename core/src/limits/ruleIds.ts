/** The checks, by the names they have in reports. */
export const ruleIds = [
  'whole-blend',
  'oil-maximum',
  'light-sum',
  'constituent',
  'age',
  'life-stage',
  'condition',
  'allergy',
  'place',
  'kind',
  'oil-age',
  'never-on-skin',
  'not-known',
  'sale',
] as const;
export type RuleId = (typeof ruleIds)[number];
