import { describe, expect, test } from 'vitest';
import { ml } from '../../mixture/measures.testing';
import type { JudgedCase } from '../judgedCase.testing';
import { judged, found, months } from '../judged.testing';

describe('age', () => {
  test('nothing at all under three months', () => {
    expect(judged({ oils: { lavender: 1 }, wearer: { ageMonths: 2 } })).toMatchObject({
      verdict: 'over',
      blocking: true,
    });
    expect(judged({ oils: {}, wearer: { ageMonths: 2 } }).verdict).toBeNull();
  });

  test('an oil kept from under a certain age is hard below it and silent from it on', () => {
    const judgedCase = (ageMonths: number): JudgedCase => ({
      oils: { wintergreen: ml(0.001) },
      wearer: { ageMonths },
    });
    expect(found(judgedCase(191), 'age')).toMatchObject({
      verdict: 'over',
      blocking: true,
      subject: 'wintergreen',
    });
    expect(found(judgedCase(192), 'age')).toMatchObject({ verdict: 'within', subject: 'blend' });
  });

  test("cineole near a small child's face is over; on the feet that is good to know", () => {
    const judgedCase = (place: 'chest-or-back-rub' | 'hands-or-feet'): JudgedCase => ({
      oils: { 'eucalyptus-globulus': ml(0.01) },
      wearer: { ageMonths: months(8) },
      brief: { place },
    });
    expect(found(judgedCase('chest-or-back-rub'), 'age')).toMatchObject({
      verdict: 'over',
      blocking: true,
    });
    expect(found(judgedCase('hands-or-feet'), 'age')).toMatchObject({
      verdict: 'note',
      blocking: false,
    });
  });

  test('under six years hands reach the face', () => {
    const hands: JudgedCase = {
      oils: { 'eucalyptus-globulus': ml(0.01) },
      wearer: { ageMonths: 71 },
      brief: { place: 'hands-or-feet' },
    };
    expect(found(hands, 'age').blocking).toBe(true);
    expect(found({ ...hands, wearer: { ageMonths: 72 } }, 'age').verdict).toBe('note');
  });

  test.each([
    // By what is in them: 1,8-cineole, menthol, methyl salicylate, estragole, anethole.
    ['saro', 20, 'pulse-points'],
    ['cornmint', 60, 'chest-or-back-rub'],
    ['wintergreen', 191, 'body-massage'],
    ['tarragon', 143, 'body-massage'],
    ['anise', 59, 'body-massage'],
  ] as const)('%s is kept from a child of %i months', (id, ageMonths, place) => {
    expect(
      found({ oils: { [id]: ml(0.001) }, wearer: { ageMonths }, brief: { place } }, 'age', id),
    ).toMatchObject({ verdict: 'over', blocking: true });
  });

  test('nothing for lips, no spray near the face under three, no alcohol under two', () => {
    const small = (ageMonths: number, more: Partial<JudgedCase>): JudgedCase => ({
      oils: { lavender: ml(0.001) },
      wearer: { ageMonths },
      ...more,
    });
    const lips = { brief: { place: 'lips' } } as const;
    expect(found(small(35, lips), 'age').reason.code).toBe('age-lips');
    expect(found(small(36, lips), 'age').verdict).toBe('within');
    const spray = { container: 'spray-30' };
    expect(found(small(35, spray), 'age').reason.code).toBe('age-spray');
    expect(found(small(36, spray), 'age').verdict).toBe('within');
    const alcohol = { bases: { ethanol_perfumers: 1 }, brief: { place: 'body-massage' } } as const;
    expect(found(small(23, alcohol), 'age')).toMatchObject({ blocking: true });
    expect(found(small(24, alcohol), 'age').verdict).toBe('within');
  });
});
