import { formatList, someOfWords } from '../numbers';

/** Sentences of the screen “shelf”. */
export const shelfWords = {
  constituentsInTotalIsThis: (contents: number, totalPercent: string): string =>
    `${contents} constituents, ${totalPercent} in total. Is this what the analysis says?`,
  leftOutBecauseTheyHave: (lines: readonly string[]): string =>
    `Left out, because they have no percentage: ${someOfWords(lines)}.`,
  constituentsReplaceTheLibrarysTypical: (count: number, most: readonly string[]): string =>
    `${count} constituents replace the library’s typical composition: ${formatList(
      count > most.length ? [...most, 'others'] : most,
    )}.`,
  removeItAndUseThe: 'Remove it and use the typical composition',
  csvTableOfConstituentsAnd:
    'A CSV table of constituents and percentages. It then replaces the typical composition for this bottle.',
  importABatchAnalysis: 'Import a batch analysis',
  whatIsInIt: 'What is in it',
  whatIsInItType: 'What is in it? Type three letters, then press Enter',
  datePrintedOnIt: 'Date printed on it',
  ingredientsInciAsPrintedOn: 'Ingredients (INCI) as printed on it',
  priceOfTheWholeBottle: 'Price of the whole bottle',
  takeThisOneFirst: 'take this one first',
  dropSizeOfThisBottle: 'Drop size of this bottle',
  whatYouCallIt: 'What you call it',
  blendsThatUseItAlready: 'Blends that use it already keep its measures as they were.',
  backToTheShelf: 'Back to the shelf',
  howLongItKeeps: 'How long it keeps',
  eachBarRuns: 'Each bar runs from opening (or making) to best before, the nearest date first.',
  nothingHereHasADate:
    'Nothing here has a date yet. Note on a bottle when you opened it, or finish a batch.',
  itsDensityIsNotKnown: 'Its density is not known, so a drop cannot be worked out.',
  thatWouldBeADrop: (drop: string, least: string, most: string): string =>
    `That would be ${drop} a drop, but no drop of oil is smaller than ${least} or larger than ${most}. It is ignored: tare the scale and count the drops again.`,
  neverForSkin: (isProhibited: boolean): string =>
    `${isProhibited ? 'It is prohibited in products for skin.' : 'The literature advises against any use on skin.'} You can’t override this.`,
  whatToUseInstead: 'What to use instead',
  nothingReplacesItOnSkin: 'Nothing replaces it on skin. Choose an oil by its smell or purpose.',
  changeWhatIsLeft: 'Change what is left',
  whoHasIt: 'Who has it',
  onTheShelfWith: (isOpen: boolean, amount: string): string =>
    `${isOpen ? 'Opened; on' : 'On'} the shelf with ${amount} in it`,
  itMayHaveBeenOne: 'It may have been one of your own that was deleted.',
  useAFigureOfMy: 'Use a figure of my own',
  mayMeanSeveralThisOne: (name: string, oil: string): string =>
    `“${name}” may mean several: this one is ${oil}`,
  noneOnRecordBeyondIts: 'None on record beyond its strength.',
  typicalContentWithLowAnd: (confidence: string): string =>
    `Typical content with low and high; confidence: ${confidence}.`,
  ofTheSameFamily: 'Of the same family:',
  ofOtherNotesSharingSome: 'Of other notes, sharing some of its smell:',
  workedOutFromTheConstituents:
    'Worked out from the constituents they share. Smell the open bottles together first.',
  nameOnALabelInci: 'Name on a label (INCI)',
  nameThatCosmeticsLabelsUse: 'the name that cosmetics labels use in every language',
  mayBringAnAllergyTo: 'May bring an allergy to',
  anotherInYourOwnWords: 'Another, in your own words',
  thatIsAllItMay: 'That is all it may bring',
  sourceOfItsFigures: 'Source of its figures',
  suppliersSheetAnEdition: 'a supplier’s sheet, an edition',
  leftOnTheFaceAt: 'Left on the face, at most',
  leftOnTheBodyAt: 'Left on the body, at most',
  rinsedOffAtMost: 'Rinsed off, at most',
  onLipsAtMost: 'On lips, at most',
  underTheArmAtMost: 'Under the arm, at most',
  essentialOilInItBy: 'Essential oil in it, by its label',
  iKnowHowMuchOf: 'I know how much of each oil is in it',
  oilInIt: 'An oil in it',
  itsOilsWhereTheyAre: 'Its oils, where they are known',
  itsCarrierWhereItHas: 'Its carrier, where it has one',
  suppliersSheetALabelA: 'a supplier’s sheet, a label, a certificate',
  forAllergiesToItsPlant: 'for allergies to its plant family',
  withItLimitsByAge:
    'With it, limits by age, pregnancy, condition and combined limits are checked. Without it they can’t be.',
  unknownKindOfMaterial: 'Unknown kind of material',
  goBackToTheShelf: 'Go back to the shelf and choose one there.',
  twoBottlesAddBoth: 'Two bottles: add both',
  csvFileFromAnySpreadsheet:
    'A CSV file from any spreadsheet: a line of headings, then a line for each bottle. Needed are “material” and “size”; lot, supplier, left, unit, bought, opened, best before and price are imported if present.',
  lookUpAnOilOr: 'Look up an oil or a carrier',
  lookUpAnyOilCarrier: 'Look up any oil, carrier, butter or wax',
  addYourBottlesWithThe:
    'Add your bottles with the day you opened them. Jubbet then tells you which are past their date, and uses the drop size you measured.',
  containersOfYourOwn: 'Containers of your own',
  measureABottleATin:
    'Measure a bottle, a tin or a locket with water once, and use it for any blend.',
  materialsOfYourOwn: 'Materials of your own',
  nothingRunsOutOfEverything:
    'Nothing runs out: of everything on the shelf there is enough for a month at the usual pace.',
  undated: (names: string): string => `Not open yet, and without a printed date: ${names}.`,
  shelfAsCsv: 'The shelf as CSV',
} as const;
