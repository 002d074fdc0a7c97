/** Sentences of the screen “blends”. */
export const blendsWords = {
  blendStartsAsASentence:
    'A blend starts as a sentence: container, person, place, strength and carrier. Press “New blend” and fill in the gaps.',
  namePersonOilOrTag: 'name, person, oil or tag',
  publishedGuidanceNotMedicalAdvice: (roughTime: string): string =>
    `${roughTime} Published guidance, not medical advice. Local rules, the supplier’s sheet and a licensed practitioner come first.`,
  backToTheBlend: 'Back to the blend',
  howMuchOfEachLimit: 'How much of each limit',
  exampleHouseIsHereEveryone: 'The example house is here. Everyone in it is made up.',
  otherwiseTheFileSaysFor: 'Otherwise the file says “for anyone”.',
  yourOtherDeviceHasSaved: (changes: string, savedAt: string): string =>
    `Your other device has ${changes}, saved ${savedAt}.`,
  blendFileToImport: 'A blend file to import',
  holdTheCodeOfA:
    'Hold the code of a blend in front of the camera. The picture stays on this device.',
  whatTheCameraSees: 'What the camera sees',
  otherwiseItSaysForAnyone: 'Otherwise it says “for anyone”.',
  thisBlendIsTooLarge: '▲ This blend is too large for a code: send a file instead.',
  wholeRecipeIsInThe:
    'The whole recipe is in the picture; nothing is sent anywhere. In another Jubbet press “Scan a code” on the page of blends, or import a photograph of it.',
  containerToScaleWithWhat: 'The container to scale, with what is in it in its true proportion.',
  csvOfTheFormula: 'CSV of the formula',
  pictureOfACard: 'Picture of a card',
  doNotUseThis: '■ Do not use this: it has no card and no steps. Whoever imports it is told so.',
  blendFileMarkdownAndJson:
    'Blend file, Markdown and JSON-LD carry all of the recipe and can be imported again. The CSV has the formula alone.',
  tagsWithACommaBetween: 'Tags, with a comma between them',
  forExampleGiftsWinterFor: 'for example gifts, winter, for the stall',
  nameForIt: 'A name for it',
  whatWasGoodAboutIt: 'What was good about it',
  saveAsAVersion: 'Save as a version',
  eachTimeYouMakeA:
    'Each time you make a blend, a version of it is kept here. Restore one, or compare up to four side by side.',
  compareTheBlendAsIt: 'compare the blend as it is now',
  blendEssentialOilsForSkin: 'Blend essential oils for skin',
  whoItIsFor: 'Who it is for',
  answerAGapAndThe:
    'Answer a gap and the next one opens. Jubbet works out the drops, checks them against published limits, counts them in with you and prints the label.',
  readARecipeIHave: 'Read a recipe I have',
  everythingStaysInThisBrowser:
    'Everything stays in this browser. Published guidance, not medical advice.',
  doNotUse: 'do not use',
  sameBottleDropForDrop: 'the same bottle, drop for drop',
  makeOneForEach: 'Make one for each',
  publishedGuidanceNotMedicalAdviceA:
    'Published guidance, not medical advice. A licensed practitioner comes first.',
  withThePerson: (wearer: string): string => `with ${wearer}, and what is known of their skin`,
} as const;
