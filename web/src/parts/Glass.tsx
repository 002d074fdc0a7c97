import { containerFacts, fillMl, type Container } from '@jubbet/core/catalog';
import { formatMl, containerWords } from '@jubbet/core/words';
import type { Mixture } from '@jubbet/core/mixture';
import { drawingOf, Standing } from './container/Standing';
import { layersOf } from './layers';

/** Room for words at the left of a container, of its width; and the least of it, in mm. */
const sideShare = 0.5;
const leastSide = 14;

/** What reaches over the outline at the right: the spout of a pump, the rim of a mould. */
const spoutMm = 4;

const graduation = (nominalMl: number): number =>
  nominalMl <= 5 ? 1 : nominalMl <= 15 ? 5 : nominalMl <= 60 ? 10 : 50;

/** Marks below the fill line, where they do not crowd it. */
const marksOf = ({ kind, nominalMl }: Container, fill: number): readonly number[] => {
  if (!containerFacts(kind).runs) return [];
  const step = graduation(nominalMl);
  return Array.from({ length: Math.floor(nominalMl / step) }, (_, n) => (n + 1) * step).filter(
    (ml) => Math.abs(ml - fill) > step * 0.35 && ml < fill,
  );
};

/**
 * A container to scale: its true outline, fill line and graduations, and what is in it in its true
 * proportion; from above too, where that shows what it is.
 */
export const Glass = ({
  container,
  mixture,
  poured = false,
  spanMm,
}: {
  container: Container;
  mixture: Mixture | null;
  /** True where the mixture is a whole jug, of which this container takes its fill. */
  poured?: boolean;
  /** Width of the widest container drawn beside this one, in mm, so that all are to one scale. */
  spanMm?: number;
}) => {
  const drawing = drawingOf(container);
  const { width, height, cavity, perMl, above } = drawing;
  const fill = fillMl(container);
  const yOf = (ml: number): number => cavity.top + cavity.height - ml * perMl;
  const aside = Math.max(0, (spanMm ?? width) - width) / 2;
  const side = Math.max(leastSide, width * sideShare) + aside;
  const whole = side + width + aside + spoutMm;
  const text = 0.085 * whole;
  const gap = 5;
  return (
    <svg
      role="img"
      aria-label={`A ${containerWords(container)}, filled to ${formatMl(fill, 3)}`}
      viewBox={`${-side} -1.5 ${whole} ${height + 3 + (above ? gap + above.height : 0)}`}
      className={
        containerFacts(container.kind).runs
          ? 'mx-auto block h-full max-h-[430px] w-full max-w-[210px]'
          : 'mx-auto block max-h-[300px] w-full max-w-[210px]'
      }
    >
      <Standing drawing={drawing} layers={layersOf(mixture, poured ? fill : null)} />
      {above && <g transform={`translate(0 ${height + gap})`}>{above.node}</g>}
      <g fontSize={text} fill="var(--soft)" textAnchor="end">
        {marksOf(container, fill).map((ml) => (
          <g key={ml}>
            <path d={`M 0 ${yOf(ml)} h ${width * 0.14}`} stroke="var(--soft)" strokeWidth={0.4} />
            <text x={-1.2} y={yOf(ml) + text * 0.35}>
              {ml} ml
            </text>
          </g>
        ))}
        <path
          d={`M -1 ${yOf(fill)} h ${width + 2}`}
          stroke="var(--ink)"
          strokeWidth={0.4}
          strokeDasharray="1.2 0.8"
        />
        <text x={-1.8} y={yOf(fill) + text * 0.35} fill="var(--ink)" fontWeight={600}>
          {formatMl(fill, 3)}
        </text>
      </g>
    </svg>
  );
};
