import { expect, test } from 'vitest';
import { blendOf } from './blend.testing';
import { parts } from '../mixture/measures.testing';
import { evaluate } from './evaluate';

test('the whole drops keep the shared cap, and it is named', () => {
  const { plan, findings } = evaluate(
    blendOf({
      oils: { lemongrass: parts(1), melissa: parts(1) },
      target: 1.4,
      container: 'roll-on-30',
    }),
  );
  expect(plan.binding).toContainEqual({ rule: 'constituent', subject: 'citral' });
  expect(findings.filter(({ verdict }) => verdict === 'over')).toEqual([]);
});

test('what was wanted of an oil that gets no drop is shared by the others', () => {
  // 2 % of 9.5 ml are 0.19 ml, 4 drops. Of cinnamon bark one drop is 0.5 %, past its 0.07 %: all four
  // are lavender’s, and nothing is found of the bark.
  const { plan, findings } = evaluate(
    blendOf({ oils: { lavender: parts(1), 'cinnamon-bark': parts(1) }, target: 2 }),
  );
  expect(plan.drops).toEqual([4, 0]);
  expect(plan.reachedMl).toBeCloseTo(0.2);
  expect(plan.leftOut.map(({ oilId }) => oilId)).toEqual(['cinnamon-bark']);
  expect(findings.filter(({ subject }) => subject === 'cinnamon-bark')).toEqual([]);
  // A pre-dilution would hold both, in their proportions.
  expect(plan.allAimedMl[1]).toBeGreaterThan(0);
});
