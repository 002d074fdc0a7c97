import { CodedError } from '@jubbet/core/words';
import { labelSheets, papers, spotsOf, type LabelSize } from '@jubbet/core/label';
import boldUrl from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff?url';
import boldMoreUrl from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-700-normal.woff?url';
import regularUrl from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?url';
import regularMoreUrl from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-400-normal.woff?url';
import fontkit from '@cantoo/fontkit';
import { PDFDocument, rgb, type PDFPage } from '@cantoo/pdf-lib';
import { layOut, onPaper, type Line, type Measure, type PlacedSign } from './layout';
import type { LabelToPrint } from './labelToPrint';
import { signPaths, signStroke } from './signs';
import { missingFrom, stretches, type Typeface } from './typefaces';

const mm = 72 / 25.4;
const paddingMm = 1.5;

/** A weight in two files: Latin, and its letters with marks of more languages. */
type Weight = readonly Typeface[];

interface Fonts {
  readonly regular: Weight;
  readonly bold: Weight;
}

const bytes = async (url: string): Promise<ArrayBuffer> => (await fetch(url)).arrayBuffer();

const weightOf = async (drawn: PDFDocument, urls: readonly string[]): Promise<Weight> =>
  Promise.all(
    urls.map(async (url) => {
      const font = await drawn.embedFont(await bytes(url), { subset: true });
      return { font, has: new Set(font.getCharacterSet()) };
    }),
  );

/** Draws one face of a label on a page that is no larger than it. */
const drawFace = (page: PDFPage, lines: readonly Line[], { regular, bold }: Fonts): void => {
  for (const { runs, y, size } of lines) {
    for (const run of runs) {
      let x = paddingMm * mm + run.x;
      for (const { text, font } of stretches(run.text, run.bold ? bold : regular)) {
        page.drawText(text, {
          x,
          // The line is on its foot, a little above where the next begins.
          y: page.getHeight() - paddingMm * mm - y + size * 0.28,
          size,
          font,
        });
        x += font.widthOfTextAtSize(text, size);
      }
    }
  }
};

const drawSigns = (page: PDFPage, signs: readonly PlacedSign[]): void => {
  for (const { sign, x, y, size } of signs) {
    page.drawSvgPath(signPaths[sign], {
      x: paddingMm * mm + x,
      y: page.getHeight() - paddingMm * mm - y,
      scale: size / 24,
      borderColor: rgb(0, 0, 0),
      borderWidth: signStroke,
    });
  }
};

const drawEdge = (page: PDFPage): void => {
  page.drawRectangle({
    width: page.getWidth(),
    height: page.getHeight(),
    borderColor: rgb(0.6, 0.6, 0.6),
    borderWidth: 0.5,
    borderDashArray: [2, 2],
  });
};

/** A PDF with its label: vectors, its own fonts, true size. */
export interface LabelPdf {
  readonly data: Uint8Array;
  /** Type size of the smallest of them, in points. */
  readonly points: number;
  /** True where one of them has a second label for the back. */
  readonly isFolded: boolean;
  /** What even the smallest type does not hold, of any of them. */
  readonly left: readonly string[];
  readonly pages: number;
}

/**
 * Labels as a PDF at their true size.
 *
 * @param labels what is on them, in their order, and how many of each; each face of a label counts
 *   as one on the sheet
 * @param size its size; a sheet that is sold has its own
 * @param paper A4, Letter, single, or the id of a sheet that is sold
 * @param firstSpot on a sheet that is sold, the first label that is not used up yet, from 1
 */
export const labelPdf = async (
  labels: readonly LabelToPrint[],
  requested: LabelSize,
  paper: string,
  firstSpot = 1,
): Promise<LabelPdf> => {
  const sheetOfLabels = labelSheets.find(({ id }) => id === paper);
  const size = sheetOfLabels?.size ?? requested;
  // Each face is drawn once, on a page of its own, and placed as often as it is wanted.
  const drawn = await PDFDocument.create();
  drawn.registerFontkit(fontkit);
  const fonts: Fonts = {
    regular: await weightOf(drawn, [regularUrl, regularMoreUrl]),
    bold: await weightOf(drawn, [boldUrl, boldMoreUrl]),
  };
  const measure: Measure = (text, isBold, points) =>
    stretches(text, isBold ? fonts.bold : fonts.regular).reduce(
      (total, { text: stretch, font }) => total + font.widthOfTextAtSize(stretch, points),
      0,
    );
  const laidOut = labels.map(({ label }) => layOut(label, size, measure));
  const missing = laidOut.map((entry) => missingFrom(entry, fonts.regular)).join('');
  if (missing !== '') throw new CodedError('letters-missing', { letters: missing });
  for (const { faces, signs } of laidOut) {
    for (const [n, lines] of faces.entries()) {
      const page = drawn.addPage([size.width * mm, size.height * mm]);
      if (sheetOfLabels === undefined && paper !== 'single') drawEdge(page);
      drawFace(page, lines, fonts);
      if (n === 0) drawSigns(page, signs);
    }
  }
  const { sheet, spots } = sheetOfLabels
    ? { sheet: papers[sheetOfLabels.paper], spots: spotsOf(sheetOfLabels) }
    : paper === 'single'
      ? { sheet: size, spots: [{ x: 0, y: 0 }] }
      : onPaper(size, papers[paper === 'Letter' ? paper : 'A4']);
  if (spots.length === 0) {
    throw new CodedError('label-too-large', {});
  }
  const pdf = await PDFDocument.create();
  pdf.setTitle(`${[...new Set(labels.map(({ label }) => label.name))].join(', ')}, label`);
  pdf.setProducer('Jubbet');
  const all = await pdf.embedPdf(await drawn.save(), drawn.getPageIndices());
  let taken = 0;
  const placed = laidOut.flatMap(({ faces }, n) => {
    const own = all.slice(taken, taken + faces.length);
    taken += faces.length;
    return Array.from({ length: labels[n]?.count ?? 0 }, () => own).flat();
  });
  let page: PDFPage | null = null;
  const skipped = sheetOfLabels ? Math.min(spots.length, firstSpot) - 1 : 0;
  for (const [m, face] of placed.entries()) {
    const n = m + skipped;
    const spot = spots[n % spots.length] ?? { x: 0, y: 0 };
    if (n % spots.length === 0 || !page) page = pdf.addPage([sheet.width * mm, sheet.height * mm]);
    page.drawPage(face, { x: spot.x * mm, y: (sheet.height - spot.y - size.height) * mm });
  }
  return {
    data: await pdf.save(),
    points: Math.min(...laidOut.map(({ points }) => points)),
    isFolded: laidOut.some((entry) => entry.faces.length > 1),
    left: [...new Set(laidOut.flatMap(({ left }) => left))],
    pages: pdf.getPageCount(),
  };
};
