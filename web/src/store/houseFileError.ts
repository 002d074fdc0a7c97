import type { HouseFileProblem } from '@jubbet/core/words';

/** A zip that cannot be read as a house file. */
export class HouseFileError extends Error {
  constructor(readonly problem: HouseFileProblem) {
    super(problem.code);
  }
}
