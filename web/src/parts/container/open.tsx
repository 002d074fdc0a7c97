import type { Container, OpenKind } from '@jubbet/core/catalog';
import { line, solid, type Draw, type Drawing } from './drawing';
import { brimfulOf, sizeOf } from './size';

const ghost = { ...solid, opacity: 0.8 } as const;

const withPerMl = (
  drawing: Omit<Drawing, 'perMl' | 'clip' | 'behind' | 'bare'> & Partial<Pick<Drawing, 'behind'>>,
  brimful: number,
): Drawing => ({
  behind: null,
  ...drawing,
  bare: drawing.before,
  clip: null,
  perMl: drawing.cavity.height / brimful,
});

/** Tin or pill box: shallow, its lid lifted, and round from above. */
const shallow =
  (hinge: boolean, closed: boolean): Draw =>
  (container) => {
    const { width, height } = sizeOf(container);
    const lid = height * 0.35;
    const top = closed ? lid * 0.25 : lid + height * 0.3;
    const middle = width / 2;
    return withPerMl(
      {
        width,
        height: top + height,
        cavity: { left: 1, top: top + 1, width: width - 2, foot: width - 2, height: height - 2 },
        behind: (
          <rect x={0.4} y={top} width={width - 0.8} height={height} rx={1} fill="var(--glass)" />
        ),
        before: (
          <>
            <path
              d={`M 0 ${lid} V 1.4 q 0 -1.4 1.4 -1.4 H ${width - 1.4} q 1.4 0 1.4 1.4 V ${lid} z`}
              {...ghost}
            />
            <rect x={0.4} y={top} width={width - 0.8} height={height} rx={1} {...line} />
            {hinge && <circle cx={width} cy={top} r={1.2} {...ghost} />}
          </>
        ),
        above: {
          height: width,
          node: (
            <>
              <circle cx={middle} cy={middle} r={middle - 1.6} fill="var(--carrier)" />
              <circle cx={middle} cy={middle} r={middle - 0.4} {...line} />
            </>
          ),
        },
      },
      brimfulOf(container),
    );
  };

const jar: Draw = (container) => {
  const { width, height } = sizeOf(container);
  const lid = height * 0.26;
  const body = `M 2 ${lid} H ${width - 2} q 2 0 2 3 V ${height - 4} q 0 4 -4 4 H 4 q -4 0 -4 -4 V ${lid + 3} q 0 -3 2 -3 z`;
  return withPerMl(
    {
      width,
      height,
      cavity: { left: 2, top: lid, width: width - 4, foot: width - 4, height: height - lid - 2.5 },
      behind: <path d={body} fill="var(--glass)" />,
      before: (
        <>
          <rect x={0.5} y={0} width={width - 1} height={lid * 0.84} rx={1.5} {...ghost} />
          <path d={body} {...line} />
        </>
      ),
      above: null,
    },
    brimfulOf(container),
  );
};

const stick: Draw = (container) => {
  const { width, height } = sizeOf(container);
  const inside = width - 4;
  const brimful = brimfulOf(container);
  const depth = Math.min(height * 0.75, (1000 * brimful) / (Math.PI * (inside / 2) ** 2));
  const foot = height * 0.16;
  const top = height - foot - depth;
  return withPerMl(
    {
      width,
      height,
      cavity: { left: 2, top, width: inside, foot: inside, height: depth },
      before: (
        <>
          <path
            d={`M 0.4 ${top} V 1.5 q 0 -1.5 1.5 -1.5 h ${width - 3.8} q 1.5 0 1.5 1.5 V ${top}`}
            {...line}
            opacity={0.45}
          />
          <rect x={1.2} y={top} width={width - 2.4} height={depth} {...line} />
          <rect x={0} y={height - foot} width={width} height={foot} rx={1} {...ghost} />
        </>
      ),
      above: null,
    },
    brimful,
  );
};

/** Round, on its chain: filled as one looks into it. */
const locket: Draw = (container) => {
  const { width } = sizeOf(container);
  const ring = width * 0.12;
  const top = ring * 2;
  const middle = width / 2;
  const inset = width * 0.14;
  const round = `M ${inset} ${top + middle} a ${middle - inset} ${middle - inset} 0 1 0 ${width - 2 * inset} 0 a ${middle - inset} ${middle - inset} 0 1 0 ${-(width - 2 * inset)} 0 z`;
  const inside = width - 2 * inset;
  return {
    width,
    height: top + width,
    cavity: { left: inset, top: top + inset, width: inside, foot: inside, height: inside },
    perMl: inside / brimfulOf(container),
    clip: round,
    behind: <circle cx={middle} cy={top + middle} r={middle} fill="var(--glass)" />,
    bare: null,
    before: (
      <>
        <circle cx={middle} cy={ring} r={ring - 0.5} {...line} />
        <circle cx={middle} cy={top + middle} r={middle - 0.4} {...line} />
        <path d={round} {...line} opacity={0.6} />
      </>
    ),
    above: null,
  };
};

const mould: Draw = (container) => {
  const { width, height } = sizeOf(container);
  const slope = width * 0.1;
  return withPerMl(
    {
      width,
      height,
      cavity: {
        left: 1,
        top: 1,
        width: width - 2,
        foot: width - 2 - 2 * slope,
        height: height - 2,
      },
      before: (
        <path
          d={`M -4 0.5 H 0.5 L ${slope + 0.5} ${height - 0.5} H ${width - slope - 0.5} L ${width - 0.5} 0.5 H ${width + 4}`}
          {...line}
        />
      ),
      above: null,
    },
    brimfulOf(container),
  );
};

/** What is scooped or rubbed from. */
export const open = (kind: OpenKind, container: Container, closed: boolean): Drawing => {
  const kinds: Readonly<Record<OpenKind, Draw>> = {
    tin: shallow(false, closed),
    'pill box': shallow(true, closed),
    jar,
    'lip tube': stick,
    locket,
    mould,
  };
  return kinds[kind](container);
};
