import type { BenchEvent } from './event';

// Events as a bench writes them, of steps by their ids: `count/0/lavender`.

const pouredAt = (step: string) => {
  const [, container = '0', ingredient = step] = step.split('/');
  return { step, container: Number(container), ingredient, bottleId: null, source: 'tap' } as const;
};

export const drop = (step: string): BenchEvent => ({ kind: 'drop', ...pouredAt(step), drops: 1 });

export const dropped = (step: string, count: number): BenchEvent[] =>
  Array.from({ length: count }, () => drop(step));

export const takeBack = (step: string): BenchEvent => ({
  kind: 'take-back',
  ...pouredAt(step),
  drops: 1,
  undoes: null,
});

export const done = (step: string): BenchEvent => ({ kind: 'done', step, source: 'tap' });

export const reopened = (step: string): BenchEvent => ({
  kind: 'reopened',
  step,
  source: 'tap',
  undoes: null,
});
