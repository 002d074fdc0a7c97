import { expect, test } from 'vitest';
import { evaluate } from '../dose/evaluate';
import { blendOf, ml } from '../testing';
import { handLabel, labelOf } from './label';

const facts = { batch: '2026-017', madeOn: '2026-11-25', maker: 'Dorrit Vane, Wardrobe Lane' };
const labelFor = (asked: Parameters<typeof blendOf>[0]) => {
  const blend = blendOf(asked);
  return labelOf(blend, evaluate(blend), facts);
};

test('says what it is, for whom, which oils, how strong, when, by whom', () => {
  expect(labelFor({ oils: { lavender: 6, vetiver: 0 }, wearer: { name: 'Ines' } })).toMatchObject({
    what: 'Roll-on, 9.5 ml',
    forWhom: 'For Ines',
    where: 'wrists and neck',
    oils: ['Lavender'],
    bases: ['Jojoba oil'],
    strength: '3.2 %',
    bestBefore: { date: '2027-11-25' },
    ...facts,
  });
});

test('light-sensitising oils carry the hours out of sun, unless rinsed off', () => {
  const sun = /out of sun for 24 hours/;
  expect(labelFor({ oils: { lemon: 1 } }).cautions.join(' ')).toMatch(sun);
  expect(
    labelFor({ oils: { lemon: 1 }, brief: { use: 'rinse-off' } }).cautions.join(' '),
  ).not.toMatch(sun);
  expect(labelFor({ oils: { 'lemon-distilled': 1 } }).cautions.join(' ')).not.toMatch(sun);
});

test('for anyone, it tells who must not have it, gathered by kind', () => {
  const { cautions, forWhom } = labelFor({
    wearer: 'anyone',
    oils: {
      wintergreen: ml(0.001),
      'eucalyptus-globulus': ml(0.001),
      'chamomile-roman': ml(0.001),
    },
    bases: { sweet_almond: 1 },
  });
  expect(forWhom).toBe('For anyone');
  expect(cautions).toContain('Not when pregnant or nursing.');
  expect(cautions).toContain('Not for children under 16 years.');
  expect(cautions.join(' ')).toMatch(/Ask first with: .*anticoagulants/);
  expect(cautions.join(' ')).toMatch(/Mind an allergy to: .*tree nut/);
});

test('for one wearer it says that it is not for others', () => {
  expect(labelFor({ oils: { lavender: 2 }, wearer: { name: 'Ines' } }).cautions).toContain(
    'Made for Ines: not for others.',
  );
});

test('every label carries what holds for every blend', () => {
  expect(labelFor({ oils: {} }).cautions.at(-1)).toBe(
    'For the outside of the body. Not near eyes. Out of reach of children. Stop if skin complains.',
  );
});

test('the short form fits four lines of handwriting', () => {
  expect(handLabel(labelFor({ oils: { lavender: 6 }, wearer: 'anyone' }))).toEqual([
    'Test, 3.2 %',
    'Lavender',
    'For anyone. 2026-017',
    'Made 25 Nov 2026, best before 25 Nov 2027',
  ]);
});
