import { describe, expect, test } from 'vitest';
import { ml } from '../../mixture/measures.testing';
import type { Asked } from '../asked.testing';
import { found } from '../judged.testing';

describe('conditions', () => {
  test('an oil to avoid with a blood thinner is hard', () => {
    const asked: Asked = {
      oils: { wintergreen: ml(0.001) },
      wearer: { conditions: ['anticoagulants'] },
    };
    expect(found(asked, 'condition')).toMatchObject({ verdict: 'over', blocking: true });
  });

  test('carriers are read too', () => {
    const asked: Asked = {
      oils: {},
      bases: { tamanu: 1 },
      wearer: { conditions: ['anticoagulants'] },
    };
    expect(found(asked, 'condition')).toMatchObject({ verdict: 'caution', subject: 'tamanu' });
  });

  test('sensitive skin counts as a condition', () => {
    const asked: Asked = { oils: {}, bases: { arnica_infused: 1 }, wearer: { skin: 'sensitive' } };
    expect(found(asked, 'condition')).toMatchObject({ verdict: 'over', blocking: true });
  });

  test('asthma minds any smell near the face, not on the feet', () => {
    const asked = (place: 'face' | 'hands-or-feet'): Asked => ({
      oils: { lavender: ml(0.001) },
      wearer: { conditions: ['asthma'] },
      brief: { place },
    });
    expect(found(asked('face'), 'condition')).toMatchObject({
      verdict: 'caution',
      subject: 'asthma',
    });
    expect(found(asked('hands-or-feet'), 'condition').verdict).toBe('within');
  });

  test('free words are not known, by name', () => {
    const finding = found(
      { oils: { lavender: 1 }, wearer: { conditions: ['a new heart valve'] } },
      'condition',
    );
    expect(finding).toMatchObject({ verdict: 'unknown', subject: 'a new heart valve' });
  });
});
