/** Sentences shared by several screens. */
export const partsWords = {
  nothingIsLostExportIt: 'Nothing is lost: export it to keep it as it is.',
  restWentInto: 'The rest went into',
  saveWhatCameOut: 'Save what came out',
  fillLineAtOverThe: (container: string, brimfulMl: string): string =>
    `■ Fill line at ${container}, over the brim at ${brimfulMl}.`,
  putItOnAScale: (fillWhy: string): string =>
    `Put it on a scale, tare, and fill it with water: 1 g is 1 ml. ${fillWhy}`,
  bookSaysOtherwise: '≠ the book says otherwise:',
  iCheckedThisFigure: 'I checked this figure',
  anotherInYourOwnWords: 'Another, in your own words',
  oilOrCarrierOrYour: 'An oil or carrier, or your own words',
  inYourOwnWordsCommon:
    'In your own words, common ones are understood by name, and what they count as is shown. For the rest the verdict says “can’t be checked”.',
  whatYouTypedHereIs: 'What you typed here is not saved yet.',
  typeThreeLettersThenEnter: 'Type three letters, then Enter',
  blendCantBeCheckedUntil: (count: number): string =>
    `The blend can’t be checked until you say what ${count === 1 ? 'this is' : 'these are'}.`,
  itMayHaveBeenDeleted: 'It may have been deleted, or the address may be wrong.',
  whyItIsStopped: 'Why it is stopped',
  untilAnotherTestIsRead: 'Until another test is read clear, the batch can’t be given to them.',
  savedSmallerWithoutPlaceOr:
    'Saved smaller, without place or camera details, in this browser only. Backups include only those you tick.',
  whyAndWhatToUse: 'Why, and what to use instead',
  noneOfTheseCloseThe: 'None of these? Close the list with Esc, and add it as your own.',
  isInItsNameOr: (word: string): string =>
    `“${word}” is in its name or purpose. Is the place right?`,
  yesThePlaceIsRight: 'Yes, the place is right',
  untilThisIsAnsweredThe: 'Until this is answered, the label carries the caution.',
  greenALittleSharp: 'green, a little sharp',
  nothingInItYet: 'Nothing in it yet',
  recordNotSaved: (reason: string): string =>
    `It was not saved: ${reason}. What you typed is still here.`,
  neverOnSkin: (why: string): string => `must never go on skin: ${why}.`,
} as const;
