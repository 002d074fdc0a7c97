import { expect, test } from 'vitest';
import { evaluate } from '../drops';
import { blendOf } from '../drops/blend.testing';
import { stepKey } from './stepKey';
import { stepsOf } from './stepsOf';

test('steps that are alike in each bottle share what is written beside them', () => {
  const blend = { ...blendOf({ oils: { lavender: 2, vetiver: 1 } }), count: 3 };
  const keys = stepsOf(blend, evaluate(blend).mixture).map(stepKey);
  expect([...new Set(keys)]).toEqual([
    'wipe',
    'lay-out',
    'count/lavender',
    'count/vetiver',
    'smell',
    'top-up',
    'close',
    'label',
  ]);
});
