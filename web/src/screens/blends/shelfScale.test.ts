import { usualContainers } from '@jubbet/core/catalog';
import { expect, test } from 'vitest';
import { sizeOf } from '../../parts/container/size';
import { isStacked, scaleOf, shelfHeight, shownOf } from './shelfScale';

const all = usualContainers;
const small = all.filter((entry) => sizeOf(entry).height <= 186 && sizeOf(entry).width <= 110);

test('what is of a usual size stands at one scale, so that sizes can be compared', () => {
  expect(small.length).toBeGreaterThan(10);
  expect(new Set(small.map(scaleOf))).toEqual(new Set([1.5]));
});

test('every container of the library finds its place, however many there are of it', () => {
  for (const container of all) {
    const px = scaleOf(container);
    expect(px * sizeOf(container).width, container.id).toBeLessThanOrEqual(165.001);
    expect(px * sizeOf(container).height, container.id).toBeLessThanOrEqual(1.5 * 186.001);
    for (const count of [1, 2, 12, 500]) {
      const shown = shownOf(container, count, 1);
      expect(shown).toBeGreaterThanOrEqual(1);
      expect(shown).toBeLessThanOrEqual(Math.min(count, 3));
    }
  }
});

test('a stack is higher than one, and two lines are as high as the higher of them', () => {
  const tin = all.find(isStacked)!;
  const tall = [...small].sort((a, b) => sizeOf(b).height - sizeOf(a).height)[0]!;
  expect(shelfHeight([{ container: tin, count: 2 }])).toBeGreaterThan(
    1.5 * shelfHeight([{ container: tin, count: 1 }]),
  );
  const both = shelfHeight([
    { container: tin, count: 1 },
    { container: tall, count: 1 },
  ]);
  expect(both).toBe(
    Math.max(
      shelfHeight([{ container: tin, count: 1 }]),
      shelfHeight([{ container: tall, count: 1 }]),
    ),
  );
});
