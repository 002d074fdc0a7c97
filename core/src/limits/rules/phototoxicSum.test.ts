import { describe, expect, test } from 'vitest';
import type { JudgedCase } from '../judgedCase.testing';
import { judged, found } from '../judged.testing';

describe('light', () => {
  test('three citruses that fit alone do not fit together', () => {
    const alone = (id: string) =>
      found({ oils: { [id]: 1 }, container: 'roll-on-15' }, 'light-sum').verdict;
    // Bergamot is at 88 % of its limit likely, and past it with a large drop.
    expect([alone('bergamot'), alone('lime'), alone('lemon')]).toEqual([
      'note',
      'within',
      'within',
    ]);
    // 1 drop each in 14.25 ml: 0.351 % over 0.4, 0.7 and 2: 0.88 + 0.50 + 0.18 = 1.55.
    const together = found(
      { oils: { bergamot: 1, lime: 1, lemon: 1 }, container: 'roll-on-15' },
      'light-sum',
    );
    expect(together).toMatchObject({ verdict: 'over', blocking: false });
    expect(together.value?.likely).toBeCloseTo(1.56, 1);
  });

  test('covered skin turns over into caution; rinsed off, light does not count', () => {
    // One drop of bergamot is 1.3 times its limit; on the wrists nothing covers it.
    const given: JudgedCase = { oils: { bergamot: 1 } };
    expect(found(given, 'light-sum').verdict).toBe('over');
    expect(
      found({ ...given, brief: { sun: 'covered', place: 'body-massage' } }, 'light-sum'),
    ).toMatchObject({
      verdict: 'caution',
      blocking: false,
    });
    expect(found({ ...given, brief: { sun: 'covered' } }, 'light-sum').verdict).toBe('over');
    const rinsed = { use: 'rinse-off' } as const;
    expect(found({ ...given, brief: { ...rinsed, place: 'wash-off' } }, 'light-sum').verdict).toBe(
      'within',
    );
    // Nothing rinses wrists and neck, whatever the brief says.
    expect(found({ ...given, brief: rinsed }, 'light-sum').verdict).toBe('over');
    // Covered or not, three drops are past twice the limit.
    expect(
      found(
        { oils: { bergamot: 3 }, brief: { sun: 'covered', place: 'body-massage' } },
        'light-sum',
      ),
    ).toMatchObject({ verdict: 'over', blocking: true });
  });

  test('one oil above twice its light limit is hard', () => {
    // 2 drops of bergamot in 9.5 ml: 1.05 %, 2.6 times 0.4.
    expect(found({ oils: { bergamot: 2 } }, 'light-sum').blocking).toBe(true);
    expect(found({ oils: { bergamot: 1 } }, 'light-sum').blocking).toBe(false);
  });

  test('no maximum rests on light in two rules at once', () => {
    expect(
      judged({ oils: { bergamot: 1 } }).findings.some(
        ({ rule, subject }) => rule === 'oil-maximum' && subject === 'bergamot',
      ),
    ).toBe(false);
  });

  test("St John's wort in the carrier is a caution in the sun", () => {
    expect(
      found({ oils: {}, bases: { st_johns_wort_infused: 1 } }, 'light-sum', 'st_johns_wort_infused')
        .verdict,
    ).toBe('caution');
  });
});
