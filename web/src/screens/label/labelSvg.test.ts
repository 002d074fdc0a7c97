import type { LabelText } from '@jubbet/core/words';
import { expect, test } from 'vitest';
import { labelSvg } from './labelSvg';

const label: LabelText = {
  doNotUse: false,
  isPlanned: false,
  name: 'Cut & <run>',
  what: 'Roll-on, 9.5 ml',
  purpose: '',
  forWhom: 'For anyone',
  directions: 'Roll onto the wrists.',
  oils: ['Vetiver'],
  bases: ['Jojoba oil'],
  strength: '2 %',
  madeOn: '2026-11-25',
  bestBefore: { date: '2027-11-25', because: null },
  batch: '2026-017',
  maker: '',
  cautions: Array.from({ length: 8 }, (_, n) => `Caution number ${n}, at some length.`),
  signs: ['sun'],
  sale: null,
};
const measure = (text: string, _bold: boolean, size: number) => text.length * size * 0.5;

test('a label as SVG has its size in mm, all its words, and its sign', () => {
  const svg = labelSvg(label, { width: 55, height: 45 }, measure);
  expect(svg).toMatch(/^<svg [^>]*width="55\.00mm" height="45mm"/);
  expect(svg).toContain('2026-017');
  expect(svg.match(/<path /g)).toHaveLength(1);
});

test('words of the maker are words in it, and never markup', () => {
  const svg = labelSvg(label, { width: 99, height: 68 }, measure);
  expect(svg).not.toContain('<run>');
  expect(svg).toContain('&#60;run&#62;');
});

test('a second face stands beside the first', () => {
  const svg = labelSvg(label, { width: 40, height: 20 }, measure);
  expect(svg.match(/<rect /g)).toHaveLength(2);
});
