import type { PDFFont } from '@cantoo/pdf-lib';
import type { LaidOut } from './layout';

/** A file of a typeface, and the code points that it has. */
export interface Typeface<Font = PDFFont> {
  readonly font: Font;
  readonly has: ReadonlySet<number>;
}

const hasLetter = ({ has }: Pick<Typeface<unknown>, 'has'>, letter: string): boolean =>
  has.has(letter.codePointAt(0) ?? 0);

/** A text in stretches, each in the first of the typefaces that has its letters. */
export const stretches = <Font>(
  text: string,
  weight: readonly Typeface<Font>[],
): readonly { readonly text: string; readonly font: Font }[] => {
  const found: { text: string; font: Font }[] = [];
  for (const letter of text) {
    const { font } = weight.find((face) => hasLetter(face, letter)) ?? weight[0] ?? {};
    if (font === undefined) continue;
    const last = found[found.length - 1];
    if (last?.font === font) last.text += letter;
    else found.push({ text: letter, font });
  }
  return found;
};

/** Letters of a label that no typeface of a weight has, each once; empty where all are there. */
export const missingFrom = (
  { faces }: Pick<LaidOut, 'faces'>,
  weight: readonly Pick<Typeface<unknown>, 'has'>[],
): string =>
  [
    ...new Set(
      faces
        .flat()
        .flatMap(({ runs }) =>
          runs.flatMap(({ text }) =>
            Array.from(text).filter((letter) => !weight.some((face) => hasLetter(face, letter))),
          ),
        ),
    ),
  ].join('');
