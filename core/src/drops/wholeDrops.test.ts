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
