import type { Container } from '@jubbet/core/catalog';
import { drawingOf, Standing } from './container/Standing';
import type { Layer } from './layers';

/** A container as it is on a shelf: at a scale that others share, without words. */
export const ContainerFigure = ({
  container,
  layers = [],
  pxPerMm,
  closed = false,
  className,
}: {
  container: Container;
  layers?: readonly Layer[];
  pxPerMm: number;
  /** True where it is with its lid on. */
  closed?: boolean;
  className?: string;
}) => {
  const drawing = drawingOf(container, closed);
  const { width, height } = drawing;
  // What reaches over the outline, as the rim of a mould, is not cut off.
  const over = container.kind === 'mould' ? 4 : 0.5;
  return (
    <svg
      aria-hidden
      width={(width + 2 * over) * pxPerMm}
      height={(height + 0.6) * pxPerMm}
      viewBox={`${-over} -0.3 ${width + 2 * over} ${height + 0.6}`}
      className={className}
    >
      <Standing drawing={drawing} layers={layers} />
    </svg>
  );
};
