import { expect, test } from 'vitest';
import { missingFrom, stretches } from './typefaces';

const codes = (letters: string): ReadonlySet<number> =>
  new Set(Array.from(letters, (letter) => letter.codePointAt(0) ?? 0));

const latin = { font: 'latin', has: codes('abcdefghijklmnopqrstuvwxyzé ') };
const more = { font: 'more', has: codes('łőž') };

test('each stretch of a text is in the first typeface that has its letters', () => {
  expect(stretches('małgorzata', [latin, more])).toEqual([
    { text: 'ma', font: 'latin' },
    { text: 'ł', font: 'more' },
    { text: 'gorzata', font: 'latin' },
  ]);
  expect(stretches('zoé', [latin, more])).toEqual([{ text: 'zoé', font: 'latin' }]);
  expect(stretches('', [latin, more])).toEqual([]);
});

test('letters that no typeface has are told, each once', () => {
  const line = (text: string) => ({ runs: [{ text, bold: false, x: 0 }], y: 0, size: 9 });
  expect(missingFrom({ faces: [[line('花 and 花火')], [line('žofie')]] }, [latin, more])).toBe(
    '花火',
  );
  expect(missingFrom({ faces: [[line('małgorzata')]] }, [latin, more])).toBe('');
});
