import { fileOf, shareCodeOf } from '@jubbet/core/exchange';
import { deflateSync } from 'fflate';
import jsQR from 'jsqr';
import { expect, test } from 'vitest';
import { blendOfCode, codeOfBlend } from './blendCode';
import { qrCodeOf, type QrCode } from './qrCode';
import { trial } from './trial.testing';

/** The squares of a code as a camera sees them: four pixels each, with a white border. */
const photographed = ({ size, path }: QrCode): { data: Uint8ClampedArray; width: number } => {
  const zoom = 4;
  const border = 4;
  const width = zoom * (size + 2 * border);
  const data = new Uint8ClampedArray(4 * width * width).fill(255);
  for (const [, x, y] of path.matchAll(/M(\d+) (\d+)h1v1h-1z/g)) {
    for (let down = 0; down < zoom; down += 1) {
      for (let right = 0; right < zoom; right += 1) {
        const column = zoom * (Number(x) + border) + right;
        const row = zoom * (Number(y) + border) + down;
        data.set([0, 0, 0], 4 * (row * width + column));
      }
    }
  }
  return { data, width };
};

const fileOfTrial = (notes = '') => fileOf({ ...trial, notes });

test('what a reader sees in the drawn code is the blend that was shared', () => {
  const code = qrCodeOf(codeOfBlend(fileOfTrial('for Pip: “ask first” – 3 °C')));
  expect(code).not.toBeNull();
  const { data, width } = photographed(code as QrCode);
  const read = jsQR(data, width, width);
  const blend = read && blendOfCode(read.data);
  expect(blend).toMatchObject({
    ok: true,
    recipe: { name: 'Trial', oils: trial.oils, notes: 'for Pip: “ask first” – 3 °C' },
  });
});

test('a blend whose words fill a page has no code that a camera could read', () => {
  // Letters in no order pack badly.
  const long = Array.from({ length: 1500 }, (_, n) => ((n * 7919) % 46_656).toString(36)).join('');
  expect(qrCodeOf(codeOfBlend(fileOfTrial(long.slice(0, 4000))))).toBeNull();
});

test('another code is none of Jubbet’s, a torn one neither', () => {
  expect(blendOfCode('https://example.org/')).toBeNull();
  expect(blendOfCode('')).toBeNull();
  const code = codeOfBlend(fileOfTrial());
  expect(blendOfCode(code.slice(0, -20))?.ok ?? false).toBe(false);
});

test('a code that unpacks to more than any blend is not unpacked to its end', () => {
  const bomb = shareCodeOf(deflateSync(new Uint8Array(5_000_000), { level: 9 }));
  expect(blendOfCode(bomb)).toBeNull();
});
