/** Sentences around every page: clocks, versions, what stands in the way. */
export const appWords = {
  clockWasNotTurnedOff: 'The clock was not turned off, and nothing was lost. Press Done again.',
  singleKeyShortcutsCanBe: 'Single-key shortcuts can be turned off in Settings.',
  jubbetHasMovedTo: 'Jubbet has moved to',
  browserKeepsDataByAddress: '. A browser keeps data by address, so your blends are still here:',
  backUpEverythingInSettings: 'back up everything in Settings',
  thenRestoreThatFileAt: ', then restore that file at the new address.',
  newVersionOfJubbetIs: 'A new version of Jubbet is here. Your data stay as they are.',
  deleteTheseDataAndStart: 'Delete these data and start afresh',
  closeAllOtherTabsWith: 'Close all other tabs with Jubbet. This one continues by itself.',
  loadThePageAgain: 'Load the page again',
  couldNotBeDone: (reason: string): string =>
    `That could not be done: ${reason}. Nothing was changed.`,
} as const;
