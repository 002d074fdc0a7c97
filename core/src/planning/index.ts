export { datesToMind, inTurn, runningOut, type Todo, toReview } from './needsDoing';
