export { type AnalysisProblem, readAnalysis, type ReadAnalysis } from './analysis';
export {
  type ReadShelf,
  readShelf,
  type ShelfColumn,
  type ShelfLine,
  type ShelfLineProblem,
} from './shelfTable';
