export { calendarOf, type CalendarEntry } from './calendar';
export { type BlendFile, blendFileSchema } from './blendFile';
export { blendFile1Schema } from './blendFile1';
export { blendFile2Schema, blendFile3Schema } from './blendFile2';
export { checkId, longestChecksFile, readChecks, writeChecks } from './checksFile';
export { checkBlend } from './checkBlend';
export { firstFormProblem } from './formProblem';
export { readBlend, readBlendText, recipeOf } from './readBlend';
export { fileOf, writeBlend } from './writeBlend';
export { type ReadingReport, readingReport } from './readReport';
export {
  blendHowTo,
  blendMarkdown,
  blendOfRows,
  type BlendOut,
  formulaRows,
  readAnyBlend,
} from './forms';
export { bytesOfShareCode, codeStart, shareCodeOf } from './shareCode';
