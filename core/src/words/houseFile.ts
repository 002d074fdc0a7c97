import { fieldName, type FormProblem, formProblemWords } from './fileProblems';

/** Why a backup could not be read, as facts. */
export type HouseFileProblem =
  /** `found` is what it looks like instead, where that can be reported. */
  | { readonly code: 'not-a-backup'; readonly found: 'blend' | 'picture' | null }
  | {
      readonly code: 'other-version';
      readonly version: unknown;
      readonly oldest: number;
      readonly newest: number;
    }
  | { readonly code: 'form'; readonly file: string; readonly form: FormProblem }
  | { readonly code: 'damaged' | 'cut-off' | 'too-many-records' | 'too-large' }
  | {
      readonly code: 'not-json' | 'not-text' | 'line-too-long' | 'file-twice' | 'file-missing';
      readonly file: string;
    };

/** Why one record of a backup is left out, as facts. */
export type RecordProblem =
  | { readonly code: 'form'; readonly form: FormProblem }
  | { readonly code: 'twice' | 'batch-finished' | 'batch-missing' }
  /** Something of this id is in it, of which neither the library nor the backup knows anything. */
  | { readonly code: 'unknown-material'; readonly id: string }
  | { readonly code: 'bad-setting'; readonly why: 'serial' | 'unknown' | 'value' };

const formWords = (form: FormProblem): string =>
  `${fieldName(form.path)} ${formProblemWords(form)}`;

const notABackup = {
  blend: 'This is one blend, not a backup. Import it from the page of your blends.',
  picture: 'This is a picture, not a backup. Choose the file that “Back up everything” saved.',
  other: 'This is not a Jubbet backup. Choose the file that “Back up everything” saved.',
};

/** Why a backup could not be read, and what to do, in sentences. */
export const houseFileProblemWords = (problem: HouseFileProblem): string => {
  switch (problem.code) {
    case 'not-a-backup':
      return notABackup[problem.found ?? 'other'];
    case 'other-version': {
      const { version, oldest, newest } = problem;
      const read = oldest === newest ? `version ${newest}` : `versions ${oldest} to ${newest}`;
      return `This backup is of version ${JSON.stringify(version)}; this Jubbet reads ${read}.`;
    }
    case 'form':
      return `${problem.file}: ${formWords(problem.form)}.`;
    case 'damaged':
      return 'The file is damaged or cut off.';
    case 'cut-off':
      return 'The file is cut off.';
    case 'too-many-records':
      return 'It holds more records than any backup does.';
    case 'too-large':
      return 'It is larger than any backup.';
    case 'not-json':
      return `In the backup, ${problem.file} is not JSON, or it is cut off.`;
    case 'not-text':
      return `In the backup, ${problem.file} is not text.`;
    case 'line-too-long':
      return `In the backup, a line of ${problem.file} is longer than any record.`;
    case 'file-twice':
      return `${problem.file} is in the backup twice.`;
    case 'file-missing':
      return `${problem.file} is missing from the backup.`;
  }
};

const settingWords = {
  serial: 'is not a serial number',
  unknown: 'is not a setting that this Jubbet knows',
  value: 'has a value that it can’t have',
} as const;

/** Why a record of a backup is left out, as a clause without a full stop. */
export const recordProblemWords = (problem: RecordProblem): string => {
  switch (problem.code) {
    case 'form':
      return formWords(problem.form);
    case 'twice':
      return 'is in the file twice';
    case 'batch-finished':
      return 'its batch is finished';
    case 'batch-missing':
      return 'its batch is not in the file';
    case 'unknown-material':
      return `it contains “${problem.id}”, which is not known here`;
    case 'bad-setting':
      return settingWords[problem.why];
  }
};

/** Before what a restore point was made. */
export type RestorePointBefore = 'import' | 'removing-example' | 'clearing' | 'restoring';

/** Before what a restore point was made, in words that follow its date. */
export const restorePointWords = (before: RestorePointBefore): string =>
  ({
    import: 'before a file was imported',
    'removing-example': 'before the example house was removed',
    clearing: 'before everything was removed',
    restoring: 'before going back',
  })[before];
