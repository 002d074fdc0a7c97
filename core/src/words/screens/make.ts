/** Sentences of the screen “make”. */
export const makeWords = {
  alsoCleanAndDryPaper: (containers: string, time: string): string =>
    `Also: ${containers}, clean and dry; paper strips, a cloth, and a label for each. ${time} Patch test before first use.`,
  whyGoPastThisLimit: 'Why go past this limit?',
  fewWordsTheyAreSaved:
    'A few words. They are saved with the batch, and it can’t be made without them.',
  lookingForTheDropsClosest: 'Looking for the drops closest to the target.',
  mishapSomethingElseWentIn: 'Mishap: something else went in, or was spilled',
  helpSomebodyIsHurtOr: 'Help: somebody is hurt, or something burns',
  allStepsOfTheBatch: 'All steps of the batch',
  itMayHaveBeenDeleted: 'It may have been deleted.',
  whereItCanBeDeleted: ', where it can be deleted.',
  inTheBottleNow: 'In the bottle now',
  ifYouStopNow: 'If you stop now',
  ofOilUndilutedNoCarrier: 'of oil, undiluted: no carrier yet',
  withOneMoreDrop: 'With one more drop',
  howManyItFills: 'How many it fills',
  clocksOfThisBatch: 'Clocks of this batch',
  minutesOfAClockOf: 'Minutes of a clock of your own',
  saveToACalendar: 'Save to a calendar',
  whatTheThermometerSays: 'What the thermometer says',
  howWarmTheRoomIs: 'How warm the room is',
  dropsOnTheScale: 'Drops on the scale',
  noBottleOfTheShelf: 'no bottle of the shelf',
  thisEndsTheBatchFor:
    'This ends the batch for good. Its label will say DO NOT USE, and it stays in the log.',
  yesNotToBeUsed: 'Yes, not to be used',
  finishAsNotToBe: 'Finish as not to be used',
  fewWordsTheyAreSavedWith: 'A few words. They are saved with the batch.',
  continueWithThisReason: 'Continue with this reason',
  youCantOverrideThisUndo:
    'You can’t override this. Undo drops that did not fall, choose another way to go on, or end this batch.',
  countByWeightOnThe: (isSimulated: boolean): string =>
    `Count by weight on the ${isSimulated ? 'simulated scale' : 'scale'}`,
  whatWentInAnOil: 'What went in? An oil or a base',
  orInYourOwnWords: 'Or in your own words',
  splashOfCoffee: 'a splash of coffee',
  freeTextIsntCheckedAnd: 'Free text isn’t checked, and the batch will say so.',
  howMuchIfYouKnow: 'How much, if you know',
  nothingIsInItYet: 'Nothing is in it yet, so nothing of it can be spilled.',
  halfOfItOverThe: 'half of it, over the edge',
  aboutHowMuchIfYou: 'About how much, if you know',
  thisIsSavedWithThe:
    'This is saved with the batch. If you can’t tell how much of each oil is left, start again: the strength on the label would be a guess.',
  throwItAwayAndStart: 'Throw it away and start again',
  whatGoesInFirst: 'What goes in first',
  oneBottleAfterTheOther: 'one bottle after the other',
  eachOilIntoAllBottles: 'each oil into all bottles',
  whatIsHeardForEach: 'What is heard for each drop',
  clickForEachDrop: 'a click for each drop',
  itWentIntoA: (larger: string): string => `It went into a ${larger}`,
  orTypeTheAmountAgain: 'Or type the amount again.',
  containerIfNotTared: 'Container, if not tared',
  weightOfTheContainerOn: 'Weight of the container on the scale',
  youCantOverrideThisChange: 'You can’t override this. Change the blend, the place or the person.',
  backToTheBlend: 'Back to the blend',
  accordingToThisDevicesClock: (number: string, startedAt: string): string =>
    `▲ According to this device’s clock, batch ${number} was started in the future, on ${startedAt}. Check the date and time: they go on labels.`,
  batchNotStarted: (reason: string): string =>
    `The batch was not started: ${reason}. Nothing was lost.`,
  pressNotSaved: (reason: string): string =>
    `The last press was not saved (${reason}). The number shown is right; press again.`,
  eachDropCounts: (likely: string, low: string, high: string): string =>
    `Each drop counts as it falls: ${likely}, ${low} to ${high}.`,
  nothingIsWeighed: (scale: string): string => `${scale}: nothing is weighed.`,
} as const;
