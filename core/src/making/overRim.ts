import { usualContainers } from '../catalog';
import type { Blend } from '../drops';
import { containerAt } from './container';
import { contentsAt } from './contents';
import type { BenchEvent, Source } from './event';
import type { Step } from './steps/registry';
import type { TopUpStep } from './steps/topUp';
import type { Tally } from './tally';

/** More carrier than a container holds to its brim, with the ways on. */
export interface OverRim {
  /** So much of it has no room, in ml. */
  readonly overMl: number;
  /** The smallest larger container of its kind that holds it; null where there is none. */
  readonly larger: { readonly id: string; readonly events: readonly BenchEvent[] } | null;
  /** So much ran over: what is in it is up to the brim, and the rest is lost. */
  readonly ranOver: readonly BenchEvent[];
}

/** How much carrier takes a container to its brim, in ml, beside what else goes into it. */
const roomMl = (blend: Blend, steps: readonly Step[], tally: Tally, container: number): number => {
  const { formula, ml } = contentsAt(blend, steps, tally, container, 'then');
  const carriers = formula.bases
    .slice(0, blend.formula.bases.length)
    .reduce((total, { parts }) => total + parts, 0);
  const { brimfulMl, nominalMl } = containerAt(blend, tally, container);
  return (brimfulMl ?? nominalMl) - (ml - carriers);
};

const hair = 1e-6;

/**
 * What was measured into a bottle, against what it holds; null where it has room. A jug takes whatever
 * comes.
 *
 * @param ml that was measured
 */
export const overRim = (
  blend: Blend,
  steps: readonly Step[],
  tally: Tally,
  step: TopUpStep,
  ml: number,
  source: Source,
): OverRim | null => {
  if (blend.inOne) return null;
  const { container } = step;
  const room = Math.max(0, roomMl(blend, steps, tally, container));
  const overMl = ml - room;
  if (overMl <= hair) return null;
  const told = (value: number): BenchEvent => ({
    kind: 'measured',
    step: step.id,
    ingredient: null,
    source,
    amount: { unit: 'ml', value },
  });
  const now = containerAt(blend, tally, container);
  const larger = [...usualContainers]
    .filter(
      ({ kind, nominalMl, brimfulMl }) =>
        kind === now.kind &&
        nominalMl > now.nominalMl &&
        brimfulMl >= (now.brimfulMl ?? now.nominalMl) + overMl,
    )
    .sort((a, b) => a.nominalMl - b.nominalMl)[0];
  return {
    overMl,
    larger: larger
      ? {
          id: larger.id,
          events: [{ kind: 'moved', container, containerId: larger.id }, told(ml)],
        }
      : null,
    ranOver: [
      told(Math.round(1000 * room) / 1000),
      { kind: 'spilled', container, source, ml: overMl, words: 'ran over the rim' },
    ],
  };
};
