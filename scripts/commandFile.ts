import { readFileSync } from 'node:fs';

/** Leaves with 2, and one sentence. */
export const refuse = (sentence: string): void => {
  process.stderr.write(`${sentence}\n`);
  process.exitCode = 2;
};

/**
 * The text of the one file that a command is given; undefined where it is not given one, or that
 * cannot be opened: which was reported then.
 *
 * @param example how the command is meant: `npm run check -- my-blend.json`
 */
export const fileAsked = (example: string): string | undefined => {
  const [path, ...more] = process.argv.slice(2);
  if (path === undefined || more.length > 0) {
    refuse(`file: name one file, as in: ${example}`);
    return undefined;
  }
  try {
    return readFileSync(path, 'utf8');
  } catch {
    refuse(`file: ${path} cannot be opened.`);
    return undefined;
  }
};
