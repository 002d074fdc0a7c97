import { expect, test } from 'vitest';
import { claimsIn } from './claims';

const words = (text: string) => claimsIn(text).map((claim) => claim.words);

test.each([
  ['Relieves muscle pain', 'Relieves muscle pain'],
  ['Antibacterial hand balm', 'Antibacterial'],
  ['a balm that heals', 'heals'],
  ['For eczema and dry skin', 'eczema'],
  ['cures insomnia', 'insomnia'],
  ['Kills head lice', 'head lice'],
  ['therapeutic grade', 'therapeutic grade'],
  ['An eco-friendly balm', 'eco-friendly'],
])('“%s” is pointed at', (text, claim) => {
  expect(words(text)).toContain(claim);
});

test.each([
  'A treat for tired feet',
  'Healthy glow',
  'Rich balm for dry skin',
  'Painter’s hands',
  '',
])('“%s” is left alone', (text) => {
  expect(words(text)).toEqual([]);
});

test('a plain alternative stands beside it, where there is one', () => {
  expect(claimsIn('relieves pain')[0]?.instead).toBe('for a warming rub after exercise');
  expect(claimsIn('kills head lice')[0]?.instead).toBeNull();
});

test('one stretch of words is told once', () => {
  expect(words('heals scars')).toEqual(['heals scars']);
});

test('what promises the environment something is no medicine, and needs proof', () => {
  expect(claimsIn('climate neutral, cures colds').map(({ about }) => about)).toEqual([
    'health',
    'environment',
  ]);
});
