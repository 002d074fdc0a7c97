import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { readLine, writeLine } from './line';

const mass = (value: number, stable: boolean | null, resolution: number) => ({
  kind: 'reading',
  value: expect.closeTo(value, 9) as number,
  quantity: 'mass',
  stable,
  resolution: expect.closeTo(resolution, 9) as number,
});

describe('a line of a scale', () => {
  test('is read with its word for rest, its sign and its unit', () => {
    expect(readLine('ST,+00012.34 g')).toEqual(mass(12.34, true, 0.01));
    expect(readLine('US,-0.5 g')).toEqual(mass(-0.5, false, 0.1));
    expect(readLine('S 12.3 g')).toEqual(mass(12.3, true, 0.1));
    expect(readLine('  ? 0.4 oz\r')).toEqual(mass(11.33980925, false, 2.8349523125));
    expect(readLine('ST,GS,  1.250 kg')).toEqual(mass(1250, true, 1));
    expect(readLine('12.34g')).toEqual(mass(12.34, null, 0.01));
  });

  test('without a unit may be of anything, and is not taken', () => {
    expect(readLine('12.34')).toEqual({ kind: 'noise' });
  });

  test('says when it is overloaded', () => {
    for (const line of ['OL', '------', 'ST,OL', 'ERR', 'OL,+99999.9 g']) {
      expect(readLine(line)).toEqual({ kind: 'overload' });
    }
  });
});

test('a line of a thermometer is read in °C, in whatever it was told', () => {
  expect(readLine('72.5 °C')).toMatchObject({ value: 72.5, quantity: 'temperature' });
  expect(readLine('ST,+161.6 F')).toMatchObject({ value: expect.closeTo(72, 9) as number });
  expect(readLine('3000 C')).toEqual({ kind: 'noise' });
});

test('torn and doubled lines are noise', () => {
  for (const line of ['ST,+0001', '2.34 gST,+00012.3', '12.3.4 g', '', 'g', '1e9 g', '٣ g']) {
    expect(readLine(line)).toEqual({ kind: 'noise' });
  }
});

test('ten thousand lines of nonsense are read as noise or as a number in bounds, and nothing throws', () => {
  fc.assert(
    fc.property(
      fc.oneof(
        fc.string({ maxLength: 400 }),
        fc.string({ unit: 'binary', maxLength: 60 }),
        fc.stringMatching(/^[A-Z]{0,3},?[-+]?[0-9.]{0,9} ?[a-zA-Z°]{0,3}$/),
      ),
      (line) => {
        const read = readLine(line);
        if (read.kind === 'reading') {
          expect(Number.isFinite(read.value)).toBe(true);
          expect(Math.abs(read.value)).toBeLessThanOrEqual(100_000);
        }
      },
    ),
    { numRuns: 10_000 },
  );
});

test('what the simulated devices write is what is read', () => {
  fc.assert(
    fc.property(
      fc.double({ min: -99_999, max: 99_999, noNaN: true }),
      fc.boolean(),
      (value, stable) => {
        const read = readLine(writeLine(value, 'g', stable, 2));
        expect(read).toMatchObject({ kind: 'reading', quantity: 'mass', stable });
        if (read.kind === 'reading') expect(Math.abs(read.value - value)).toBeLessThan(0.0051);
      },
    ),
  );
});
