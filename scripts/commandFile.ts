import { readFileSync } from 'node:fs';

/** Leaves with 2, and one sentence. */
export const refuse = (sentence: string): void => {
  process.stderr.write(`${sentence}\n`);
  process.exitCode = 2;
};

/** The text of a file in UTF-8 or UTF-16, as its byte-order mark says; without the mark. */
const textOf = (bytes: Uint8Array): string => {
  const [first, second] = bytes;
  const encoding =
    first === 0xff && second === 0xfe
      ? 'utf-16le'
      : first === 0xfe && second === 0xff
        ? 'utf-16be'
        : 'utf-8';
  return new TextDecoder(encoding).decode(bytes);
};

/**
 * Runs a command; whatever goes wrong in it is one sentence, and leaves with 2.
 */
export const command = (work: () => void): void => {
  try {
    work();
  } catch {
    refuse('file: it is too deep or too large to be read.');
  }
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
    return textOf(readFileSync(path));
  } catch {
    refuse(`file: ${path} cannot be opened.`);
    return undefined;
  }
};
