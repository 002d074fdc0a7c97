import { fillMl, findContainer, type Container } from '@jubbet/core/catalog';
import { formatMl, containerWords } from '@jubbet/core/words';
import type { Mixture } from '@jubbet/core/mixture';
import type { ReactNode } from 'react';
import { layersOf, type Layer } from './layers';

/** What holds the melt, in mm: inside width at the rim and at the foot, and inside height. */
interface Cavity {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly foot: number;
  readonly height: number;
}

interface Drawing {
  readonly width: number;
  readonly height: number;
  readonly cavity: Cavity;
  /** Seen from the side: lid, foot, walls. */
  readonly side: ReactNode;
  /** Seen from above, where that says something. */
  readonly above: ReactNode;
}

const line = { fill: 'none', stroke: 'var(--press)', strokeWidth: 0.6 } as const;
const ghost = { fill: 'var(--soft)', opacity: 0.35 } as const;

const sizeOf = (container: Container) => {
  const usual = container.id ? findContainer(container.id) : undefined;
  // A cavity of its own measure is drawn as wide as it is deep and a third more.
  const cube = 10 * Math.cbrt(container.brimfulMl ?? container.nominalMl);
  return {
    width: usual?.outerDiameterMm ?? 1.2 * cube,
    height: usual?.heightMm ?? 0.75 * cube,
  };
};

/** How wide it is drawn, in mm. */
export const openWidthMm = (container: Container): number => sizeOf(container).width;

/** Tin or pill box: shallow, with a lid that slips over, and round from above. */
const shallow = (container: Container, hinge: boolean): Drawing => {
  const { width, height } = sizeOf(container);
  const lid = height * 0.35;
  const gap = height * 0.3;
  const body = {
    left: 1,
    top: lid + gap + 1,
    width: width - 2,
    foot: width - 2,
    height: height - 2,
  };
  const middle = width / 2;
  const top = lid + gap + height + 6;
  return {
    width,
    height: top + width,
    cavity: body,
    side: (
      <>
        <rect x={0} y={0} width={width} height={lid} rx={1} {...ghost} />
        <rect x={0.4} y={lid + gap} width={width - 0.8} height={height} rx={1} {...line} />
        {hinge && <circle cx={width} cy={lid + gap} r={1.2} {...ghost} />}
      </>
    ),
    above: (
      <>
        <circle cx={middle} cy={top + middle} r={middle - 1.6} fill="var(--carrier)" />
        <circle cx={middle} cy={top + middle} r={middle - 0.4} {...line} />
      </>
    ),
  };
};

const jar = (container: Container): Drawing => {
  const { width, height } = sizeOf(container);
  const lid = height * 0.26;
  return {
    width,
    height,
    cavity: { left: 2, top: lid, width: width - 4, foot: width - 4, height: height - lid - 2.5 },
    side: (
      <>
        <rect x={0.5} y={0} width={width - 1} height={lid * 0.8} rx={1.5} {...ghost} />
        <path
          d={`M 2 ${lid} H ${width - 2} q 2 0 2 3 V ${height - 4} q 0 4 -4 4 H 4 q -4 0 -4 -4 V ${lid + 3} q 0 -3 2 -3 z`}
          {...line}
        />
      </>
    ),
    above: null,
  };
};

const stick = (container: Container): Drawing => {
  const { width, height } = sizeOf(container);
  const inside = width - 4;
  const brimful = container.brimfulMl ?? container.nominalMl * 1.1;
  const depth = Math.min(height * 0.75, (1000 * brimful) / (Math.PI * (inside / 2) ** 2));
  const foot = height * 0.16;
  const top = height - foot - depth;
  return {
    width,
    height,
    cavity: { left: 2, top, width: inside, foot: inside, height: depth },
    side: (
      <>
        <path
          d={`M 0.4 ${top} V 1.5 q 0 -1.5 1.5 -1.5 h ${width - 3.8} q 1.5 0 1.5 1.5 V ${top}`}
          {...line}
          opacity={0.35}
        />
        <rect x={1.2} y={top} width={width - 2.4} height={depth} {...line} />
        <rect x={0} y={height - foot} width={width} height={foot} rx={1} {...ghost} />
      </>
    ),
    above: null,
  };
};

/** Seen from above: a locket on its chain. */
const locket = (container: Container): Drawing => {
  const { width, height } = sizeOf(container);
  const ring = 3;
  const top = ring * 2 + width + 5;
  return {
    width,
    height: top + height,
    cavity: { left: 1.5, top: top + 1, width: width - 3, foot: width - 3, height: height - 2 },
    side: <rect x={0.4} y={top} width={width - 0.8} height={height} rx={height / 2} {...line} />,
    above: (
      <>
        <circle cx={width / 2} cy={ring} r={ring - 0.6} {...line} />
        <circle cx={width / 2} cy={2 * ring + width / 2} r={width / 2 - 0.4} {...line} />
        <circle cx={width / 2} cy={2 * ring + width / 2} r={width * 0.36} {...line} opacity={0.5} />
      </>
    ),
  };
};

const mould = (container: Container): Drawing => {
  const { width, height } = sizeOf(container);
  const slope = width * 0.1;
  return {
    width,
    height,
    cavity: { left: 1, top: 1, width: width - 2, foot: width - 2 - 2 * slope, height: height - 2 },
    side: (
      <path
        d={`M -4 0.5 H 0.5 L ${slope + 0.5} ${height - 0.5} H ${width - slope - 0.5} L ${width - 0.5} 0.5 H ${width + 4}`}
        {...line}
      />
    ),
    above: null,
  };
};

const drawingOf = (container: Container): Drawing => {
  switch (container.kind) {
    case 'tin':
      return shallow(container, false);
    case 'pill box':
      return shallow(container, true);
    case 'lip tube':
      return stick(container);
    case 'locket':
      return locket(container);
    case 'mould':
      return mould(container);
    default:
      return jar(container);
  }
};

/** Layers as bands of the cavity, which may narrow to its foot. */
const Melt = ({
  layers,
  cavity: { left, top, width, foot, height },
  perMl,
}: {
  layers: readonly Layer[];
  cavity: Cavity;
  perMl: number;
}) => {
  const inset = (y: number): number => ((width - foot) / 2) * (y / height);
  return layers.map(({ id, ml, fromMl, colour }) => {
    const low = height - fromMl * perMl;
    const high = low - ml * perMl;
    const [a, b] = [inset(low), inset(high)];
    return (
      <path
        key={id}
        d={`M ${left + b} ${top + high} H ${left + width - b} L ${left + width - a} ${top + low + 0.05} H ${left + a} z`}
        fill={colour}
      />
    );
  });
};

/**
 * A tin, jar, stick, locket, box or mould to scale: from the side with the melt up to its line,
 * and from above where that shows what it is.
 */
export const OpenContainer = ({
  container,
  mixture,
  poured = false,
  spanMm,
}: {
  container: Container;
  mixture: Mixture | null;
  poured?: boolean;
  spanMm?: number;
}) => {
  const fill = fillMl(container);
  const { width, height, cavity, side, above } = drawingOf(container);
  const brimful = container.brimfulMl ?? container.nominalMl * 1.15;
  const perMl = cavity.height / brimful;
  const line_ = cavity.top + cavity.height - fill * perMl;
  const aside = 20 + 0.12 * width + Math.max(0, (spanMm ?? 0) - width) / 2;
  const text = 0.06 * (width + 2 * aside);
  return (
    <svg
      role="img"
      aria-label={`A ${containerWords(container)}, filled to ${formatMl(fill, 3)}`}
      viewBox={`${-aside} -2 ${width + 2 * aside} ${height + 4}`}
      className="mx-auto block max-h-[300px] w-full max-w-[210px]"
    >
      <Melt layers={layersOf(mixture, poured ? fill : null)} cavity={cavity} perMl={perMl} />
      {side}
      {above}
      <path
        d={`M ${cavity.left - 2} ${line_} h ${cavity.width + 4}`}
        stroke="var(--ink)"
        strokeWidth={0.4}
        strokeDasharray="1.2 0.8"
      />
      <text
        x={cavity.left - 2.6}
        y={line_ + text * 0.35}
        fontSize={text}
        textAnchor="end"
        fill="var(--ink)"
        fontWeight={600}
      >
        {formatMl(fill, 3)}
      </text>
    </svg>
  );
};
