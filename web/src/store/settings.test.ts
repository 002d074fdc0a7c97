import { describe, expect, test } from 'vitest';
import { isSerialKey, settingProblem } from './settingOfFile';

describe('a setting of a file is taken only where it is one', () => {
  test.each([
    ['maker', 'Dorrit'],
    ['singleKeys', false],
    ['spoons', 'us'],
    ['lastExport', null],
    ['lastExport', '2026-11-25T10:00:00.000Z'],
    ['seeded', 'blends'],
    ['serial/WL-2026', 17],
  ])('%s: %o', (key, value) => {
    expect(settingProblem({ key, value })).toBeNull();
  });

  test.each([
    ['lastExport', 'garbage'],
    ['lastExport', '2026-02-31T10:00:00.000Z'],
    ['openedAt', 7],
    ['spoons', 'imaginary'],
    ['singleKeys', 'yes'],
    ['batchPrefix', 'far too long for a prefix'],
    ['constructor', 1],
    ['toString', 1],
    ['unheardOf', true],
    ['serial/2026', -1],
    ['serial/2026', 2 ** 53 - 1],
    ['serial/2026', '17'],
  ])('%s: %o is refused with a reason', (key, value) => {
    expect(settingProblem({ key, value })?.code).toBe('bad-setting');
  });
});

test('serials of batch numbers are told from other settings', () => {
  expect(isSerialKey('serial/WL-2026')).toBe(true);
  expect(isSerialKey('maker')).toBe(false);
});
