import { expect, test } from 'vitest';
import { skinSigns } from '../batch';
import { skinWords, testAdvice, testedWords } from './patchTests';

test('what is tested is told by its name', () => {
  const batch = { kind: 'batch', batchId: 'b', number: '2026-003', name: 'Encore' } as const;
  expect(testedWords({ of: batch })).toBe('Encore, batch 2026-003');
  expect(testedWords({ of: { ...batch, name: '' } })).toBe('Batch 2026-003');
  expect(testedWords({ of: { kind: 'material', materialId: 'lavender', name: 'Lavender' } })).toBe(
    'Lavender alone',
  );
});

test('a reaction to a blend leads to its materials, one to a material ends there', () => {
  const batch = { kind: 'batch', batchId: 'b', number: '2026-003', name: 'Encore' } as const;
  expect(testAdvice({ of: batch }, 'reacted')).toContain('one by one');
  const alone = { kind: 'material', materialId: 'lavender', name: 'Lavender' } as const;
  expect(testAdvice({ of: alone }, 'reacted')).toContain('an allergy of theirs');
});

test('no two signs of skin have the same words', () => {
  expect(new Set(skinSigns.map(skinWords)).size).toBe(skinSigns.length);
});
