import { expect, test } from 'vitest';
import { g } from '../mixture/measures.testing';
import { exactly } from '../quantity';
import { shippedCatalog } from '../catalog';
import { found, judged } from '../limits/judged.testing';
import { finding } from '../limits';
import { findingMessage } from './findings';

test('every finding of every kind has words', () => {
  const everything = shippedCatalog.oils.map(({ id }) => [id, g(0.001)] as const);
  for (const wearer of [
    'anyone' as const,
    {
      ageMonths: 20,
      pregnant: true,
      breastfeeding: true,
      skin: 'sensitive' as const,
      conditions: ['asthma', 'epilepsy', 'xyz'],
      allergies: ['daisy family', 'abc'],
    },
  ]) {
    for (const place of ['face', 'lips', 'hands-or-feet'] as const) {
      const { findings } = judged({
        oils: Object.fromEntries(everything),
        wearer,
        brief: { place },
      });
      for (const finding of findings) {
        expect(findingMessage(shippedCatalog, finding)).toMatch(/^[“A-Z].*\.$/);
        expect(findingMessage(shippedCatalog, finding)).not.toMatch(/undefined|null|NaN/);
      }
    }
  }
});

test('two numbers that differ never read alike', () => {
  const close = finding({
    rule: 'whole-blend',
    verdict: 'over',
    value: exactly(2.0031),
    limit: 2,
    unit: '%',
    by: 'volume',
    source: 'EOS2',
    reason: { code: 'whole-blend', recommended: 2, because: 'age' },
  });
  expect(findingMessage(shippedCatalog, close)).toMatch(/2\.003 %, over its 2 % limit/);
});

test('what is rinsed off, or free words, is said in the sentence', () => {
  const rinsed = found(
    { oils: { 'ylang-ylang': 2 }, brief: { use: 'rinse-off', place: 'wash-off' } },
    'oil-maximum',
  );
  expect(findingMessage(shippedCatalog, rinsed)).toMatch(/rinsed off/i);
  const free = found(
    { oils: { lavender: 1 }, wearer: { conditions: ['a new heart valve'] } },
    'condition',
  );
  expect(findingMessage(shippedCatalog, free)).toContain('a new heart valve');
});
