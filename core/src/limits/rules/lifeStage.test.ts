import { describe, expect, test } from 'vitest';
import { ml } from '../../mixture/measures.testing';
import type { JudgedCase } from '../judgedCase.testing';
import { found } from '../judged.testing';

describe('pregnancy and breastfeeding', () => {
  test('avoid is blocking, caution is a caution', () => {
    const fennel: JudgedCase = {
      oils: { 'fennel-sweet': ml(0.001) },
      wearer: { breastfeeding: true },
    };
    expect(found(fennel, 'life-stage')).toMatchObject({ verdict: 'over', blocking: true });
    const basil: JudgedCase = {
      oils: { 'basil-linalool': ml(0.001) },
      wearer: { pregnant: true, trimester: 3 },
    };
    expect(found(basil, 'life-stage')).toMatchObject({ verdict: 'caution', blocking: false });
    const notPregnant = { ...fennel, wearer: {}, brief: { asked: ['stage'] } };
    expect(found(notPregnant, 'life-stage').verdict).toBe('within');
  });

  test('what is in an oil counts, and where it goes', () => {
    // Menthol, 15 % and more: avoided near the breast, a caution elsewhere.
    const mint = (place: 'chest-or-back-rub' | 'hands-or-feet'): JudgedCase => ({
      oils: { peppermint: ml(0.001) },
      wearer: { breastfeeding: true },
      brief: { place },
    });
    expect(found(mint('chest-or-back-rub'), 'life-stage').blocking).toBe(true);
    expect(found(mint('hands-or-feet'), 'life-stage').verdict).toBe('caution');
    const eucalyptus = { ...mint('chest-or-back-rub'), oils: { 'eucalyptus-globulus': ml(0.001) } };
    expect(found(eucalyptus, 'life-stage').blocking).toBe(true);
  });

  test('amyris is exempt from what beta-eudesmol says of others', () => {
    const pregnant = { wearer: { pregnant: true, trimester: 3 as const } };
    expect(found({ oils: { amyris: ml(0.001) }, ...pregnant }, 'life-stage').verdict).toBe(
      'within',
    );
  });

  test('trying for a baby counts as the first weeks', () => {
    const trying: JudgedCase = {
      oils: { 'fennel-sweet': ml(0.001) },
      wearer: { conditions: ['trying to conceive'] },
    };
    expect(found(trying, 'life-stage').blocking).toBe(true);
    expect(found(trying, 'whole-blend').limit).toBe(1);
  });

  test('an oil of which it is not known cannot be checked', () => {
    const galangal: JudgedCase = { oils: { galangal: ml(0.001) }, wearer: { pregnant: true } };
    expect(found(galangal, 'life-stage').verdict).toBe('unknown');
  });
});
