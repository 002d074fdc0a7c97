import { fillMl, usualContainers } from '../catalog';
import type { Blend, Evaluation } from '../drops';
import { mostCounted } from './gate';
import { bottleThen, stepsNow } from './bottle';
import { containerAt } from './container';
import type { CountStep } from './steps/count';
import type { Step } from './steps/registry';
import type { BenchEvent } from './event';
import { reopenedAt } from './press';
import { addEvent, type Tally } from './tally';

/** One thing to do when more fell than was wanted, with what it comes to. */
export interface WayOn {
  readonly kind: 'keep' | 'carrier' | 'restore' | 'move' | 'discard';
  /** What is written down when it is chosen; nothing for keeping. */
  readonly events: readonly BenchEvent[];
  /** The bottle when all is in; null where it is begun again. */
  readonly outcome: Evaluation | null;
  /** Drops more of the others, by oil; for restoring the proportion. */
  readonly more: ReadonlyMap<string, number>;
  /** The larger container, and what carrier it takes in all, in ml; for moving. */
  readonly containerId: string | null;
  readonly carrierMl: number | null;
}

const after = (tally: Tally, events: readonly BenchEvent[]): Tally =>
  events.reduce(addEvent, tally);

const carrierIn = ({ mixture }: Evaluation): number =>
  mixture.bases.reduce((total, { ml }) => total + ml.likely, 0);

/**
 * What can be done when more fell than was wanted: keep it; add carrier up to what the
 * bottle is sold as, where that brings the strength back to what was wanted; give the others their
 * share, in this bottle or in a larger one where it comes to the strength that was
 * asked; move as it is; or throw it away and begin this bottle again.
 *
 * @param step the step at which too much fell
 */
export const waysOn = (
  blend: Blend,
  planned: readonly Step[],
  tally: Tally,
  step: CountStep,
): readonly WayOn[] => {
  const steps = stepsNow(blend, planned, tally);
  const { container } = step;
  const counted = tally.drops.get(step.id) ?? 0;
  const others = steps.filter(
    (other): other is CountStep =>
      other.kind === 'count' && other.container === container && other.id !== step.id,
  );
  const outcomeAfter = (events: readonly BenchEvent[]): Evaluation => {
    const then = after(tally, events);
    return bottleThen(blend, stepsNow(blend, planned, then), then, container);
  };
  const way = (
    kind: WayOn['kind'],
    events: readonly BenchEvent[],
    rest: Partial<WayOn> = {},
  ): WayOn => {
    const outcome = kind === 'discard' ? null : outcomeAfter(events);
    return {
      kind,
      events,
      outcome,
      more: new Map(),
      containerId: null,
      carrierMl: outcome && carrierIn(outcome),
      ...rest,
    };
  };

  // The others in the proportion that was asked: as many times more as this one.
  const factor = step.drops > 0 ? counted / step.drops : 1;
  const wanted = others.map((other) => ({
    other,
    // Never more than is counted at all.
    drops: Math.min(
      mostCounted,
      Math.max(Math.round(other.drops * factor), tally.drops.get(other.id) ?? 0),
    ),
  }));
  const raised = wanted.filter(({ other, drops }) => drops > other.drops);
  const asks = raised.flatMap(({ other, drops }): BenchEvent[] => [
    { kind: 'asked', step: other.id, drops },
    // A step that was done is open again for its drops.
    ...(tally.done.has(other.id) ? [reopenedAt(other.id, 'tap')] : []),
  ]);
  const more = new Map(raised.map(({ other, drops }) => [other.oilId, drops - other.drops]));

  const before = fillMl(containerAt(blend, tally, container));
  const larger = usualContainers
    .filter(
      ({ kind, nominalMl }) =>
        !blend.inOne &&
        kind === blend.formula.container.kind &&
        nominalMl > containerAt(blend, tally, container).nominalMl,
    )
    .sort((a, b) => a.nominalMl - b.nominalMl)
    .find((usual) => fillMl(usual) >= before * Math.min(factor, 1.2));
  const keep: BenchEvent = { kind: 'asked', step: step.id, drops: counted };
  const kept = outcomeAfter([keep]).mixture;
  const keptMl = kept.oils.reduce((total, { ml }) => total + ml.likely, 0);
  const here = kept.oils.find(({ oil }) => oil.id === step.oilId);
  const dropMl = here?.drops ? here.ml.likely / here.drops : 0;
  const targetMl = keptMl - (counted - step.drops) * dropMl;
  const neededFill = targetMl > 0 ? (before * keptMl) / targetMl : Infinity;
  const { nominalMl } = containerAt(blend, tally, container);
  // A jug takes more than what was planned for it; a bottle takes what it is sold as.
  const most = blend.inOne ? 2 * nominalMl : nominalMl;
  // Carrier that was poured before is poured again, up to the new line.
  const topUp = `top-up/${container}`;
  const pourAgain = tally.done.has(topUp) ? [reopenedAt(topUp, 'tap')] : [];
  const carrier =
    counted > step.drops && neededFill > before && neededFill <= most
      ? [
          way('carrier', [
            keep,
            { kind: 'filled', container, percent: (100 * neededFill) / nominalMl },
            ...pourAgain,
          ]),
        ]
      : [];
  const move = larger
    ? [
        way('move', [{ kind: 'moved', container, containerId: larger.id }, ...pourAgain], {
          containerId: larger.id,
        }),
      ]
    : [];
  return [
    way('keep', [keep]),
    ...carrier,
    ...(raised.length > 0
      ? [way('restore', [{ kind: 'asked', step: step.id, drops: counted }, ...asks], { more })]
      : []),
    ...move.map((wayOn) => ({
      ...wayOn,
      events: [{ kind: 'asked', step: step.id, drops: counted } as const, ...wayOn.events],
    })),
    way('discard', [{ kind: 'discarded', container }]),
  ];
};
