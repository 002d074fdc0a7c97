import { describe, expect, test } from 'vitest';
import { blendOf } from '../drops/blend.testing';
import { ml } from '../mixture/measures.testing';
import { madeFilled } from './filled.testing';
import { madeOf } from './made';
import { done, dropped } from '../making/events.testing';

/** One drop of lavender for a child of three: 0.53 % by volume, within the 1 % for its age. */
const forChild = blendOf({ oils: { lavender: 1 }, wearer: { ageMonths: 36 } });

describe('what was made is what was counted and measured', () => {
  const blend = blendOf({ oils: { petitgrain: 3, lavender: ml(0.1) } });

  test('extra drops are in it, an oil in ml only once it is in', () => {
    const events = dropped('count/0/petitgrain', 5);
    const [before] = madeOf(blend, events).containers;
    expect(before?.evaluation.mixture.oils.map((oil) => [oil.drops, oil.ml.likely])).toEqual([
      [5, 0.25],
      [null, 0],
    ]);
    const [after] = madeOf(blend, [...events, done('measure/0/lavender')]).containers;
    expect(after?.evaluation.mixture.oils[1]?.ml.likely).toBe(0.1);
  });

  test('a bottle moved to a larger one is in that one', () => {
    const made = madeFilled(blend, [
      ...dropped('count/0/petitgrain', 5),
      { kind: 'moved', container: 0, containerId: 'roll-on-15' },
    ]);
    expect(made.containers[0]?.container.nominalMl).toBe(15);
    expect(made.containers[0]?.evaluation.mixture.fillMl).toBeGreaterThan(9.5);
  });

  test('with nothing counted there is nothing, and no verdict', () => {
    const made = madeOf(blend, [done('wipe'), done('lay-out')]);
    expect(made).toMatchObject({ isEmpty: true, verdict: null, blocking: false });
  });

  test('of plain carrier something is there once it is in', () => {
    const plain = blendOf({ oils: {} });
    expect(madeOf(plain, [done('wipe')]).isEmpty).toBe(true);
    expect(madeOf(plain, [done('wipe'), done('top-up/0')]).isEmpty).toBe(false);
  });

  test('one bottle that must not be used is enough', () => {
    const three = { ...forChild, count: 3 };
    const made = madeFilled(three, [
      ...dropped('count/0/lavender', 1),
      ...dropped('count/1/lavender', 12),
      ...dropped('count/2/lavender', 1),
    ]);
    expect(made).toMatchObject({ verdict: 'over', blocking: true });
    expect(made.containers.map(({ evaluation }) => evaluation.blocking)).toEqual([
      false,
      true,
      false,
    ]);
  });
});
