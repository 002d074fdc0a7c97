import {
  labelFaces,
  type LabelParagraph,
  type LabelRun,
  type LabelSign,
  type LabelText,
} from '@jubbet/core/words';
import type { LabelSize } from '@jubbet/core/label';

/** One line of a label: runs from the left, at a height from the top, in points. */
export interface Line {
  readonly runs: readonly { readonly text: string; readonly bold: boolean; readonly x: number }[];
  readonly y: number;
  readonly size: number;
}

/** One label, laid out: a front, and a back where not all fits on the front. */
export interface LaidOut {
  readonly faces: readonly (readonly Line[])[];
  /** On the first face. */
  readonly signs: readonly PlacedSign[];
  /** Type size of the text, in points. */
  readonly points: number;
  /** What even the smallest type on two faces does not hold; empty where all of it fits. */
  readonly left: readonly string[];
}

/** Width of a text in points, in a weight and a size. */
export type Measure = (text: string, bold: boolean, size: number) => number;

/** Type sizes that are tried, largest first. Smaller than the last no one reads. */
const sizes = [9, 8.5, 8, 7.5, 7, 6.5, 6, 5.5, 5];
const pointsPerMm = 72 / 25.4;
const paddingMm = 1.5;
const leading = 1.22;

interface Paragraph {
  readonly about: string;
  readonly runs: readonly LabelRun[];
  /** Times the text size. */
  readonly scale: number;
  /** Left free at its right, in times the text size: signs are there. */
  readonly free?: number;
}

/** A sign on the front of a label, from its top left corner, in points. */
export interface PlacedSign {
  readonly sign: LabelSign;
  readonly x: number;
  readonly y: number;
  /** As wide as it is high. */
  readonly size: number;
}

/** How large a sign is, and how far from the next, in times the text size. */
const signScale = 1.85;
const signGap = 0.3;

/** In times the text size. */
const scales: Record<LabelParagraph['size'], number> = { title: 1.5, lead: 1.1, text: 1 };

const setAs =
  ({ signs, doNotUse }: LabelText) =>
  ({ about, runs, size }: LabelParagraph): Paragraph => ({
    about,
    runs,
    scale: doNotUse && size === 'title' ? 2 : scales[size],
    ...(size === 'title' && { free: signs.length * (signScale + signGap) }),
  });

const signsOn = (label: LabelText, width: number, points: number): PlacedSign[] => {
  if (label.doNotUse) return [];
  const step = points * (signScale + signGap);
  return label.signs.map((sign, n) => ({
    sign,
    x: width - (label.signs.length - n) * step + points * signGap,
    y: 0,
    size: points * signScale,
  }));
};

interface Word {
  readonly text: string;
  readonly bold: boolean;
  /** A space comes before it. */
  readonly spaced: boolean;
}

const wordsOf = (runs: readonly LabelRun[]): Word[] =>
  runs.flatMap((run) => {
    const parts = run.text.split(/( +)/);
    const words: Word[] = [];
    let spaced = false;
    for (const part of parts) {
      if (part === '') continue;
      if (/^ +$/.test(part)) spaced = true;
      else {
        words.push({ text: part, bold: run.bold, spaced });
        spaced = false;
      }
    }
    // A space at the end of a run comes before what follows.
    if (spaced) words.push({ text: '', bold: run.bold, spaced: true });
    return words;
  });

/** A word that is wider than the label is broken, so that it is never cut. */
const broken = (word: Word, width: number, measure: Measure, size: number): Word[] => {
  if (measure(word.text, word.bold, size) <= width) return [word];
  const pieces: Word[] = [];
  let rest = word.text;
  while (rest !== '') {
    let length = rest.length;
    while (length > 1 && measure(rest.slice(0, length), word.bold, size) > width) length -= 1;
    pieces.push({
      text: rest.slice(0, length),
      bold: word.bold,
      spaced: word.spaced && pieces.length === 0,
    });
    rest = rest.slice(length);
  }
  return pieces;
};

const wrap = (
  { runs, scale, free = 0 }: Paragraph,
  wide: number,
  points: number,
  measure: Measure,
): Omit<Line, 'y'>[] => {
  const size = points * scale;
  const width = wide - free * points;
  const lines: Omit<Line, 'y'>[] = [];
  let line: { text: string; bold: boolean; x: number }[] = [];
  let x = 0;
  let space = false;
  for (const word of wordsOf(runs).flatMap((entry) => broken(entry, width, measure, size))) {
    space ||= word.spaced;
    if (word.text === '') continue;
    const gap = space && x > 0 ? measure(' ', word.bold, size) : 0;
    const long = measure(word.text, word.bold, size);
    if (x > 0 && x + gap + long > width) {
      lines.push({ runs: line, size });
      line = [];
      x = 0;
    } else x += gap;
    line.push({ text: word.text, bold: word.bold, x });
    x += long;
    space = false;
  }
  return line.length > 0 ? [...lines, { runs: line, size }] : lines;
};

/** Paragraphs under each other, the last at the foot; null where they are too tall. */
const face = (
  paragraphs: readonly Paragraph[],
  box: { readonly width: number; readonly height: number },
  points: number,
  measure: Measure,
): Line[] | null => {
  const blocks = paragraphs.map((paragraph) => wrap(paragraph, box.width, points, measure));
  const tall = (lines: readonly Omit<Line, 'y'>[]) =>
    lines.reduce((total, { size }) => total + size * leading, 0);
  const text = blocks.reduce((total, lines) => total + tall(lines), 0);
  const least = 0.25 * points * (blocks.length - 1);
  if (text + least > box.height) return null;
  const gap =
    blocks.length > 1 ? Math.min(0.9 * points, (box.height - text) / (blocks.length - 1)) : 0;
  let y = 0;
  return blocks.flatMap((lines, n) => {
    if (n > 0) y += gap;
    return lines.map((line) => {
      y += line.size * leading;
      return { ...line, y };
    });
  });
};

const smallest = sizes[sizes.length - 1] ?? 5;

/** The paragraphs that are below the edge in the smallest type. */
const leftOut = (
  paragraphs: readonly Paragraph[],
  box: { readonly width: number; readonly height: number },
  measure: Measure,
): readonly string[] =>
  paragraphs.flatMap(({ about }, n) =>
    face(paragraphs.slice(0, n + 1), box, smallest, measure) === null ? [about] : [],
  );

/**
 * Lays a label out at its true size: the largest type in which all of it fits on one
 * face; else what may go to the back goes to a second face. Nothing is ever cut.
 */
export const layOut = (label: LabelText, size: LabelSize, measure: Measure): LaidOut => {
  const box = {
    width: (size.width - 2 * paddingMm) * pointsPerMm,
    height: (size.height - 2 * paddingMm) * pointsPerMm,
  };
  const faces = labelFaces(label);
  const set = setAs(label);
  const entry = [[...faces.front, ...faces.back, ...faces.foot].map(set)];
  const two = [[...faces.front, ...faces.foot].map(set), [faces.again, ...faces.back].map(set)];
  for (const split of faces.back.length > 0 ? [entry, two] : [entry]) {
    for (const points of sizes) {
      const lines = split.map((paragraphs) => face(paragraphs, box, points, measure));
      if (lines.every((each) => each !== null)) {
        return { faces: lines, signs: signsOn(label, box.width, points), points, left: [] };
      }
    }
  }
  const endless = { ...box, height: Infinity };
  const split = faces.back.length > 0 ? two : entry;
  return {
    faces: split.map((paragraphs) => face(paragraphs, endless, smallest, measure) ?? []),
    signs: signsOn(label, box.width, smallest),
    points: smallest,
    left: split.flatMap((paragraphs) => leftOut(paragraphs, box, measure)),
  };
};

/** How many labels of a size are on a page, and where. */
export const places = (
  size: LabelSize,
  page: { readonly width: number; readonly height: number },
  marginMm = 10,
  gapMm = 3,
): readonly { readonly x: number; readonly y: number }[] => {
  const count = (space: number, each: number) =>
    Math.max(0, Math.floor((space - 2 * marginMm + gapMm) / (each + gapMm)));
  const columns = count(page.width, size.width);
  const rows = count(page.height, size.height);
  return Array.from({ length: rows * columns }, (_, n) => ({
    x: marginMm + (n % columns) * (size.width + gapMm),
    y: marginMm + Math.floor(n / columns) * (size.height + gapMm),
  }));
};

type Spots = ReturnType<typeof places>;

/** Room at the edge of a page that any printer leaves, in mm. */
const narrowMarginMm = 5;

/**
 * A page for labels of a size: upright where they fit, else turned, as for the long bands of
 * jars; with a narrow margin where only that holds one. Without a spot where no page does.
 */
export const onPaper = (
  size: LabelSize,
  page: LabelSize,
): { readonly sheet: LabelSize; readonly spots: Spots } => {
  const turned = { width: page.height, height: page.width };
  const tried = [undefined, narrowMarginMm].flatMap((margin) =>
    [page, turned].map((sheet) => ({ sheet, spots: places(size, sheet, margin) })),
  );
  return tried.find(({ spots }) => spots.length > 0) ?? { sheet: page, spots: [] };
};
