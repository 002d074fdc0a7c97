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
