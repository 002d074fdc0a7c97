import type { Container, RunningKind } from '@jubbet/core/catalog';
import type { ReactNode } from 'react';
import { line, solid, type Drawing } from './drawing';
import { brimfulOf, sizeOf } from './size';

interface Box {
  readonly width: number;
  readonly height: number;
  /** How far down the cap reaches. */
  readonly cap: number;
}

const Tube = ({
  box: { width, height, cap },
  to,
  thick,
}: {
  box: Box;
  to: number;
  thick: number;
}) => (
  <path
    d={`M ${width / 2} ${cap} V ${height * to}`}
    stroke="var(--cap)"
    strokeWidth={width * thick}
    opacity={0.75}
    fill="none"
  />
);

const Cap = ({
  box: { width, cap },
  from = 0,
  wide = 0.66,
}: {
  box: Box;
  from?: number;
  wide?: number;
}) => (
  <rect
    x={(width * (1 - wide)) / 2}
    y={cap * from}
    width={width * wide}
    height={cap * (1 - from)}
    rx={0.9}
    {...solid}
  />
);

/** What closes the bottle, and what of it is in the liquid. */
const tops: Readonly<Record<RunningKind, (box: Box) => ReactNode>> = {
  'roll-on': (box) => (
    <>
      <circle
        cx={box.width / 2}
        cy={box.cap * 0.98}
        r={box.width * 0.2}
        fill="var(--glass)"
        stroke="var(--press)"
        strokeWidth={0.5}
      />
      <path
        d={`M ${box.width * 0.16} ${box.cap * 0.86} V 1.2 q 0 -1.2 1.2 -1.2 h ${box.width * 0.68 - 2.4} q 1.2 0 1.2 1.2 V ${box.cap * 0.86} z`}
        {...solid}
        opacity={0.85}
      />
    </>
  ),
  'dropper bottle': (box) => (
    <>
      <Tube box={box} to={0.84} thick={0.08} />
      <rect
        x={box.width * 0.36}
        y={0}
        width={box.width * 0.28}
        height={box.cap * 0.6}
        rx={box.width * 0.13}
        {...solid}
        opacity={0.8}
      />
      <Cap box={box} from={0.48} />
    </>
  ),
  'pump bottle': (box) => <Pump box={box} />,
  'treatment pump': (box) => <Pump box={box} />,
  'spray bottle': (box) => (
    <>
      <Tube box={box} to={0.95} thick={0.04} />
      <rect
        x={box.width * 0.32}
        y={0}
        width={box.width * 0.36}
        height={box.cap * 0.55}
        rx={0.8}
        {...solid}
        opacity={0.8}
      />
      <circle cx={box.width * 0.62} cy={box.cap * 0.24} r={box.width * 0.035} fill="var(--sheet)" />
      <Cap box={box} from={0.5} wide={0.56} />
    </>
  ),
};

const Pump = ({ box }: { box: Box }) => {
  const { width, cap } = box;
  const thick = width * 0.09;
  return (
    <>
      <Tube box={box} to={0.95} thick={0.05} />
      <path
        d={`M ${width / 2} ${cap * 0.7} V ${thick / 2} M ${width * 0.3} ${thick / 2} H ${width * 0.9} v ${cap * 0.16}`}
        stroke="var(--cap)"
        strokeWidth={thick}
        fill="none"
      />
      <Cap box={box} from={0.55} />
    </>
  );
};

/** A bottle in section: the outline has the shoulder of its kind. */
export const bottle = (kind: RunningKind, container: Container): Drawing => {
  const { width, height } = sizeOf(container);
  const pumped = container.kind === 'pump bottle' || container.kind === 'treatment pump';
  const cap = height * (pumped ? 0.2 : 0.15);
  const neck = height * 0.05;
  // A pump bottle slopes, a dropper bottle is broad in the shoulder, a roll-on is narrow all the way.
  const shoulder = height * (pumped ? 0.12 : container.kind === 'dropper bottle' ? 0.085 : 0.07);
  const wall = 1;
  const corner = width * 0.14;
  const bottom = height - wall;
  const round = shoulder * 0.55;
  const outline =
    `M ${width * 0.22} ${cap} H ${width * 0.78} v ${neck} ` +
    `C ${width * 0.78} ${cap + neck + round} ${width} ${cap + neck + shoulder * 0.35} ${width} ${cap + neck + shoulder} ` +
    `V ${height - corner} q 0 ${corner} ${-corner} ${corner} H ${corner} q ${-corner} 0 ${-corner} ${-corner} ` +
    `V ${cap + neck + shoulder} C 0 ${cap + neck + shoulder * 0.35} ${width * 0.22} ${cap + neck + round} ${width * 0.22} ${cap + neck} z`;
  // The shoulder is where a full bottle has about six sevenths of what it takes brimful.
  const perMl = (bottom - cap - neck) / (brimfulOf(container) * 0.9);
  const inside = bottom - cap;
  const walls = (
    <>
      <path d={outline} {...line} strokeWidth={0.7} />
      <path
        d={`M ${width * 0.87} ${cap + neck + shoulder * 1.4} V ${height - corner * 1.6}`}
        stroke="var(--shine)"
        strokeWidth={width * 0.05}
        strokeLinecap="round"
        fill="none"
      />
    </>
  );
  return {
    width,
    height,
    cavity: {
      left: wall,
      top: cap,
      width: width - 2 * wall,
      foot: width - 2 * wall,
      height: inside,
    },
    perMl,
    clip: outline,
    behind: <path d={outline} fill="var(--glass)" />,
    bare: walls,
    before: (
      <>
        {tops[kind]({ width, height, cap })}
        {walls}
      </>
    ),
    above: null,
  };
};
