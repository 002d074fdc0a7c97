import { describe, expect, test } from 'vitest';
import { evaluate } from '../drops';
import { blendOf } from '../drops/blend.testing';
import { balmInJars, workedOut } from '../drops/worked.testing';
import { bottleThen, stepsNow } from './bottle';
import { done, dropped } from './events.testing';
import type { BenchEvent } from './event';
import { canWait, inOrder } from './order';
import { toleranceG, weighedAs, weightWays, type WeightWay } from './overweight';
import { adjustedBy, roomLeft, takenBack } from './roomLeft';
import { stepsOf } from './stepsOf';
import { currentStep, tallyOf } from './tally';

/** Two roll-ons for the wrists of an adult. */
const two = { ...blendOf({ oils: { lavender: 2, petitgrain: 1 }, wearer: {} }), count: 2 };
const planned = stepsOf(two, evaluate(two).mixture);
const idsAfter = (events: readonly BenchEvent[]) =>
  inOrder(planned, tallyOf(events)).map(({ id }) => id);

describe('the order is the maker’s', () => {
  test('oils come first, one bottle after the other, unless it is said otherwise', () => {
    expect(idsAfter([])).toEqual(planned.map(({ id }) => id));
  });

  test('carrier first puts every carrier before the first oil, and loses no step', () => {
    const ids = idsAfter([{ kind: 'order', first: 'carrier', rounds: false }]);
    expect(ids.indexOf('top-up/1')).toBeLessThan(ids.indexOf('count/0/lavender'));
    expect([...ids].sort()).toEqual(planned.map(({ id }) => id).sort());
  });

  test('in rounds one oil goes into all bottles before the next', () => {
    const ids = idsAfter([{ kind: 'order', first: 'oils', rounds: true }]);
    expect(ids.filter((id) => id.startsWith('count'))).toEqual([
      'count/0/lavender',
      'count/1/lavender',
      'count/0/petitgrain',
      'count/1/petitgrain',
    ]);
  });

  test('an oil that is left for later comes after the others of its bottle, and before the next', () => {
    const events: BenchEvent[] = [{ kind: 'later', step: 'count/0/lavender' }];
    expect(idsAfter(events).filter((id) => id.startsWith('count'))).toEqual([
      'count/0/petitgrain',
      'count/0/lavender',
      'count/1/lavender',
      'count/1/petitgrain',
    ]);
    const tally = tallyOf(events);
    const steps = stepsNow(two, planned, tally);
    const first = currentStep(steps, tallyOf([...events, done('wipe'), done('lay-out')]));
    expect(first?.id).toBe('count/0/petitgrain');
  });

  test('the last oil that is missing cannot wait any longer', () => {
    const tally = tallyOf([done('count/0/petitgrain')]);
    const [lavender, other] = ['count/0/lavender', 'count/1/lavender'].map((id) =>
      planned.find((step) => step.id === id)!,
    );
    expect(canWait(planned, tally, lavender!)).toBe(false);
    expect(canWait(planned, tally, other!)).toBe(true);
  });
});

describe('after smelling', () => {
  const counted = [...dropped('count/0/lavender', 2), done('count/0/lavender')];

  test('one drop more of an oil that is in it is counted to it, and asked for', () => {
    const tally = tallyOf(counted);
    const after = tallyOf([...counted, ...adjustedBy(planned, tally, 0, 'lavender', 1)]);
    expect(after.drops.get('count/0/lavender')).toBe(3);
    expect(after.wantedDrops.get('count/0/lavender')).toBe(3);
  });

  test('a drop that was pressed by mistake is taken back, and none below nought', () => {
    const tally = tallyOf(counted);
    const more = [...counted, ...adjustedBy(planned, tally, 0, 'lavender', 1)];
    const back = tallyOf([...more, ...takenBack(planned, tallyOf(more), 0, 'lavender')]);
    expect(back.drops.get('count/0/lavender')).toBe(2);
    expect(back.wantedDrops.get('count/0/lavender')).toBe(2);
    expect(takenBack(planned, tallyOf([]), 0, 'lavender')).toEqual([]);
  });

  test('an oil that is new is in it too, is judged, and stays in its own bottle', () => {
    const tally = tallyOf(counted);
    const after = tallyOf([...counted, ...adjustedBy(planned, tally, 0, 'vetiver', 2)]);
    const oils = (container: number) =>
      bottleThen(two, planned, after, container).mixture.oils.map(({ oil, drops }) => [
        oil.id,
        drops,
      ]);
    expect(oils(0)).toContainEqual(['vetiver', 2]);
    expect(oils(1).map(([id]) => id)).not.toContain('vetiver');
  });

  test('room is left up to the drop before a limit, and the limit is named', () => {
    // Cinnamon bark: 0.07 % of 9.5 ml is 0.0067 ml, and one drop is 0.05 ml.
    expect(roomLeft(two, planned, tallyOf(counted), 0, 'cinnamon-bark')).toMatchObject({
      drops: 0,
      then: 'over',
      stoppedBy: { subject: 'cinnamon-bark' },
    });
    const lavender = roomLeft(two, planned, tallyOf(counted), 0, 'lavender');
    expect(lavender.drops).toBeGreaterThan(2);
    const after = (drops: number) =>
      bottleThen(
        two,
        planned,
        tallyOf([...counted, ...adjustedBy(planned, tallyOf(counted), 0, 'lavender', drops)]),
        0,
      ).verdict;
    expect(after(lavender.drops)).toBe('within');
    expect(after(lavender.drops + 1)).toBe(lavender.then);
  });
});

test('what is over a limit already has no room for any oil', () => {
  const over = tallyOf(dropped('count/0/lavender', 40));
  expect(roomLeft(two, planned, over, 0, 'petitgrain')).toMatchObject({ drops: 0, then: 'over' });
});

test('a bottle holds what it holds: no carrier that is typed thins a strong blend down', () => {
  const strong = dropped('count/0/lavender', 40);
  const typed: BenchEvent = {
    kind: 'measured',
    step: 'top-up/0',
    ingredient: null,
    source: 'typed',
    amount: { unit: 'ml', value: 5000 },
  };
  const percent = (events: readonly BenchEvent[]) =>
    bottleThen(two, planned, tallyOf(events), 0).mixture.strength.byVolume.likely;
  // 2 ml of oil and one drop of another, in a 10 ml bottle that may hold a little over 10 to the brim.
  expect(percent([...strong, typed])).toBeGreaterThan(0.7 * percent(strong));
});

describe('what was weighed is what counts', () => {
  const { blend } = workedOut(balmInJars);
  const steps = stepsOf(blend, evaluate(blend).mixture);
  const gOf = (events: readonly BenchEvent[], id: string) =>
    bottleThen(
      blend,
      stepsNow(blend, steps, tallyOf(events)),
      tallyOf(events),
      0,
    ).mixture.bases.find(({ base }) => base.id === id)?.g.likely ?? 0;
  const weigh = (id: string) => {
    const step = steps.find((entry) => entry.id === `weigh/0/${id}`);
    if (step?.kind !== 'weigh') throw new Error(id);
    return step;
  };
  const measuredOf = (id: string, g: number): BenchEvent => ({
    kind: 'measured',
    step: `weigh/0/${id}`,
    ingredient: id,
    source: 'typed',
    amount: { unit: 'g', value: g },
  });
  const wax = weigh('beeswax_yellow');

  test('what a simulated device told is known as that ever after', () => {
    const [weighing] = [measuredOf('beeswax_yellow', 12)];
    const practised = { ...weighing, source: 'simulated' } as BenchEvent;
    expect(tallyOf([weighing]).simulated).toBe(false);
    expect(tallyOf([practised, weighing]).simulated).toBe(true);
  });

  test('a weight within two in a hundred is right, more is too much', () => {
    expect(toleranceG(50)).toBe(1);
    expect(toleranceG(2)).toBe(0.1);
    expect(weighedAs(50.9, 50)).toBe('right');
    expect(weighedAs(51.1, 50)).toBe('over');
    expect(weighedAs(48.9, 50)).toBe('under');
  });

  test('more wax than asked makes the whole heavier, and nothing else of it', () => {
    const events = [measuredOf('beeswax_yellow', wax.g + 5)];
    expect(gOf(events, 'beeswax_yellow')).toBeCloseTo(wax.g + 5, 6);
    expect(gOf(events, 'shea_butter')).toBeCloseTo(weigh('shea_butter').g, 6);
    // What is still to be weighed stays what it was.
    const now = stepsNow(blend, steps, tallyOf(events));
    const jojoba = now.find(({ id }) => id === 'weigh/0/jojoba');
    expect(jojoba?.kind === 'weigh' && jojoba.g).toBeCloseTo(weigh('jojoba').g, 6);
    const aim = now.find(({ id }) => id === wax.id);
    expect(aim?.kind === 'weigh' && aim.g).toBeCloseTo(wax.g, 6);
  });

  test('all the others times as much keeps strength and texture', () => {
    const events = [
      ...steps.flatMap((step) =>
        step.kind === 'count' ? [...dropped(step.id, step.drops), done(step.id)] : [],
      ),
      measuredOf('beeswax_yellow', wax.g * 1.15),
    ];
    const tally = tallyOf(events);
    const [scale, accept] = weightWays(blend, steps, tally, wax);
    expect(scale).toMatchObject({ kind: 'scale' });
    expect(scale?.factor).toBeCloseTo(1.15, 6);
    const share = ({ outcome }: WeightWay) => {
      const { bases, totalG } = outcome.mixture;
      const here = bases.find(({ base }) => base.id === 'beeswax_yellow');
      return (100 * (here?.g.likely ?? 0)) / totalG.likely;
    };
    // 12 % of wax by weight was asked for; accepted it is more.
    expect(share(scale!)).toBeCloseTo(12, 1);
    expect(share(accept!)).toBeGreaterThan(13);
    const shea = scale?.more.find(({ id }) => id === 'shea_butter');
    expect(shea?.amount.value).toBeCloseTo(1.15 * weigh('shea_butter').g, 6);
    // All of it no longer fits into the jars: the last that is filled says so.
    const later = tallyOf([...events, ...(scale?.events ?? [])]);
    const fill = stepsNow(blend, steps, later).findLast(({ kind }) => kind === 'fill');
    expect(fill?.kind === 'fill' && (fill.leftMl ?? 0)).toBeGreaterThan(10);
    // The oils are in already: they are open again for what is missing.
    const after = tallyOf([...events, ...(scale?.events ?? [])]);
    const count = steps.find(({ kind }) => kind === 'count');
    expect(after.done.has(count?.id ?? '')).toBe(false);
  });
});
