/** Longer than this is no line of a bench device, and is let go. */
const longestLine = 200;

/**
 * Puts lines together out of pieces, as a serial port hands them on: a line ends with a line feed, a
 * carriage return, or both. What is too long for a line is passed over up to its end, so that a
 * device that never ends one fills nothing up.
 *
 * @param onLine called with each line, without its end; empty ones are not told
 * @returns takes the next piece
 */
export const splitLines = (onLine: (line: string) => void): ((piece: string) => void) => {
  let begun = '';
  let isTooLong = false;
  return (piece) => {
    const [first = '', ...others] = piece.split(/[\r\n]/);
    const add = (text: string): void => {
      isTooLong ||= begun.length + text.length > longestLine;
      begun = isTooLong ? '' : begun + text;
    };
    add(first);
    for (const next of others) {
      if (begun.trim() && !isTooLong) onLine(begun);
      begun = '';
      isTooLong = false;
      add(next);
    }
  };
};
