import { putsOil, type Step } from './steps/registry';
import { containerOfStep } from './stepsOf';
import type { Tally } from './tally';

/** Steps that come before the first oil whatever the order, and the one that ends the oils. */
const opens: ReadonlySet<Step['kind']> = new Set(['wipe', 'lay-out', 'set-out', 'pre-dilute']);

const isCarrier = ({ kind }: Step): boolean => kind === 'top-up' || kind === 'weigh';

/** Oils as they were planned, or each into all containers before the next. */
const inRounds = (oils: readonly Step[]): Step[] => {
  const ids = [...new Set(oils.flatMap((step) => ('oilId' in step ? [step.oilId] : [])))];
  return ids.flatMap((id) => oils.filter((step) => 'oilId' in step && step.oilId === id));
};

/** What is left for later goes behind the others: of its container, or of all in rounds. */
const laterLast = (oils: readonly Step[], { later, order }: Tally): Step[] => {
  const waits = (step: Step): boolean => later.includes(step.id);
  const last = (some: readonly Step[]): Step[] => [
    ...some.filter((step) => !waits(step)),
    ...later.flatMap((id) => some.filter((step) => step.id === id)),
  ];
  if (order.rounds) return last(oils);
  const numbers = [...new Set(oils.map(containerOfStep))];
  return numbers.flatMap((number) => last(oils.filter((step) => containerOfStep(step) === number)));
};

/**
 * The steps in the order in which the maker works: oils first or carrier first, one container
 * after another or in rounds, and what was left for later behind the rest. Ids stay as they are.
 */
export const inOrder = (steps: readonly Step[], tally: Tally): Step[] => {
  const { order, later } = tally;
  if (order.first === 'oils' && !order.rounds && later.length === 0) return [...steps];
  const planned = steps.filter(putsOil);
  const oils = laterLast(order.rounds ? inRounds(planned) : planned, tally);
  const smell = steps.filter(({ kind }) => kind === 'smell');
  const carrier = steps.filter(isCarrier);
  const before = steps.filter(({ kind }) => opens.has(kind));
  const moved = new Set<Step>([...planned, ...smell, ...carrier, ...before]);
  const after = steps.filter((step) => !moved.has(step));
  return order.first === 'carrier'
    ? [...before, ...carrier, ...oils, ...smell, ...after]
    : [...before, ...oils, ...smell, ...carrier, ...after];
};

/** True where an oil can be left for later: another of its container still waits. */
export const canWait = (steps: readonly Step[], tally: Tally, step: Step): boolean =>
  step.kind === 'count' &&
  steps.some(
    (other) =>
      putsOil(other) &&
      other.id !== step.id &&
      !tally.done.has(other.id) &&
      (tally.order.rounds || containerOfStep(other) === step.container),
  );
