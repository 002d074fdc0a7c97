import { libraryProblems } from '@jubbet/core/catalog';

// Run before every build: a library with a slip in it is not built.

const problems = libraryProblems();
for (const problem of problems) console.error(problem);
process.exitCode = problems.length > 0 ? 1 : 0;
