import { usualContainers, type Container } from '../catalog';

/** A label in mm. */
export interface LabelSize {
  readonly height: number;
  readonly width: number;
}

/** What it is printed on. */
export type Paper = 'A4' | 'Letter' | 'single';

/** Pages in mm; a single label is a page of its own. */
export const papers: Record<Exclude<Paper, 'single'>, LabelSize> = {
  A4: { width: 210, height: 297 },
  Letter: { width: 215.9, height: 279.4 },
};

/** The label size of a usual container, or of the one nearest in volume. */
export const labelSizeOf = ({ id: containerId, kind: of, nominalMl }: Container): LabelSize => {
  const sized = usualContainers.flatMap(({ id, kind, nominalMl: ml, labelMm }) =>
    labelMm ? [{ id, kind, ml, size: labelMm }] : [],
  );
  const near = (list: typeof sized) =>
    [...list].sort((a, b) => Math.abs(a.ml - nominalMl) - Math.abs(b.ml - nominalMl))[0];
  const nearest = near(sized.filter(({ kind }) => kind === of)) ?? near(sized);
  return (
    sized.find(({ id }) => id === containerId)?.size ?? nearest?.size ?? { height: 45, width: 55 }
  );
};

/** A sheet of labels as it is sold: all of one size, in columns and rows, in the middle of it. */
export interface LabelSheet {
  readonly id: string;
  readonly paper: Exclude<Paper, 'single'>;
  /** Of one label. */
  readonly size: LabelSize;
  readonly columns: number;
  readonly rows: number;
  /** Between columns, in mm; rows touch. */
  readonly gap: number;
}

const a4 = (width: number, height: number, columns: number, rows: number): LabelSheet => ({
  id: `a4-${columns * rows}`,
  paper: 'A4',
  size: { width, height },
  columns,
  rows,
  gap: 2.5,
});

const inch = 25.4;

const letter = (
  width: number,
  height: number,
  columns: number,
  rows: number,
  gap: number,
): LabelSheet => ({
  id: `letter-${columns * rows}`,
  paper: 'Letter',
  size: { width: width * inch, height: height * inch },
  columns,
  rows,
  gap: gap * inch,
});

/** Sheets of labels in the sizes that stationers sell, the smallest labels first. */
export const labelSheets: readonly LabelSheet[] = [
  a4(38.1, 21.2, 5, 13),
  a4(45.7, 25.4, 4, 10),
  a4(63.5, 33.9, 3, 8),
  a4(63.5, 38.1, 3, 7),
  a4(99.1, 38.1, 2, 7),
  a4(99.1, 67.7, 2, 4),
  letter(2.625, 1, 3, 10, 0.125),
  letter(4, 1, 2, 10, 0.1875),
  letter(4, 2, 2, 5, 0.1875),
];

/** Where each label of a sheet begins, in mm from the top left, row by row. */
export const spotsOf = ({
  paper,
  size,
  columns,
  rows,
  gap,
}: LabelSheet): readonly { readonly x: number; readonly y: number }[] => {
  const page = papers[paper];
  const left = (page.width - columns * size.width - (columns - 1) * gap) / 2;
  const top = (page.height - rows * size.height) / 2;
  return Array.from({ length: columns * rows }, (_, n) => ({
    x: left + (n % columns) * (size.width + gap),
    y: top + Math.floor(n / columns) * size.height,
  }));
};
