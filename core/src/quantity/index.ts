export { readAge } from './age';
export {
  type AmountProblem,
  asTyped,
  countryNamedIn,
  endsOf,
  readAmount,
  spoonsIn,
} from './amount';
export { isPast } from './compare';
export { amountsIn, type LexedAmount } from './lexer';
export { countWords, numeralAt } from './numeral';
export { overlaps, plainFigures, plainLetters, type Span } from './plainText';
export {
  byName,
  isVisible,
  nameKey,
  nameSchema,
  sameName,
  searchAsTyped,
  searchFor,
  shownName,
} from './name';
export { unique } from './unique';
export { type Day, dayMs, dayOfMoment, daysAfter, daysBetween, monthsAfter } from './day';
export { dropVolume, isPossibleDrop, measuredDrop, possibleDropMl } from './drop';
export { exactly, isExact, isLarger, larger, type Range, scale, sum } from './range';
export { type NumberProblem, type NumberRule, readNumber, type ReadNumber } from './readNumber';
export { celsiusOf, fahrenheitOf } from './temperature';
export { type Measures, spoonCountries, type SpoonCountry, spoonCountryNamed } from './spoons';
