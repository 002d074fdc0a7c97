import { countedWords, formatNumber } from '../numbers';

/** Sentences of the screen “settings”. */
export const settingsWords = {
  fileIsDamagedItsRecords: (damaged: string): string =>
    `■ The file is damaged. Its ${damaged} records can’t be trusted and are left out. Everything else is whole and can be added, but can’t replace what is here.`,
  whenEverythingIsReplacedKeep: (photographs: string, count: number): string =>
    `When everything is replaced, keep ${photographs} that ${count === 1 ? 'is' : 'are'} here and not in the file`,
  inTheFileCantBe: (count: number): string =>
    `${countedWords(count, 'record')} in the file can’t be read and ${count === 1 ? 'is' : 'are'} left out. Everything else is imported.`,
  addToWhatIsHere: 'Add to what is here',
  allYourDataAreIn: (lastBackedUp: string | null): string =>
    `All your data are in this browser, at this address, and nowhere else. ${
      lastBackedUp === null ? 'They have never been backed up.' : `Last backed up ${lastBackedUp}.`
    }`,
  backupToRestore: 'A backup to restore',
  photographsInTheBackup: 'Photographs in the backup',
  notTickedForBackups: (photographs: string, count: number): string =>
    `${photographs} ${count === 1 ? 'is' : 'are'} not ticked for backups.`,
  backUpWithThem: 'Back up with them',
  savedButOfItCould: (unreadable: string): string =>
    `Saved, but ${unreadable} of it could not be read again:`,
  addTheExampleHouse: 'Add the example house',
  savedAsYouChangeThem: 'saved as you change them',
  madeByAsPrintedOn: 'Made by, as printed on labels',
  yourMoneyAsASign: 'Your money, as a sign or a code',
  howNewBlendsStart: 'How new blends start',
  dropsPerMlIfNot: 'Drops per ml (if not measured)',
  existingBlendsStayAsThey: 'Existing blends stay as they are.',
  spoonsCupsAndFluidOunces: 'Spoons, cups and fluid ounces, wherever you type an amount',
  youCanType2Tsp:
    'You can type 2 tsp, 0.5 fl oz, 15 g or 30 drops; 2 US tsp is always a US teaspoon.',
  turnOffIfYouUse: 'Turn off if you use voice control. The bench keeps Space and Enter.',
  thisBrowserCantWriteInto:
    'This browser can’t write into a folder by itself: back up here, and restore on your other device with “Add to what is here”.',
  twoDevicesChooseAFolder:
    'Two devices: choose a folder that both of them share. Jubbet keeps a backup in it by itself, and each device offers what is newer on the other. Nothing is sent by Jubbet.',
  thisBrowserDoesNotSay:
    'This browser does not say how much room is left, and can’t be asked to keep your data: back them up often.',
  browserMayClearThemWhen: 'The browser may clear them when it runs short.',
  askNotToDelete: 'Ask the browser not to delete them',
  fileHolds: (saved: string, what: string, known: string): string =>
    `, saved ${saved}, has ${what} that are not here, and ${known} that are.`,
  addingDoes: ({ newer, both }: { readonly newer: number; readonly both: number }): string => {
    const others = [
      ...(newer > 0
        ? [
            `, and ${newer} ${newer === 1 ? 'record that is' : 'records that are'} newer in the file`,
          ]
        : []),
      ...(both > 0
        ? [`; of ${countedWords(both, 'record')} changed here and in the file both are kept`]
        : []),
    ];
    return `Add: new records are added${others.join('')}. All else stays as it is.`;
  },
  replacingDoes: (gone: number): string =>
    `Replace: all that is here goes${gone > 0 ? `, ${formatNumber(gone)} of it not in the file` : ''}. There is a way back from both.`,
} as const;
