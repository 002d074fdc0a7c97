import { describe, expect, test } from 'vitest';
import { readBlend } from './readBlend';
import { workOut, emptyDraft, type BlendDraft } from './draft';

const draft = (changes: Partial<BlendDraft>): BlendDraft => ({
  ...emptyDraft(),
  name: 'Trial',
  brief: { ...emptyDraft().brief, wearer: 'anyone', place: 'body-leave-on' },
  oils: [{ id: 'lavender', parts: 1 }],
  bases: [{ id: 'jojoba', parts: 1 }],
  ...changes,
});

const sentenceOf = (given: BlendDraft): string => {
  const worked = workOut(given);
  return worked.state === 'problem' ? worked.problem.message : worked.state;
};

describe('what nobody makes is answered before anything is looked for', () => {
  // 500 g at 99.9999 % would be 500 tonnes of oil, a thousand million drops.
  test('a strength next to all of it, with bases by weight', () => {
    const given = draft({
      by: 'weight',
      target: { percent: 99.9999 },
      bases: [
        { id: 'shea_butter', g: 300 },
        { id: 'jojoba', g: 200 },
      ],
    });
    expect(sentenceOf(given)).toMatch(/^bases: all of it would come to .* litres, and at most 200/);
  });

  test.each([99.999, 99.9, 99])('%s % typed as strength', (percent) => {
    const given = draft({
      by: 'weight',
      target: { percent },
      bases: [
        { id: 'beeswax_yellow', g: 30 },
        { id: 'jojoba', ml: 100 },
      ],
    });
    expect(sentenceOf(given)).toMatch(/^(bases|oils): /);
  });

  test('more drops than anybody counts, over all bottles', () => {
    // 14 drops in each of 1000 bottles.
    const given = draft({ count: 1000, oils: [{ id: 'lavender', drops: 14 }] });
    expect(sentenceOf(given)).toMatch(/^oils: this asks for 14000 drops, and at most 10000/);
    expect(sentenceOf({ ...given, count: 700 })).toBe('done');
  });

  test('a hundred parts of sixty oils in a barrel', () => {
    const oils = ['lavender', 'cypress', 'petitgrain', 'vetiver', 'patchouli', 'lemon-distilled'];
    const given = draft({
      vessel: { kind: 'jar', nominalMl: 20_000, workingFillPercent: 90 },
      target: { percent: 20 },
      oils: oils.map((id) => ({ id, parts: 1 })),
    });
    // 3.6 litres of oil are 72,000 drops.
    expect(sentenceOf(given)).toMatch(/^oils: this asks for 72000 drops/);
  });

  test('what is in the file and not in this house is named, with a way out', () => {
    const file = {
      format: 'jubbet-blend',
      version: 1,
      name: 'Theirs',
      brief: { wearer: 'anyone', place: 'body-leave-on', use: 'leave-on', sun: 'exposed' },
      vessel: { id: 'roll-on-10' },
      oils: [{ id: 'own-night-jasmine', drops: 1 }],
      bases: [{ id: 'jojoba', parts: 1 }],
    };
    const read = readBlend(file);
    expect(read.ok ? '' : read.problem.message).toBe(
      'oils.0.id: is not an oil of this house: “own-night-jasmine”. Add it, or choose another.',
    );
  });
});
