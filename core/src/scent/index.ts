export { nearness, type SmellAim, smallestGain } from './aim';
export { houseStrengths, type NoseNote, notesNeeded } from './nose';
export { drowns, hardlySmelt, type Phase, phaseMinutes, phasesOf } from './phases';
export {
  type Assumption,
  type Band,
  type Scent,
  scentBand,
  scentMinutes,
  scentOf,
  type Worn,
} from './scentOf';
