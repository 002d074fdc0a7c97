/** Sentences of the screen “handbook”. */
export const handbookWords = {
  backToTheHandbook: 'Back to the handbook',
  everyFigureHereWasRecalled:
    'Every figure here was recalled from the literature and compared, not looked up. Whoever has the book can settle it.',
  saveTheChecksAsA: 'Save the checks as a file',
  addChecksFromAFile: 'Add checks from a file',
  notWrittenDownYet: 'not written down yet',
  ifSomethingGoesWrong: 'If something goes wrong',
  writeDownTheNumbersOf:
    'Write down the numbers of where you live, and print this page for the wall.',
  publishedGuidanceNotMedicalAdvice: 'published guidance, not medical advice',
  oilAgePlaceConstituent: 'Oil, age, place, constituent',
  nothingInTheHandbookAbout: (query: string): string => `Nothing in the handbook about “${query}”.`,
  nextToThisChapter: 'Next to this chapter',
} as const;
