import { planSchema, type Plan } from '@jubbet/core/planning';
import { planProblemWords } from '@jubbet/core/words';
import { useLayoutEffect, useRef, useState } from 'react';
import { useWrite } from '../../parts/useWrite';
import type { PlanRecord } from '../../store/database';
import { plans } from '../../store/plans';

/**
 * A plan as it is on the screen. What can be is saved at once; what cannot stays to be mended, with
 * what is wrong with it.
 */
export const usePlan = ({ id, plan: stored, updatedAt }: PlanRecord) => {
  const write = useWrite();
  const [plan, setPlan] = useState(stored);
  const [seen, setSeen] = useState(updatedAt);
  const underWay = useRef(0);
  const latest = useRef(plan);
  useLayoutEffect(() => {
    latest.current = plan;
  });
  // Another tab wrote it: what is on its way from here comes after.
  // eslint-disable-next-line react-hooks/refs
  if (updatedAt !== seen && underWay.current === 0) {
    setSeen(updatedAt);
    if (planSchema.safeParse(plan).success) setPlan(stored);
  }
  const problem = planSchema.safeParse(plan).error?.issues[0]?.message;
  return {
    plan,
    /** What is wrong with it, in words; null where it is saved. */
    problem: problem === undefined ? null : planProblemWords(problem),
    /** A change of the plan as it is when the change is made: an undo may come later. */
    change: (edit: (now: Plan) => Plan): void => {
      const next = edit(latest.current);
      latest.current = next;
      setPlan(next);
      if (!planSchema.safeParse(next).success) return;
      underWay.current += 1;
      void write('The plan', () => plans.write(id, next)).finally(() => {
        underWay.current -= 1;
      });
    },
  };
};

export type ChangePlan = ReturnType<typeof usePlan>['change'];
