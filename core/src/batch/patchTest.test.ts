import { describe, expect, test } from 'vitest';
import {
  clearanceFor,
  patchTestSchema,
  standingOf,
  type PatchTest,
  type ReadAt,
  type SkinSign,
} from './patchTest';

const start = Date.parse('2026-11-01T09:00:00.000Z');
const after = (hours: number): number => start + hours * 3_600_000;

const read = (hours: ReadAt | 0, skin: SkinSign, afterHours: number = hours) => ({
  hours,
  skin,
  at: new Date(after(afterHours)).toISOString(),
  words: '',
});

const testOf = (part: Partial<PatchTest> = {}): PatchTest => ({
  of: { kind: 'batch', batchId: 'b-1', number: '2026-001', name: 'Encore' },
  personId: 'ines',
  personName: 'Ines',
  startedAt: new Date(start).toISOString(),
  readings: [],
  stopped: null,
  ...part,
});

describe('a patch test', () => {
  test('waits, is due after a day, and after two', () => {
    expect([1, 21, 22, 30, 46, 90].map((hours) => standingOf(testOf(), after(hours)))).toEqual([
      'waiting',
      'waiting',
      'due-24',
      'due-24',
      'due-48',
      'due-48',
    ]);
    const once = testOf({ readings: [read(24, 'clear')] });
    expect([30, 46].map((hours) => standingOf(once, after(hours)))).toEqual(['waiting', 'due-48']);
  });

  test('is clear only after two days', () => {
    expect(standingOf(testOf({ readings: [read(48, 'clear')] }), after(48))).toBe('clear');
    expect(standingOf(testOf({ readings: [read(24, 'clear')] }), after(24))).toBe('waiting');
  });

  test('a reaction stays one, even where the skin is clear again, or it was washed off', () => {
    const faded = testOf({ readings: [read(24, 'red'), read(48, 'clear')] });
    expect(standingOf(faded, after(48))).toBe('reacted');
    const washed = testOf({
      readings: [read(0, 'blisters', 5)],
      stopped: { at: new Date(after(5)).toISOString(), why: 'it burned' },
    });
    expect(standingOf(washed, after(5))).toBe('reacted');
  });

  test('a little pink says nothing', () => {
    expect(standingOf(testOf({ readings: [read(48, 'pink')] }), after(48))).toBe('doubtful');
  });
});

describe('a batch is given', () => {
  const ines = { personId: 'ines', name: 'Ines' };
  const clearance = (
    tests: readonly PatchTest[],
    who = ines as { personId: string | null; name: string },
  ) => clearanceFor(tests, 'b-1', who, after(100));
  const clear = testOf({ readings: [read(48, 'clear')] });

  test('freely while no test of it was begun on them', () => {
    expect(clearance([])).toBe('no-test');
    expect(clearance([testOf()], { personId: 'teo', name: 'Teo' })).toBe('no-test');
    const other = testOf({ of: { kind: 'material', materialId: 'lavender', name: 'Lavender' } });
    expect(clearance([other])).toBe('no-test');
  });

  test('not while it is not read, stopped or doubtful, and not after a reaction', () => {
    expect(clearance([testOf()])).toBe('not-read');
    expect(clearance([testOf({ stopped: { at: '', why: 'forgot' } })])).toBe('again');
    expect(clearance([testOf({ readings: [read(48, 'pink')] })])).toBe('again');
    expect(clearance([testOf({ readings: [read(48, 'raised')] }), clear])).toBe('reacted');
    expect(clearance([clear])).toBe('clear');
  });

  test('by the last test that was begun', () => {
    const later = testOf({ startedAt: new Date(after(60)).toISOString() });
    expect(clearance([later, clear])).toBe('not-read');
  });

  test('not past it by a typed name, in other letters, or for somebody outside the house', () => {
    expect(clearance([testOf()], { personId: null, name: ' INES ' })).toBe('not-read');
    const outside = testOf({ personId: null, personName: 'Ines' });
    expect(clearance([outside])).toBe('not-read');
  });
});

test('a test out of a file is on somebody, and is given up for a reason', () => {
  expect(patchTestSchema.safeParse({ ...testOf(), personName: '  ' }).success).toBe(false);
  expect(
    patchTestSchema.safeParse(testOf({ stopped: { at: '2026-11-01T09:00:00.000Z', why: ' ' } }))
      .success,
  ).toBe(false);
  expect(patchTestSchema.safeParse(testOf()).success).toBe(true);
});
