import { describe, expect, test } from 'vitest';
import { ml } from '../../mixture/measures.testing';
import type { JudgedCase } from '../judgedCase.testing';
import { found, judged } from '../judged.testing';

describe('conditions', () => {
  test('an oil to avoid with a blood thinner is hard', () => {
    const judgedCase: JudgedCase = {
      oils: { wintergreen: ml(0.001) },
      wearer: { conditions: ['anticoagulants'] },
    };
    expect(found(judgedCase, 'condition')).toMatchObject({ verdict: 'over', blocking: true });
  });

  test('carriers are read too', () => {
    const judgedCase: JudgedCase = {
      oils: {},
      bases: { tamanu: 1 },
      wearer: { conditions: ['anticoagulants'] },
    };
    expect(found(judgedCase, 'condition')).toMatchObject({ verdict: 'caution', subject: 'tamanu' });
  });

  test('sensitive skin counts as a condition', () => {
    const judgedCase: JudgedCase = {
      oils: {},
      bases: { arnica_infused: 1 },
      wearer: { skin: 'sensitive' },
    };
    expect(found(judgedCase, 'condition')).toMatchObject({ verdict: 'over', blocking: true });
  });

  test('asthma minds any smell near the face, not on the feet', () => {
    const judgedCase = (place: 'face' | 'hands-or-feet'): JudgedCase => ({
      oils: { lavender: ml(0.001) },
      wearer: { conditions: ['asthma'] },
      brief: { place },
    });
    expect(found(judgedCase('face'), 'condition')).toMatchObject({
      verdict: 'caution',
      subject: 'asthma',
    });
    expect(found(judgedCase('hands-or-feet'), 'condition').verdict).toBe('within');
  });

  test.each([
    ['Warfarin', 'anticoagulants'],
    ['takes apixaban 5 mg twice daily', 'anticoagulants'],
    ['EPILEPSY', 'epilepsy'],
    ['lamotrigine', 'epilepsy'],
  ])('“%s” counts as %s, and that is said', (typed, condition) => {
    const given: JudgedCase = {
      oils: { wintergreen: ml(0.001), 'rosemary-camphor': ml(0.001) },
      wearer: { conditions: [typed] },
    };
    const { findings, blocking } = judged(given);
    expect(blocking).toBe(true);
    const readAs = findings.find(({ reason }) => reason.code === 'condition-read-as');
    // The id itself, in whatever capitals, needs no saying.
    if (typed.toLowerCase() === condition) expect(readAs).toBeUndefined();
    else expect(readAs?.reason).toMatchObject({ condition });
  });

  test('a medicine that makes skin sensitive to light minds phototoxic oils in the sun', () => {
    const given: JudgedCase = { oils: { lemon: 1 }, wearer: { conditions: ['doxycycline'] } };
    expect(found(given, 'condition', 'lemon')).toMatchObject({ verdict: 'caution' });
    const rinsed = { ...given, brief: { place: 'wash-off', use: 'rinse-off' } } as const;
    expect(found(rinsed, 'condition').verdict).toBe('within');
  });

  test('kidney disease and seizures with fever are read', () => {
    const of = (oil: string, wearer: JudgedCase['wearer']) =>
      found({ oils: { [oil]: ml(0.001) }, ...(wearer ? { wearer } : {}) }, 'condition', oil);
    expect(of('wintergreen', { conditions: ['kidney disease'] }).blocking).toBe(true);
    expect(
      of('eucalyptus-globulus', { ageMonths: 130, conditions: ['febrile seizures'] }).blocking,
    ).toBe(true);
  });

  test('active eczema is told once, by the whole blend; eczema in the past is sensitive skin', () => {
    const active = judged({
      oils: { lavender: 4 },
      brief: { place: 'beard' },
      wearer: { conditions: ['eczema, active'] },
    }).findings;
    expect(active.filter(({ rule }) => rule === 'condition')).toEqual([]);
    // Two drops in a hundred would be 2.1 %; four are past the beard's 2 % as well.
    expect(
      active
        .filter(({ rule, verdict }) => rule === 'whole-blend' && verdict === 'over')
        .map(({ limit }) => limit),
    ).toEqual([0, 2]);
    expect(
      found(
        { oils: { lavender: ml(0.06) }, wearer: { conditions: ['eczema, in the past'] } },
        'whole-blend',
      ),
    ).toMatchObject({ limit: 1, verdict: 'caution' });
  });

  test('free words are not known, by name', () => {
    const finding = found(
      { oils: { lavender: 1 }, wearer: { conditions: ['a new heart valve'] } },
      'condition',
    );
    expect(finding).toMatchObject({ verdict: 'unknown', subject: 'a new heart valve' });
  });
});
