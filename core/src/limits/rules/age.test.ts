import { describe, expect, test } from 'vitest';
import { ml } from '../../mixture/measures.testing';
import type { Asked } from '../asked.testing';
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
    const asked = (ageMonths: number): Asked => ({
      oils: { wintergreen: ml(0.001) },
      wearer: { ageMonths },
    });
    expect(found(asked(191), 'age')).toMatchObject({
      verdict: 'over',
      blocking: true,
      subject: 'wintergreen',
    });
    expect(found(asked(192), 'age')).toMatchObject({ verdict: 'within', subject: 'blend' });
  });

  test("cineole near a small child's face is over; on the feet it is to be minded", () => {
    const asked = (place: 'chest-or-back-rub' | 'hands-or-feet'): Asked => ({
      oils: { 'eucalyptus-globulus': ml(0.01) },
      wearer: { ageMonths: months(8) },
      brief: { place },
    });
    expect(found(asked('chest-or-back-rub'), 'age')).toMatchObject({
      verdict: 'over',
      blocking: true,
    });
    expect(found(asked('hands-or-feet'), 'age')).toMatchObject({
      verdict: 'caution',
      blocking: false,
    });
  });
});
