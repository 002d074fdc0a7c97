export {
  always,
  longestSpan,
  openBefore,
  openFrom,
  weeklyMinutes,
  type WeeklySpan,
} from './calendar';
export { attendedMinutes, type Block, type Calendar, type Capacity, type Job } from './problem';
export { earliestAndLatest, type Effort, type OnTheClock } from './earliestAndLatest';
