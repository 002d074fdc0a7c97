import { containerFacts, fillMl, type Container, type Looks } from '@jubbet/core/catalog';
import type { Mixture } from '@jubbet/core/mixture';
import { formatMl } from '@jubbet/core/words';
import { beaker } from '../../parts/container/beaker';
import { drawingOf, Standing } from '../../parts/container/Standing';
import type { Layer } from '../../parts/layers';
import { nonBreaking } from '../../parts/nonBreaking';

/** What is in the bottle by now, of one material. */
export interface FilledIn {
  readonly id: string;
  readonly name: string;
  readonly looks: Looks;
  readonly ml: number;
  /** Null where it is not counted. */
  readonly drops: number | null;
}

/** An oil of one drop is drawn so high, and no oil higher unless it is, as a share of the fill. */
const leastShare = 0.035;
const mostShare = 0.09;
/** However many oils there are, all of them are drawn below the line to which it is filled. */
const mostOfAll = 0.6;

/** Drops are small in any bottle: they are drawn larger than they are, and that is stated. */
const drawnMl = ({ ml, drops }: FilledIn, fill: number): number =>
  drops === null ? ml : Math.max(ml, fill * Math.min(mostShare, leastShare + 0.008 * (drops - 1)));

/** A drop with its tip at a point, so high. */
const dropPath = (x: number, y: number, high: number): string =>
  `M ${x} ${y} C ${x + high * 0.1} ${y + high * 0.3} ${x + high * 0.38} ${y + high * 0.45} ${x + high * 0.38} ${y + high * 0.65} a ${high * 0.38} ${high * 0.36} 0 1 1 ${-high * 0.76} 0 C ${x - high * 0.38} ${y + high * 0.45} ${x - high * 0.1} ${y + high * 0.3} ${x} ${y} z`;

/**
 * The bottle on the bench, or the beaker: what is in it so far, the oils with their names and
 * counts, and the line to which it will be filled.
 */
export const BenchGlass = ({
  container,
  oils,
  poured,
  whole,
  falling,
}: {
  /** Null where all is mixed in one. */
  container: Container | null;
  oils: readonly FilledIn[];
  /** What of the bases is in it by now, in ml. */
  poured: number;
  /** What it will be when all is in. */
  whole: Mixture;
  /** The oil that is counted now, and how many drops have fallen: each new one is seen to fall. */
  falling: { readonly colour: string; readonly count: number } | null;
}) => {
  const fill = container ? Math.min(whole.fillMl, fillMl(container)) : whole.fillMl;
  const drawing = container ? drawingOf(container) : beaker(whole.fillMl);
  const { width, height, cavity, perMl } = drawing;
  const layers: Layer[] = [];
  const shown = oils.filter(({ ml }) => ml > 0);
  const asDrawn = shown.reduce((total, filledIn) => total + drawnMl(filledIn, fill), 0);
  const fit = Math.min(1, (mostOfAll * fill) / Math.max(asDrawn, 1e-9));
  let fromMl = 0;
  for (const filledIn of shown) {
    // Once the carrier is in, the glass is to scale again.
    const ml = poured > 0 ? filledIn.ml : fit * drawnMl(filledIn, fill);
    layers.push({ id: filledIn.id, ml, fromMl, ...filledIn.looks });
    fromMl += ml;
  }
  if (poured > 0) {
    layers.push({ id: 'bases', ml: poured, fromMl, colour: 'var(--carrier)', family: null });
  }
  const yOf = (ml: number): number => cavity.top + cavity.height - ml * perMl;
  const isOpen = container === null || !containerFacts(container.kind).runs;
  const text = (container ? 0.12 : 0.08) * width;
  const now = oils.reduce((total, { ml }) => total + ml, poured);
  const bottom = falling ? yOf(fromMl) : 0;
  return (
    <figure className="flex min-h-0 flex-1 flex-col items-center gap-3">
      <svg
        aria-hidden
        className="min-h-0 w-full flex-1"
        viewBox={`${-width * 0.06} ${-height * 0.16} ${width * 1.12} ${height * 1.17}`}
      >
        {/* Open while it is filled: what closes it is beside. */}
        <Standing
          drawing={{ ...drawing, before: isOpen ? drawing.before : drawing.bare }}
          layers={layers}
        />
        <path
          d={`M 0 ${yOf(fill)} h ${width}`}
          stroke="var(--ink)"
          strokeWidth={0.5}
          strokeDasharray="2 1.4"
        />
        <text
          x={width / 2}
          y={yOf(fill) - text * 0.5}
          textAnchor="middle"
          fontSize={text}
          fill="var(--ink)"
        >
          {container ? formatMl(fill, 3) : `${formatMl(fill, 3)} when all is in`}
        </text>
        {poured === 0 && container && (
          <text
            x={width / 2}
            y={yOf(fill) + text * 1.3}
            textAnchor="middle"
            fontSize={text}
            fill="var(--soft)"
          >
            fill to here
          </text>
        )}
        {falling && falling.count > 0 && (
          <path
            key={falling.count}
            className="falling"
            style={{ '--fall': `${bottom + height * 0.08}px` } as React.CSSProperties}
            d={dropPath(width / 2, -height * 0.14, height * 0.05)}
            fill={falling.colour}
          />
        )}
      </svg>
      <figcaption className="grid gap-1 text-center text-lg">
        <span>
          {nonBreaking(`${formatMl(now)} of ${formatMl(fill, 3)} in it`)}
          {poured === 0 && now > 0 && <span className="text-soft">, drawn larger</span>}
        </span>
        <span className="flex flex-wrap justify-center gap-x-3 text-base text-soft">
          {shown.map(({ id, name, looks, drops, ml }) => (
            <span key={id} className="inline-flex items-center gap-1.5 whitespace-nowrap">
              <span
                aria-hidden
                className="size-3 rounded-full forced-color-adjust-none"
                style={{ background: looks.colour }}
              />
              {name} {drops ?? formatMl(ml)}
            </span>
          ))}
        </span>
      </figcaption>
    </figure>
  );
};
