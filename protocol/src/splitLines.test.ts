import fc from 'fast-check';
import { expect, test } from 'vitest';
import { splitLines } from './splitLines';

const linesOf = (pieces: readonly string[]): string[] => {
  const lines: string[] = [];
  const take = splitLines((line) => lines.push(line));
  pieces.forEach(take);
  return lines;
};

test('a line ends with a line feed, a carriage return, or both, and comes in any pieces', () => {
  expect(linesOf(['S 1.2 g\r\nS 1', '.3 g\rS 1.4 g\n', 'S 1.5'])).toEqual([
    'S 1.2 g',
    'S 1.3 g',
    'S 1.4 g',
  ]);
});

test('what never ends is let go, and the line after it is read', () => {
  expect(linesOf([...Array<string>(5000).fill('0123456789'), '\nS 1.2 g\n'])).toEqual(['S 1.2 g']);
});

test('however lines are cut into pieces, the same lines come out', () => {
  fc.assert(
    fc.property(
      fc.array(fc.stringMatching(/^[A-Z0-9., ]{1,40}$/), { maxLength: 20 }),
      fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 1, maxLength: 20 }),
      (lines, cuts) => {
        const text = lines.map((line) => `${line}\r\n`).join('');
        const pieces: string[] = [];
        for (let at = 0, n = 0; at < text.length; n += 1) {
          const length = cuts[n % cuts.length] ?? 1;
          pieces.push(text.slice(at, at + length));
          at += length;
        }
        expect(linesOf(pieces)).toEqual(lines.filter((line) => line.trim()));
      },
    ),
  );
});
