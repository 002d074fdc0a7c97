import type { QrCode } from '../../parts/qrCode';
import { CodedError } from '@jubbet/core/words';

/** What is on the picture of a card. */
export interface CardWords {
  readonly name: string;
  readonly about: readonly string[];
  /** What goes in, and how much. */
  readonly rows: readonly (readonly [string, string])[];
  readonly foot: string;
}

const wide = 1200;
const edge = 64;
const rowHigh = 46;
const codeWide = 420;
/** A card has no more lines than this, so that its picture stays one. */
const mostRows = 40;

const fit = (context: CanvasRenderingContext2D, text: string, width: number): string => {
  if (context.measureText(text).width <= width) return text;
  let short = text;
  while (short.length > 1 && context.measureText(`${short} …`).width > width) {
    short = short.slice(0, -1);
  }
  return `${short} …`;
};

/** Draws a card as a PNG: name, what goes in, and the code where there is one. */
export const cardPicture = async (words: CardWords, code: QrCode | null): Promise<Blob> => {
  const rows = words.rows.slice(0, mostRows);
  const top = 190 + words.about.length * 40;
  const high = Math.max(top + rows.length * rowHigh + 120, code ? top + codeWide + 120 : 0);
  const canvas = document.createElement('canvas');
  canvas.width = wide;
  canvas.height = high;
  const context = canvas.getContext('2d');
  if (!context) throw new CodedError('no-picture', {});
  const ink = '#1d2433';
  context.fillStyle = '#ffffff';
  context.fillRect(0, 0, wide, high);
  context.fillStyle = ink;
  context.textBaseline = 'alphabetic';
  context.font = '600 56px "Newsreader Variable", Georgia, serif';
  context.fillText(fit(context, words.name, wide - 2 * edge), edge, 100);
  context.font = '28px "Atkinson Hyperlegible Next Variable", sans-serif';
  for (const [n, line] of words.about.entries()) {
    context.fillText(fit(context, line, wide - 2 * edge), edge, 150 + n * 40);
  }
  const right = code ? wide - edge - codeWide - 40 : wide - edge;
  for (const [n, [name, amount]] of rows.entries()) {
    const y = top + n * rowHigh;
    context.font = '600 28px "Atkinson Hyperlegible Next Variable", sans-serif';
    const taken = context.measureText(amount).width;
    context.fillText(amount, right - taken, y);
    context.font = '28px "Atkinson Hyperlegible Next Variable", sans-serif';
    context.fillText(fit(context, name, right - edge - taken - 30), edge, y);
    context.fillStyle = '#d8d3c5';
    context.fillRect(edge, y + 14, right - edge, 1);
    context.fillStyle = ink;
  }
  if (code) {
    const square = codeWide / code.size;
    context.save();
    context.translate(wide - edge - codeWide, top - 30);
    context.scale(square, square);
    context.fill(new Path2D(code.path));
    context.restore();
  }
  context.font = '22px "Atkinson Hyperlegible Next Variable", sans-serif';
  context.fillText(fit(context, words.foot, wide - 2 * edge), edge, high - 40);
  return new Promise((done, refused) => {
    canvas.toBlob((blob) => {
      if (blob) done(blob);
      else refused(new CodedError('no-picture', {}));
    }, 'image/png');
  });
};
