export { readAge } from './age';
export {
  type AmountProblem,
  type Measures,
  readAmount,
  type SpoonCountry,
  spoonsIn,
} from './amount';
export { isPast } from './compare';
export { type Day, daysAfter, monthsAfter } from './day';
export { dropVolume, isPossibleDrop, measuredDrop, possibleDropMl } from './drop';
export { exactly, isExact, isLarger, larger, type Range, scale, sum } from './range';
export { type NumberProblem, type NumberRule, readNumber, type ReadNumber } from './readNumber';
