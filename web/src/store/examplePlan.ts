import { emptyPlan } from '@jubbet/core/planning';
import { addDays, formatISO, parseISO } from 'date-fns';
import type { PlanRecord } from './database';

/** What Wardrobe Lane sells in the interval: three blends by a Saturday or two from now. */
const lines = [
  { blendId: 'raffle-table', pieces: 12, patchTest: false },
  { blendId: 'third-mouse', pieces: 4, patchTest: true },
  { blendId: 'curtain-call', pieces: 8, patchTest: false },
];

export const examplePlanId = 'plan-interval-table';

const evening = { from: 18 * 60, to: 21 * 60 };

/** The plan of the example house, from the day after a day on. */
export const examplePlans = (day: string, at: string): PlanRecord[] => {
  const after = (days: number): string =>
    formatISO(addDays(parseISO(day), days), { representation: 'date' });
  const plan = {
    ...emptyPlan(after(1), after(10)),
    name: 'Interval table',
    hours: [
      ...[0, 1, 2, 3, 4].map((weekday) => ({ day: weekday, ...evening })),
      { day: 5, from: 10 * 60, to: 16 * 60 },
    ],
    lines: lines.map((line, n) => ({ id: `line-${n + 1}`, ...line })),
    containers: [
      { id: 'roll-on-10', have: 6, pack: 5, price: 4 },
      { id: 'tin-15', have: 10, pack: 10, price: 4.5 },
    ],
  };
  return [{ id: examplePlanId, plan, createdAt: at, updatedAt: at, deletedAt: null }];
};
