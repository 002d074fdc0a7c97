/** Sentences of the screen “read”. */
export const readWords = {
  whatDoesNotAddUp: 'What does not add up',
  everythingAddsUp: '● Everything adds up.',
  ouncesOfWhatPoursAre: 'Ounces of what pours are',
  whoseSpoonsAndCups: 'Whose spoons and cups',
  pasteARecipeFromAnywhere:
    'Paste a recipe from anywhere, or drop a file here. Nothing leaves this device.',
  textOfTheRecipe: 'Text of the recipe',
  orOpenAFile: 'or open a file',
  fileWithARecipe: 'File with a recipe',
  thereIsNoRecipeIn:
    'There is no recipe in it that Jubbet can read. A recipe names at least one ingredient, best on a line of its own with its amount: “Lavender, 10 drops”.',
  tooStrongFor: 'Too strong for',
  whatItReallyIs: 'What it really is',
  essentialOilByTheSize: 'Essential oil, by the size of the drop',
  howStrongItCantBe: 'How strong it can’t be worked out yet: an amount is missing.',
  whoItIsFor: 'Who it is for',
  saveCopyForMeAt: (percent: string): string => `Save a copy for me, at ${percent}`,
  makeItABlendAs: 'Make it a blend, as written',
  saveCopyForMeKeeps:
    '“Save a copy for me” keeps the proportions of the oils and sets the strength to no more than is recommended for this person and place, to the nearest drop. Container, carrier and everything else can be changed on the blend’s page.',
} as const;
