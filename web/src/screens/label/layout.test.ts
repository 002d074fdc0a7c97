import type { LabelText } from '@jubbet/core/words';
import { papers } from '@jubbet/core/label';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { layOut, onPaper, places } from './layout';

/** A typewriter: every letter is half its size wide. */
const measure = (text: string, _bold: boolean, size: number) => text.length * size * 0.5;

const label: LabelText = {
  doNotUse: false,
  isPlanned: false,
  name: 'Prompt desk',
  what: 'Roll-on, 9.5 ml',
  purpose: 'to stay awake through act three',
  forWhom: 'For Ines',
  directions: 'Roll onto the wrists and neck.',
  oils: ['Petitgrain', 'Cardamom', 'Ylang ylang', 'Vetiver'],
  bases: ['Jojoba oil', 'Camellia seed oil'],
  strength: '3.2 %',
  madeOn: '2026-11-25',
  bestBefore: { date: '2027-11-25', because: null },
  batch: '2026-017',
  maker: 'Dorrit Vane, Wardrobe Lane',
  cautions: ['For Ines only.', 'For the outside of the body. Not near eyes.'],
  signs: [],
  sale: null,
};

const box = { width: 55, height: 45 };
const wordsOf = (laidOut: ReturnType<typeof layOut>) =>
  laidOut.faces.flat().flatMap(({ runs }) => runs.map(({ text }) => text));

test('a usual label fits on one face, and every word is on it', () => {
  const laidOut = layOut(label, box, measure);
  expect(laidOut.left).toEqual([]);
  expect(laidOut.faces).toHaveLength(1);
  const text = wordsOf(laidOut).join(' ');
  for (const word of ['Prompt', 'Ylang', '3.2', '2026-017', 'eyes.']) expect(text).toContain(word);
});

test('what does not fit on one face goes to two, and what does not fit on two says so', () => {
  const wordy = {
    ...label,
    cautions: Array.from({ length: 22 }, (_, n) => `Caution number ${n}, at some length.`),
  };
  const two = layOut(wordy, box, measure);
  expect([two.faces.length, two.left]).toEqual([2, []]);
  const none = layOut(wordy, { width: 20, height: 15 }, measure);
  expect(none.left).toContain('the cautions');
});

test('nothing is cut: every letter is within the label, whatever is written on it', () => {
  fc.assert(
    fc.property(
      fc.string({ maxLength: 200 }),
      fc.array(fc.string({ maxLength: 60 }), { maxLength: 8 }),
      fc.integer({ min: 20, max: 120 }),
      fc.integer({ min: 15, max: 80 }),
      (purpose, cautions, width, height) => {
        const given = { ...label, purpose, cautions };
        const laidOut = layOut(given, { width, height }, measure);
        const letters = (text: string) => text.replace(/ +/g, '').length;
        const face = wordsOf(laidOut).join('');
        // The name is on the back too, where there is one.
        const names = laidOut.faces.length * letters(label.name);
        expect(letters(face)).toBeGreaterThanOrEqual(
          names + letters(purpose) + letters(cautions.join(' ')),
        );
        if (laidOut.left.length > 0) return;
        const mm = 72 / 25.4;
        for (const { runs, y, size } of laidOut.faces.flat()) {
          expect(y).toBeLessThanOrEqual((height - 3) * mm + 1e-6);
          for (const { text, bold, x } of runs) {
            expect(x + measure(text, bold, size)).toBeLessThanOrEqual((width - 3) * mm + 1e-6);
          }
        }
      },
    ),
  );
});

test('as many stand on a sheet as fit, none over its edge or another', () => {
  // A4: (210 - 20 + 3) / 58 = 3 columns, (297 - 20 + 3) / 48 = 5 rows.
  const spots = places(box, papers.A4);
  expect(spots).toHaveLength(15);
  for (const { x, y } of spots) {
    expect(x + box.width).toBeLessThanOrEqual(200);
    expect(y + box.height).toBeLessThanOrEqual(287);
  }
  expect(places({ width: 250, height: 40 }, papers.A4)).toEqual([]);
});

test('labels as long as those of jars find a page, turned where they must be', () => {
  // Long bands of 200 and 255 mm on paper 210 mm wide.
  for (const width of [200, 255]) {
    const { sheet, spots } = onPaper({ width, height: 42 }, papers.A4);
    expect(sheet).toEqual({ width: 297, height: 210 });
    expect(spots.length).toBeGreaterThan(0);
    for (const { x, y } of spots) {
      expect(x + width).toBeLessThanOrEqual(sheet.width);
      expect(y + 42).toBeLessThanOrEqual(sheet.height);
    }
  }
  expect(onPaper(box, papers.A4).sheet).toEqual(papers.A4);
  expect(onPaper({ width: 280, height: 280 }, papers.A4).spots).toEqual([]);
});

test('what must not be used says that on any size, and which it is', () => {
  for (const size of [box, { width: 22, height: 22 }]) {
    const laidOut = layOut({ ...label, doNotUse: true }, size, measure);
    expect(laidOut.left).toEqual([]);
    expect(wordsOf(laidOut).join(' ')).toMatch(
      /^DO NOT USE Prompt desk · .* · Made .* · Batch 2026-017$/,
    );
  }
});

test('signs stand at the right of the name, and the name breaks before it runs into them', () => {
  const long = { ...label, name: 'The long and winding road to the prompt desk and back again' };
  const { faces, signs, points } = layOut({ ...long, signs: ['sun', 'child'] }, box, measure);
  expect(signs.map(({ sign }) => sign)).toEqual(['sun', 'child']);
  const [sun, child] = signs;
  const wide = ((55 - 3) * 72) / 25.4;
  expect((child?.x ?? 0) + (child?.size ?? 0)).toBeLessThanOrEqual(wide);
  expect((sun?.x ?? 0) + (sun?.size ?? 0)).toBeLessThan(child?.x ?? 0);
  const titles = (faces[0] ?? []).filter(({ size }) => size === 1.5 * points);
  expect(titles.length).toBeGreaterThan(1);
  for (const { runs, size } of titles) {
    for (const { text, x, bold } of runs) {
      expect(x + measure(text, bold, size)).toBeLessThanOrEqual(sun?.x ?? 0);
    }
  }
});

test('what must not be used bears no sign beside that', () => {
  expect(layOut({ ...label, doNotUse: true, signs: ['sun'] }, box, measure).signs).toEqual([]);
});

describe('what is sold', () => {
  const sold: LabelText = {
    ...label,
    cautions: ['For the outside of the body.'],
    sale: {
      region: 'eu',
      content: '9.5 ml',
      isSmall: false,
      responsible: 'Dorrit Vane, Wardrobe Lane 4, Marlpit',
      ingredients:
        'Ingredients: Simmondsia Chinensis Seed Oil, Lavandula Angustifolia Oil, Linalool.',
      isBoxed: false,
      storage: 'Keep cool, dark and tightly closed.',
      warnings: [],
      unnamed: [],
      unknown: [],
    },
  };
  const textOf = (laidOut: ReturnType<typeof layOut>, face: number) =>
    (laidOut.faces[face] ?? []).flatMap(({ runs }) => runs.map(({ text }) => text)).join(' ');

  test('bears all that the law wants, on one face where it fits', () => {
    const laidOut = layOut(sold, { width: 99, height: 68 }, measure);
    expect(laidOut.faces).toHaveLength(1);
    for (const words of ['to stay awake', '9.5 ml', '2026-017', 'Marlpit', 'Linalool.', 'cool,']) {
      expect(textOf(laidOut, 0)).toContain(words);
    }
  });

  test('folds: name, content, date, batch and address in front, the list behind', () => {
    const laidOut = layOut(sold, { width: 45, height: 25 }, measure);
    expect(laidOut.faces).toHaveLength(2);
    expect(laidOut.left).toEqual([]);
    expect(textOf(laidOut, 0)).toContain('2026-017');
    expect(textOf(laidOut, 0)).toContain('Marlpit');
    expect(textOf(laidOut, 1)).toContain('Linalool.');
    expect(textOf(laidOut, 0)).not.toContain('Linalool.');
  });

  test('says what there is no room for, and that the list is on the box does away with it', () => {
    const small = { width: 45, height: 25 };
    const ingredients = `Ingredients: ${'Citrus Aurantium Bergamia Peel Oil, '.repeat(20)}Linalool.`;
    const long = { ...sold, sale: sold.sale && { ...sold.sale, ingredients } };
    expect(layOut(long, small, measure).left).toEqual(['the ingredients']);
    const boxed = { ...long, sale: long.sale && { ...long.sale, isBoxed: true } };
    expect(layOut(boxed, small, measure).left).toEqual([]);
  });
});
