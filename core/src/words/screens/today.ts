/** Sentences of the screen “today”. */
export const todayWords = {
  youCouldMakeNow: 'You could make now',
  saveToACalendar: 'Save to a calendar',
  nothingIsOnTheBench:
    'Nothing is on the bench. Open a blend and press “Make this”: Jubbet counts every drop with you and never loses the count.',
  nothingIsDueNoTest: 'Nothing is due: no test to read, no date that passes soon.',
  patchTestsInProgress: 'Patch tests in progress',
} as const;
