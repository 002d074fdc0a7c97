// @vitest-environment jsdom
import { afterEach, expect, test } from 'vitest';
import { svgFile } from './svgFile';

afterEach(() => document.body.replaceChildren());

const show = (html: string): SVGSVGElement => {
  document.body.innerHTML = html;
  const svg = document.querySelector('svg');
  if (!svg) throw new Error('no drawing');
  return svg;
};

test('a drawing takes the colours of its page with it, and needs none of its classes', () => {
  const svg = show(
    '<style>.oil { fill: rgb(1, 2, 3); stroke-width: 2px }</style>' +
      '<svg viewBox="0 0 9 9"><g style="opacity: 0.5"><path class="oil" d="M0 0h9"/></g></svg>',
  );
  const file = svgFile(svg);
  const read = new DOMParser().parseFromString(file, 'image/svg+xml').documentElement;
  expect(read.getAttribute('viewBox')).toBe('0 0 9 9');
  const path = read.querySelector('path');
  expect(path?.getAttribute('fill')).toBe('rgb(1, 2, 3)');
  expect(path?.getAttribute('stroke-width')).toBe('2px');
  expect(read.querySelector('g')?.getAttribute('opacity')).toBe('0.5');
  expect(file).not.toMatch(/class=|style=/);
  expect(file.match(/xmlns="http:\/\/www\.w3\.org\/2000\/svg"/g)).toHaveLength(1);
});

test('the drawing on the page stays as it was', () => {
  const svg = show('<svg class="small"><circle class="oil" style="fill: red" r="1"/></svg>');
  const before = document.body.innerHTML;
  svgFile(svg);
  expect(document.body.innerHTML).toBe(before);
});
