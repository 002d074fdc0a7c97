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
export { dropVolume, measuredDrop } from './drop';
export { readDecimal } from './number';
export { exactly, isExact, isLarger, larger, type Range, scale, sum } from './range';
