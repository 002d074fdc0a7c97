/** Sentences of the screen “trail”. */
export const trailWords = {
  deletedFromTheLog: 'deleted from the log',
  lookingThroughTheBatches: 'Looking through the batches.',
  nothingToFollowHere: 'Nothing to follow here',
  openABottleOrA: 'Open a bottle or a batch, and follow it from there.',
  noBatchInTheLog: 'No batch in the log was made from it.',
  ifSomethingMayHarmTell:
    'If something may harm, tell everyone who has it to stop using it, and keep a piece of it and the bottle. Who sells must also follow the rules of their country.',
} as const;
