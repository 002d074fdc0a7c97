import { expect, test } from 'vitest';
import { pathWithin } from './basePath';

test('an address is told from where the application lies', () => {
  expect(pathWithin('/blends/x', '/')).toBe('/blends/x');
  expect(pathWithin('/jubbet/blends/x', '/jubbet/')).toBe('/blends/x');
  expect(pathWithin('/jubbet/', '/jubbet/')).toBe('/');
  // The router tells addresses without it.
  expect(pathWithin('/blends/x', '/jubbet/')).toBe('/blends/x');
});
