/** Sentences of the screen “label”. */
export const labelWords = {
  notForSaleIn: (region: string): string => `■ Not for sale in ${region}.`,
  itHasNoLabelTo:
    'It has no label to be sold with. You can’t override this; change the blend, or keep this batch.',
  itIsSoldOnlyWith: 'It is sold only with a written reason, which your assessor has to read.',
  itCouldNotBeSold: 'It could not be sold in the EU:',
  allergensToBeNamed: 'Allergens to be named',
  whyItIsSoldPast: 'Why it is sold past a limit:',
  workedOutFromWhatWas:
    'Worked out from what was weighed and counted and from published figures of composition, as recalled; a supplier’s own papers go before them. It is no safety report.',
  eachKeepsTheProportionsAnd:
    'Each keeps the proportions and is no stronger than recommended for its person, to the nearest drop; where a drop is too much, it goes into a larger container. What is marked “do not use” for them is left out or swapped. Your own blend stays as it is.',
  nobodyIsInTheHouse: 'Nobody is in the house yet.',
  labelsOfAllOnOne: 'Labels of all on one sheet',
  sheetForTheAssessor: 'Sheet for the assessor',
  labelToSellIt: 'Label to sell it',
  thisBatchIsNotTo: '■ This batch is not to be used, so it can’t be sold. You can’t override this.',
  whereItIsSold: 'Where it is sold',
  theseRulesAreAsJubbet:
    'These rules are as Jubbet knew them in November 2026: recalled, not copied from the law. Check the current text; local rules decide.',
  whatMustBeOnThe: 'What must be on the pack',
  claimsThatTheLawRestricts: 'Claims that the law restricts',
  claimToTreatCureOr:
    'A claim to treat, cure or prevent makes it a medicine in the eyes of the law, whatever is in it; others must be shown to be true.',
  askYourSupplierOrAssessor: 'Ask your supplier or assessor',
  whatJubbetCantDoFor: 'What Jubbet can’t do for you',
  whyItIsSoldPastThis: 'Why it is sold past this limit',
  whyIsItSoldPast: 'Why is it sold past this limit?',
  fewWordsForExampleWhat:
    'A few words, for example what your assessor has said. They stay with the batch.',
  noneToSellItWith: 'none to sell it with',
  nothingIsInItYet: 'Nothing is in it yet, so there is nothing to label.',
  backToTheBlend: 'Back to the blend',
  yourNameAsPrintedOn: 'Your name, as printed on labels',
  toWriteByHand: 'To write by hand',
  forAPieceOfTape: 'For a piece of tape. Use a pencil, or a pen that oil does not smear.',
  claimsOnThisLabelThat: (words: string): string =>
    `▲ Claims on this label that the law restricts: ${words}.`,
  namesOnTheLabel: 'Names on the label',
  whatIsItCalled: 'What is it called?',
  whoMadeItLeftEmpty: 'Who made it? Left empty, no name is printed',
  widthOfTheLabel: 'Width of the label',
  heightOfTheLabel: 'Height of the label',
  firstFreeLabelOfThe: 'First free label of the sheet',
  soldInABoxWith: 'Sold in a box with the ingredients on it',
  iHaveRecordsThatShow: 'I have records that show it is safe',
  stillMissingCopyTheirIngredients: (unnamed: string): string =>
    `■ Still missing: ${unnamed}. Copy their ingredients from the bottle onto its page on the shelf.`,
  compareTheseNamesWithYour: '▲ Compare these names with your supplier’s papers:',
  nothingIsInIt: 'Nothing is in it yet',
  makeTheBatchFirst: 'Make the batch first.',
  nothingToSellYet: 'Nothing to sell yet',
  stillMissing: (what: string): string => `▲ Still missing on this label: ${what}.`,
  byCarefulReading: (note: string | undefined): string =>
    `▲ by a careful reading${note === undefined ? '' : `: ${note}`}`,
  allergensNamed: (threshold: string): string =>
    `Listed if the oils could bring it above ${threshold}.`,
  chemistryNotKnown: (names: string): string =>
    `The chemistry of ${names} is not known well enough, so its allergens are missing here, and the label says so.`,
} as const;
