/** Sentences of the screen “people”. */
export const peopleWords = {
  nameAndEverythingRecordedAbout: (name: string): string =>
    `The name and everything recorded about ${name} will be removed from here and from every blend, version and batch. What was made stays, for someone of the same age. This can’t be undone.`,
  yourOwnWordsNameIn: (name: string, places: string): string =>
    `Your own words name ${name} in ${places}. There it will say “a person”:`,
  whereTheNameAppears: 'Where the name appears',
  whoCanUseWhat: 'Who can use what',
  eachBottleAsItIs: 'each bottle as it is, drop for drop',
  onceThereArePeopleAnd:
    'Once there are people and blends, this shows at a glance who can use which.',
  recordOnceWhatMattersFor:
    'Record once what matters for someone’s skin, then choose them in any blend. Their age updates by itself, and their blends are checked again.',
  weekOfPregnancyToday: 'Week of pregnancy today',
  suspectedTestItAlone: 'suspected: test it alone',
  theirSkinReactedTo: 'Their skin reacted to',
  theirSkinReactedToAn: 'Their skin reacted to: an oil or a carrier',
  iHaveAskedAboutAll: 'I have asked about all of this; nothing else applies',
  untilThenEachBlendAsks:
    'Until then, each blend asks what matters for its oils, and its label carries the caution.',
  didTheyAgreeToThis: 'Did they agree to this record?',
  yesOnThePhone: 'yes, on the phone',
  whatYouWriteHereStays:
    'What you write here stays on this device. Ask people before you write about them.',
  theyMayHaveBeenDeleted: 'They may have been deleted.',
  printForThem: 'Print this for them',
} as const;
