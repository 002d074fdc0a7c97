import type { Step } from '@jubbet/core/making';

// Drawn in one hand: a line of 2 in a field of 96 by 72, nothing filled but what is liquid.
const bottle =
  'M 38 22 V 14 H 50 V 22 C 50 26 58 27 58 34 V 60 Q 58 64 54 64 H 34 Q 30 64 30 60 V 34 C 30 27 38 26 38 22 Z';
const beaker = 'M 26 22 H 70 M 30 22 V 58 Q 30 64 36 64 H 60 Q 66 64 66 58 V 22';
const tin = (x: number): string =>
  `M ${x} 52 H ${x + 24} V 62 Q ${x + 24} 64 ${x + 22} 64 H ${x + 2} Q ${x} 64 ${x} 62 Z`;
const jug =
  'M 14 8 L 40 12 L 36 34 Q 35 38 31 37 L 14 34 Q 10 33 11 29 Z M 40 12 L 46 16 M 11 14 C 3 12 2 26 10 27';

/** What is drawn of each kind of step: lines, and the drops or the liquid in it. */
const drawings: Readonly<
  Record<Step['kind'], { readonly lines: string; readonly liquid?: string }>
> = {
  wipe: {
    lines: `${bottle} M 62 30 C 70 26 76 34 84 30 C 88 38 80 46 86 54 C 78 58 70 52 62 56 C 58 48 66 38 62 30 Z M 66 38 C 70 36 74 40 79 38`,
  },
  'lay-out': {
    lines:
      'M 14 34 V 28 H 22 V 34 Q 28 36 28 42 V 64 H 8 V 42 Q 8 36 14 34 Z M 44 34 V 28 H 52 V 34 Q 58 36 58 42 V 64 H 38 V 42 Q 38 36 44 34 Z M 74 34 V 28 H 82 V 34 Q 88 36 88 42 V 64 H 68 V 42 Q 68 36 74 34 Z M 43 18 H 53 M 48 12 V 24',
  },
  'pre-dilute': {
    lines:
      'M 38 22 V 14 H 50 V 22 C 50 26 58 27 58 34 V 60 Q 58 64 54 64 H 34 Q 30 64 30 60 V 34 C 30 27 38 26 38 22 Z M 66 22 C 72 26 72 34 66 38 M 22 22 C 16 26 16 34 22 38',
    liquid: 'M 30 48 H 58 V 60 Q 58 64 54 64 H 34 Q 30 64 30 60 Z',
  },
  count: {
    lines: `M 38 36 V 30 H 50 V 36 C 50 40 58 41 58 46 V 62 Q 58 66 54 66 H 34 Q 30 66 30 62 V 46 C 30 41 38 40 38 36 Z`,
    liquid: 'M 44 6 C 46 12 50 15 50 20 A 6 6 0 0 1 38 20 C 38 15 42 12 44 6 Z',
  },
  measure: {
    lines:
      'M 36 8 H 60 M 40 8 V 58 Q 40 64 46 64 H 50 Q 56 64 56 58 V 8 M 40 20 H 46 M 40 30 H 46 M 40 40 H 46 M 40 50 H 46',
    liquid: 'M 41 42 H 55 V 57 Q 55 63 50 63 H 46 Q 41 63 41 57 Z',
  },
  smell: {
    lines:
      'M 22 64 L 40 16 L 48 19 L 30 67 Z M 58 22 C 64 26 54 32 60 38 C 66 43 56 48 62 54 M 72 18 C 79 24 67 31 74 38 C 80 44 70 50 76 56',
  },
  weigh: {
    lines:
      'M 16 58 Q 16 66 24 66 H 72 Q 80 66 80 58 V 50 Q 80 46 76 46 H 20 Q 16 46 16 50 Z M 24 40 H 72 M 48 40 V 46 M 36 56 H 60',
    liquid: 'M 36 40 L 40 26 L 58 28 L 62 40 Z',
  },
  melt: {
    lines:
      'M 10 40 H 86 M 16 40 V 58 Q 16 64 22 64 H 74 Q 80 64 80 58 V 40 M 34 52 V 22 H 62 V 52 M 22 48 Q 26 45 30 48 M 66 48 Q 70 45 74 48 M 40 16 C 37 12 43 10 40 5 M 54 16 C 51 12 57 10 54 5',
    liquid: 'M 35 36 H 61 V 52 H 35 Z',
  },
  'warm-in': {
    lines: `${jug} M 46 40 H 84 M 50 40 V 60 Q 50 66 56 66 H 74 Q 80 66 80 60 V 40`,
    liquid: 'M 46 17 C 54 20 58 28 60 40 H 56 C 55 30 52 24 46 20 Z',
  },
  cool: {
    lines:
      'M 44 10 Q 44 5 48 5 Q 52 5 52 10 V 46 A 9 9 0 1 1 44 46 Z M 58 14 H 64 M 58 24 H 64 M 58 34 H 64 M 76 14 V 40 M 70 34 L 76 41 L 82 34',
    liquid: 'M 48 30 V 54 M 43 54 A 5 5 0 1 0 53 54 A 5 5 0 1 0 43 54 Z',
  },
  sift: {
    lines:
      'M 18 16 H 70 C 70 36 58 42 44 42 C 30 42 18 36 18 16 Z M 70 18 L 88 12 M 26 24 H 62 M 30 32 H 58 M 34 52 V 54 M 44 50 V 52 M 54 52 V 54 M 38 62 V 64 M 50 60 V 62',
  },
  'stir-in': {
    lines: `${beaker} M 72 6 L 50 48 M 50 48 C 46 54 42 54 44 48 C 46 44 50 42 52 44 Z`,
    liquid: 'M 31 40 H 65 V 57 Q 65 63 60 63 H 36 Q 31 63 31 57 Z',
  },
  combine: {
    lines: `${beaker} M 72 6 L 50 48`,
    liquid: 'M 31 36 H 65 V 57 Q 65 63 60 63 H 36 Q 31 63 31 57 Z',
  },
  whip: {
    lines:
      'M 16 36 H 80 C 80 56 66 66 48 66 C 30 66 16 56 16 36 Z M 62 4 L 52 26 M 52 26 C 42 32 38 46 44 54 C 52 52 58 38 52 26 C 56 36 52 48 44 54',
  },
  'top-up': {
    lines: `${jug} M 62 36 V 30 H 72 V 36 C 72 40 80 41 80 46 V 62 Q 80 66 76 66 H 58 Q 54 66 54 62 V 46 C 54 41 62 40 62 36 Z`,
    liquid: 'M 46 17 C 58 18 66 22 68 32 H 65 C 63 25 56 21 46 20 Z',
  },
  fill: {
    lines: `${jug} ${tin(40)} ${tin(68)}`,
    liquid: 'M 46 17 C 52 24 54 36 54 52 H 50 C 50 38 50 26 46 20 Z',
  },
  left: { lines: `${tin(36)} M 36 44 H 60 M 70 30 V 42 M 64 36 H 76` },
  close: {
    lines:
      'M 38 34 V 26 H 50 V 34 C 50 37 58 38 58 44 V 62 Q 58 66 54 66 H 34 Q 30 66 30 62 V 44 C 30 38 38 37 38 34 Z M 36 16 V 6 H 52 V 16 Z M 44 18 V 23 M 72 34 C 84 40 84 56 72 62 M 72 62 L 78 62 M 72 62 L 74 56',
  },
  'close-all': {
    lines: `${tin(22)} ${tin(52)} M 22 42 H 46 M 52 42 H 76 M 34 22 V 36 M 29 31 L 34 37 L 39 31 M 64 22 V 36 M 59 31 L 64 37 L 69 31`,
  },
  set: { lines: `${tin(14)} M 62 20 A 16 16 0 1 1 61.9 20 Z M 62 28 V 36 L 69 40` },
  'set-out': { lines: `${tin(8)} ${tin(36)} ${tin(64)} M 8 40 H 32 M 36 40 H 60 M 64 40 H 88` },
  label: { lines: `${bottle} M 30 40 H 58 V 56 H 30 M 36 46 H 52 M 36 51 H 46` },
};

/** A step as a drawing, for whoever would rather look than read. */
export const StepDrawing = ({ kind, className }: { kind: Step['kind']; className?: string }) => {
  const { lines, liquid } = drawings[kind];
  return (
    <svg
      aria-hidden
      viewBox="0 0 96 72"
      fill="none"
      stroke="currentColor"
      strokeWidth={2}
      strokeLinecap="round"
      strokeLinejoin="round"
      className={className}
    >
      {liquid && <path d={liquid} fill="var(--drawn, #d9a441)" stroke="none" />}
      <path d={lines} />
    </svg>
  );
};
