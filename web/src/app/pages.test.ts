import { expect, test } from 'vitest';
import { pageAt, pages } from './pages';

const pathAt = (address: string): string | undefined => pageAt(address)?.[0];

test('an address leads to the page of its own name before one of any name', () => {
  expect(pathAt('/people/new')).toBe('people/new');
  expect(pathAt('/people/anna')).toBe('people/:personId');
  expect(pathAt('/shelf/containers/new')).toBe('shelf/containers/new');
  expect(pathAt('/shelf/containers/c1')).toBe('shelf/containers/:containerId');
});

test('the first page has no parts, and a stroke at the end counts for nothing', () => {
  expect(pathAt('/')).toBe('');
  expect(pathAt('/blends/')).toBe('blends');
});

test('an address of no page has none', () => {
  expect(pageAt('/blends/42/nowhere')).toBeNull();
  expect(pageAt('/wardrobe')).toBeNull();
});

test('no two pages have one address', () => {
  const shapes = pages.map(([path]) => path.replaceAll(/:[a-z]+/gi, ':any'));
  expect(new Set(shapes).size).toBe(shapes.length);
});
