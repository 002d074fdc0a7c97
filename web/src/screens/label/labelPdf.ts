import type { LabelText } from '@jubbet/core/words';
import { papers, type LabelSize, type Paper } from '@jubbet/core/label';
import boldUrl from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff?url';
import regularUrl from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?url';
import fontkit from '@pdf-lib/fontkit';
import { PDFDocument, rgb, type PDFFont, type PDFPage } from 'pdf-lib';
import { layOut, onPaper, type LaidOut, type Line } from './layout';

const mm = 72 / 25.4;
const paddingMm = 1.5;

interface Fonts {
  readonly regular: PDFFont;
  readonly bold: PDFFont;
}

const bytes = async (url: string): Promise<ArrayBuffer> => (await fetch(url)).arrayBuffer();

const drawFace = (
  page: PDFPage,
  lines: readonly Line[],
  corner: { readonly x: number; readonly top: number },
  { regular, bold }: Fonts,
): void => {
  for (const { runs, y, size } of lines) {
    for (const run of runs) {
      page.drawText(run.text, {
        x: corner.x + paddingMm * mm + run.x,
        // The line stands on its foot, a little above where the next begins.
        y: corner.top - paddingMm * mm - y + size * 0.28,
        size,
        font: run.bold ? bold : regular,
      });
    }
  }
};

const drawEdge = (page: PDFPage, x: number, top: number, size: LabelSize): void => {
  page.drawRectangle({
    x,
    y: top - size.height * mm,
    width: size.width * mm,
    height: size.height * mm,
    borderColor: rgb(0.6, 0.6, 0.6),
    borderWidth: 0.25,
    borderDashArray: [2, 2],
  });
};

/** A PDF with its label: vectors, its own fonts, true size. */
export interface LabelPdf {
  readonly data: Uint8Array;
  readonly laidOut: LaidOut;
  readonly pages: number;
}

/**
 * Labels as a PDF at their true size.
 *
 * @param count how many labels; each face of a label counts as one on the sheet
 */
export const labelPdf = async (
  label: LabelText,
  size: LabelSize,
  paper: Paper,
  count: number,
): Promise<LabelPdf> => {
  const pdf = await PDFDocument.create();
  pdf.registerFontkit(fontkit);
  pdf.setTitle(`${label.name}, label`);
  pdf.setProducer('Jubbet');
  const [regularBytes, boldBytes] = await Promise.all([bytes(regularUrl), bytes(boldUrl)]);
  const fonts: Fonts = {
    regular: await pdf.embedFont(regularBytes, { subset: true }),
    bold: await pdf.embedFont(boldBytes, { subset: true }),
  };
  const laidOut = layOut(label, size, (text, isBold, points) =>
    (isBold ? fonts.bold : fonts.regular).widthOfTextAtSize(text, points),
  );
  const faces = Array.from({ length: count }, () => laidOut.faces).flat();
  const { sheet, spots } =
    paper === 'single' ? { sheet: size, spots: [{ x: 0, y: 0 }] } : onPaper(size, papers[paper]);
  if (spots.length === 0) {
    throw new Error('a label of this size does not fit on the paper; choose one label a page');
  }
  let page: PDFPage | null = null;
  for (const [n, lines] of faces.entries()) {
    const spot = spots[n % spots.length] ?? { x: 0, y: 0 };
    if (n % spots.length === 0 || !page) page = pdf.addPage([sheet.width * mm, sheet.height * mm]);
    const corner = { x: spot.x * mm, top: (sheet.height - spot.y) * mm };
    if (paper !== 'single') drawEdge(page, corner.x, corner.top, size);
    drawFace(page, lines, corner, fonts);
  }
  return { data: await pdf.save(), laidOut, pages: pdf.getPageCount() };
};
