import { line, type Drawing } from './drawing';

/** A beaker, pan or jug in which a batch is mixed, drawn as large as it must be for so many ml. */
export const beaker = (ml: number): Drawing => {
  // As wide as it is high, and a third larger than what goes in.
  const side = 10 * Math.cbrt((4 / Math.PI) * ml * 1.35);
  const lip = side * 0.06;
  const body = `M ${-lip} 0.4 q ${lip} 0.3 ${lip} ${lip} V ${side - 3} q 0 3 3 3 H ${side - 3} q 3 0 3 -3 V ${lip} q 0 ${-lip} ${lip * 0.6} ${-lip + 0.4}`;
  return {
    width: side,
    height: side,
    cavity: { left: 0.8, top: 2, width: side - 1.6, foot: side - 1.6, height: side - 2.8 },
    perMl: (side - 2.8) / (ml * 1.35),
    clip: null,
    behind: <path d={`${body} z`} fill="var(--glass)" />,
    bare: null,
    before: <path d={body} {...line} strokeWidth={0.8} />,
    above: null,
  };
};
