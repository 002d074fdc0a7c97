export { type AnalysisProblem, readAnalysis, type ReadAnalysis } from './analysis';
