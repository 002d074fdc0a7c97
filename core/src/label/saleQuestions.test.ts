import { expect, test } from 'vitest';
import { evaluate } from '../drops';
import { blendOf } from '../drops/blend.testing';
import { assessorSheet } from './assessorSheet';
import { saleQuestions } from './saleQuestions';

const asked = (
  oils: Readonly<Record<string, number>>,
  region: 'eu' | 'us' = 'eu',
  use: 'leave-on' | 'rinse-off' = 'leave-on',
) => {
  const blend = blendOf({ oils });
  return saleQuestions(evaluate(blend).mixture, { ...blend.brief, use }, region);
};

test('tea tree that stays on the skin, and oils that oxidise, are asked about in Europe', () => {
  expect(asked({ 'tea-tree': 4 }).map(({ code }) => code)).toContain('tea-tree');
  expect(asked({ 'orange-sweet': 2, lavender: 1 })).toEqual([
    { code: 'peroxides', oils: ['orange-sweet'] },
  ]);
  expect(asked({ lavender: 2 })).toEqual([]);
  expect(asked({ 'tea-tree': 4 }, 'us')).toEqual([]);
});

test('cumin that is rinsed off, and sun goods with phototoxic oils, are asked about', () => {
  const codes = (...args: Parameters<typeof asked>) => asked(...args).map(({ code }) => code);
  expect(codes({ cumin: 1 }, 'eu', 'rinse-off')).toContain('cumin-rinsed');
  expect(codes({ cumin: 1 })).not.toContain('cumin-rinsed');
  expect(asked({ bergamot: 1 })).toContainEqual({ code: 'sun-goods', most: 0.0001 });
  expect(codes({ bergamot: 1 }, 'eu', 'rinse-off')).not.toContain('sun-goods');
});

test('the sheet of an assessor is the formula by weight, in hundred percent', () => {
  const lines = assessorSheet(evaluate(blendOf({ oils: { lavender: 3, lemon: 1 } })).mixture, 'eu');
  expect(lines.map(({ inci }) => inci[0])).toEqual([
    'Simmondsia Chinensis Seed Oil',
    'Lavandula Angustifolia Oil',
    'Citrus Limon Peel Oil',
  ]);
  expect(lines.reduce((total, { percent }) => total + percent, 0)).toBeCloseTo(100, 9);
  expect(lines[0]?.cas).toContain('61789-91-1');
});
