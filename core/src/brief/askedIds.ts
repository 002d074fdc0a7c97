// What was asked, and answered with no, by id: `brief.asked` and a person's record hold them.

/** Everything was read through, and what applies is written down. */
export const askedAboutEverything = 'everything';

/** Whether the place is right, though a word in the name or purpose points elsewhere. */
export const askedAboutPlace = (word: string): string => `place: ${word}`;

/** True for an answer that is about a blend, not about its wearer. */
export const isAskedAboutPlace = (id: string): boolean => id.startsWith('place: ');

/** Whether someone is pregnant or breastfeeding. */
export const askedAboutStage = 'stage';

/** Whether someone has this condition or takes this medicine. */
export const askedAboutCondition = (id: string): string => `condition: ${id}`;

/** Whether someone is allergic to this. */
export const askedAboutAllergy = (id: string): string => `allergy: ${id}`;
