import type { LabelSize } from '@jubbet/core/label';
import type { LabelText } from '@jubbet/core/words';
import { layOut, type Measure } from './layout';
import { signPaths, signStroke } from './signs';

const mm = 72 / 25.4;
const paddingMm = 1.5;
/** Between the front and the back, in points. */
const gap = 8;
const family = 'Atkinson Hyperlegible Next, Atkinson Hyperlegible, sans-serif';

const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (letter) => `&#${letter.charCodeAt(0)};`);

/**
 * A label as SVG at its true size: text, the back beside the front.
 *
 * @param measure width of a text in the typeface of the device
 */
export const labelSvg = (label: LabelText, size: LabelSize, measure: Measure): string => {
  const { faces, signs } = layOut(label, size, measure);
  const wide = size.width * mm;
  const high = size.height * mm;
  const whole = faces.length * wide + (faces.length - 1) * gap;
  const pad = paddingMm * mm;
  const drawn = faces.map((lines, n) => {
    const left = n * (wide + gap);
    const texts = lines.flatMap(({ runs, y, size: points }) =>
      runs.map(
        ({ text, bold, x }) =>
          `<text x="${(left + pad + x).toFixed(2)}" y="${(pad + y - points * 0.28).toFixed(2)}" font-size="${points}"${bold ? ' font-weight="700"' : ''}>${escaped(text)}</text>`,
      ),
    );
    const marks =
      n === 0
        ? signs.map(
            ({ sign, x, y, size: side }) =>
              `<path transform="translate(${(pad + x).toFixed(2)} ${(pad + y).toFixed(2)}) scale(${(side / 24).toFixed(4)})" d="${signPaths[sign]}" fill="none" stroke="black" stroke-width="${signStroke}" stroke-linecap="round"/>`,
          )
        : [];
    const edge = `<rect x="${left.toFixed(2)}" width="${wide.toFixed(2)}" height="${high.toFixed(2)}" fill="white" stroke="#999" stroke-width="0.5" stroke-dasharray="2 2"/>`;
    return [edge, ...texts, ...marks].join('\n');
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${(whole / mm).toFixed(2)}mm" height="${size.height}mm" viewBox="0 0 ${whole.toFixed(2)} ${high.toFixed(2)}" font-family="${family}" fill="black">
<title>${escaped(label.name)}, label</title>
${drawn.join('\n')}
</svg>
`;
};

/** Widths as the browser has them, in the typeface of the application. */
export const measureOnScreen = (): Measure => {
  const context = document.createElement('canvas').getContext('2d');
  return (text, isBold, points) => {
    if (!context) return text.length * points * 0.6;
    context.font = `${isBold ? 700 : 400} ${points}px "Atkinson Hyperlegible Next Variable", sans-serif`;
    return context.measureText(text).width;
  };
};
