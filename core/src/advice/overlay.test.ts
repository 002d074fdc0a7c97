import { expect, test } from 'vitest';
import { balmInJars, madeOut, workedOut } from '../drops/worked.testing';
import { overlayOf } from './overlay';

const drops = (lavender: number, cinnamon?: number) =>
  madeOut({
    oils: [
      { id: 'lavender', drops: lavender },
      ...(cinnamon === undefined ? [] : [{ id: 'cinnamon-bark', drops: cinnamon }]),
    ],
  });

test('oils of any version stand there, with nothing where a version has none', () => {
  const { oils } = overlayOf([drops(4), drops(2, 1)]);
  expect(oils.map(({ id, drops: counted }) => [id, counted])).toEqual([
    ['lavender', [4, 2]],
    ['cinnamon-bark', [null, 1]],
  ]);
});

test('the limit that is closest in any version comes first', () => {
  const { limits } = overlayOf([drops(4), drops(2, 1)]);
  // One drop of 0.05 ml in 9.5 ml is 0.53 % by volume, of 0.07 %: past seven times its maximum.
  expect(limits[0]?.limit.subject).toBe('cinnamon-bark');
  expect(limits[0]?.shares[0]).toBeNull();
  expect(limits[0]?.shares[1]).toBeGreaterThan(700);
  const whole = limits.find(({ limit }) => limit.reason.code === 'whole-blend');
  expect(whole?.shares.every((share) => share !== null)).toBe(true);
});

test('a melt has a texture, a liquid none, and what has gaps has nothing', () => {
  const melt = workedOut(balmInJars);
  const { textures, oils } = overlayOf([melt, drops(4), null]);
  expect(textures[0]?.waxPercent.likely).toBeCloseTo(12, 0);
  expect(textures.slice(1)).toEqual([null, null]);
  expect(oils[0]?.ml[2]).toBeNull();
});
