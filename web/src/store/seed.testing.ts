export { seedExample as seedOnce } from './seedExample';
