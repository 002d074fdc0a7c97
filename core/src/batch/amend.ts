import { usualContainer, usualContainers, type Container } from '../catalog';
import type { BenchEvent, EventOf } from '../making';
import { densityOf, strengthBy } from '../mixture';
import { madeOf, type Made } from './made';

/** What was added to a batch after its end, to each of some containers. */
export interface Added {
  readonly ingredient: string;
  readonly bottleId: string | null;
  readonly amount: EventOf<'amended'>['amount'];
  readonly words: string;
  /** Their numbers at the bench, from 0. */
  readonly containers: readonly number[];
  /** The larger container of the library into which each is poured first; null where it has room. */
  readonly into: string | null;
}

/** How much an addition makes a container hold more, in ml; null of what the house does not know. */
export const addedMl = (
  { blend: { catalog, formula } }: Made,
  ingredient: string,
  { unit, value }: Added['amount'],
): number | null => {
  const oil = catalog.oil(ingredient);
  const density = oil ? densityOf(oil).likely : catalog.base(ingredient)?.densityGPerMl;
  if (density === undefined) return null;
  switch (unit) {
    case 'ml':
      return value;
    case 'g':
      return value / density;
    case 'drops':
      return value / formula.dropsPerMl;
  }
};

/** How much more fits into a container of a batch, in ml; a jug takes whatever comes. */
export const roomMl = ({ blend, containers }: Made, number: number): number => {
  const madeContainer = containers.find((found) => found.number === number);
  if (!madeContainer) return 0;
  if (blend.inOne) return Number.POSITIVE_INFINITY;
  const { brimfulMl, nominalMl } = madeContainer.container;
  return Math.max(0, (brimfulMl ?? nominalMl) - madeContainer.evaluation.mixture.fillMl);
};

/** Larger containers of the same kind that hold it with so many ml more, the smallest first. */
export const largerFor = (
  { containers }: Made,
  number: number,
  ml: number,
): readonly Container[] => {
  const madeContainer = containers.find((found) => found.number === number);
  if (!madeContainer) return [];
  const whole = madeContainer.evaluation.mixture.fillMl + ml;
  return usualContainers
    .filter(
      ({ kind, nominalMl, brimfulMl }) =>
        kind === madeContainer.container.kind &&
        nominalMl > madeContainer.container.nominalMl &&
        brimfulMl >= whole,
    )
    .sort((a, b) => a.nominalMl - b.nominalMl);
};

/** What is poured over is as much as before, in a larger container. */
const pouredOver = (made: Made, container: number, into: string | null): readonly BenchEvent[] => {
  if (into === null) return [];
  const larger = usualContainer(into);
  const madeContainer = made.containers.find(({ number }) => number === container);
  if (!larger || !madeContainer) return [];
  const percent = (100 * madeContainer.evaluation.mixture.fillMl) / larger.nominalMl;
  return [
    { kind: 'moved', container, containerId: into },
    { kind: 'filled', container, percent },
  ];
};

/** The entries of the log that say it. */
export const amendedEvents = (
  made: Made,
  { containers, into, ...added }: Added,
): readonly BenchEvent[] =>
  containers.flatMap((container): BenchEvent[] => [
    ...pouredOver(made, container, into),
    { kind: 'amended', container, ...added },
  ]);

/** What a batch will be with it. */
export const amendedMade = (made: Made, events: readonly BenchEvent[], added: Added): Made =>
  madeOf(made.blend, [...events, ...amendedEvents(made, added)]);

/**
 * How many drops more, shared among its oils as they are, bring a container from what it is to a
 * strength; the whole number that does not go past it. Null where it has no counted oil, or is that
 * strong already.
 *
 * From (o + x) / (v + x) = s for the volume x that is still to go in, o of oil in v by now; by weight
 * the same with masses.
 *
 * @param percent above 0, below 100
 */
export const dropsToStrength = (made: Made, container: number, percent: number): number | null => {
  const mixture = made.containers.find(({ number }) => number === container)?.evaluation.mixture;
  if (!mixture) return null;
  const byWeight = made.blend.formula.by === 'weight';
  const counted = mixture.oils.filter(({ drops }) => drops !== null && drops > 0);
  const drops = counted.reduce((total, oilInBlend) => total + (oilInBlend.drops ?? 0), 0);
  if (drops === 0) return null;
  const share = percent / 100;
  const now = strengthBy(mixture, made.blend.formula.by).likely / 100;
  const whole = byWeight ? mixture.totalG.likely : mixture.fillMl;
  const aDrop = counted.reduce((total, { ml, g }) => total + (byWeight ? g : ml).likely, 0) / drops;
  const more = Math.floor(((share - now) * whole) / (1 - share) / aDrop + 1e-9);
  return more > 0 ? more : null;
};
