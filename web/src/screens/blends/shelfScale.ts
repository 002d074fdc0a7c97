import type { Container } from '@jubbet/core/catalog';
import type { Filling } from '@jubbet/core/mixture';
import { sizeOf } from '../../parts/container/size';

/** One scale for the whole book, in px to the mm. */
const pxPerMm = 1.5;

/** So wide is a place on the shelf at the least, in px. */
const placePx = 165;

/** As tall as a shelf has room for, in mm; what is taller or wider is drawn smaller. */
const tallestMm = 186;

/** So many containers of a kind are drawn; the words beside say how many there are. */
const drawn = 3;

/** Shallow ones are stacked. */
export const isStacked = ({ kind }: Container): boolean => kind === 'tin' || kind === 'pill box';

/** The scale at which a container is on the shelf. */
export const scaleOf = (container: Container): number =>
  Math.min(
    pxPerMm,
    (pxPerMm * tallestMm) / sizeOf(container).height,
    placePx / sizeOf(container).width,
  );

/** How many of a line are drawn: no more than fit, and at least one. */
export const shownOf = (container: Container, count: number, lines: number): number => {
  if (isStacked(container)) return Math.min(count, 2);
  const fit = Math.floor(placePx / lines / (scaleOf(container) * sizeOf(container).width + 4));
  return Math.max(1, Math.min(count, lines > 1 ? 2 : drawn, fit));
};

/** How high what is there reaches, in px: known before it is drawn. */
export const shelfHeight = (fillings: readonly Filling[]): number =>
  Math.max(
    ...fillings.slice(0, 2).map(
      ({ container, count }) =>
        scaleOf(container) *
        sizeOf(container).height *
        // A stack is in steps of a tin with its lid on; a locket has its ring.
        (isStacked(container)
          ? 1.12 * shownOf(container, count, fillings.length)
          : container.kind === 'locket'
            ? (1.3 * sizeOf(container).width) / sizeOf(container).height
            : 1.01),
    ),
  );
