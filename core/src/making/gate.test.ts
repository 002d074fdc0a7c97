import { describe, expect, test } from 'vitest';
import { evaluate, type Blend } from '../drops';
import { blendOf } from '../drops/blend.testing';
import { gateAtStop, gateOf, isReason, mayCount, mostCounted, pastLimits } from './gate';
import type { BenchEvent } from './event';
import { tallyOf } from './tally';
import { stepsOf } from './stepsOf';
import { dropped, takeBack } from './events.testing';

const gate = (blend: Blend, events: readonly BenchEvent[], reason = '') =>
  gateOf(blend, stepsOf(blend, evaluate(blend).mixture), tallyOf(events), reason);

/** One drop of lavender for a child of three: 0.53 % by volume, within the 1 % for its age. */
const forChild = blendOf({ oils: { lavender: 1 }, wearer: { ageMonths: 36 } });

describe('nothing goes on past what must not be used', () => {
  test('twelve drops in place of one for a child of three are blocked, at this step and later ones', () => {
    // 12 x 0.05 / 9.5 = 6.3 %, far past twice the maximum of a three-year-old.
    const fell = dropped('count/0/lavender', 12);
    expect(gate(forChild, dropped('count/0/lavender', 1))).toEqual({ state: 'open' });
    expect(gate(forChild, fell)).toMatchObject({ state: 'blocked' });
    const later: BenchEvent[] = [...fell, { kind: 'asked', step: 'count/0/lavender', drops: 12 }];
    expect(gate(forChild, later)).toMatchObject({ state: 'blocked' });
    // A reason is no way past it.
    expect(gate(forChild, later, 'the mother said so')).toMatchObject({ state: 'blocked' });
  });

  test('drops taken back, or a bottle thrown away, open it again', () => {
    const fell = dropped('count/0/lavender', 12);
    const back = Array.from({ length: 11 }, (): BenchEvent => takeBack('count/0/lavender'));
    expect(gate(forChild, [...fell, ...back])).toEqual({ state: 'open' });
    expect(gate(forChild, [...fell, { kind: 'discarded', container: 0 }])).toEqual({
      state: 'open',
    });
  });

  test('the second of three bottles blocks the batch as well as the first', () => {
    const three = { ...forChild, count: 3 };
    expect(gate(three, dropped('count/1/lavender', 12))).toMatchObject({ state: 'blocked' });
  });
});

describe('past a limit that may be passed, a reason is asked for', () => {
  /** Two drops of ylang-ylang are 1.1 % of 0.8 %: over, and not twice. */
  const adult = blendOf({ oils: { 'ylang-ylang': 1 } });
  const fell = dropped('count/0/ylang-ylang', 2);

  test('a reason opens what it was written for, and no more', () => {
    const closed = gate(adult, fell);
    expect(closed).toMatchObject({ state: 'needs-reason' });
    const over = pastLimits(closed.state === 'open' ? [] : closed.findings);
    const reason: BenchEvent = { kind: 'reason', step: 's', words: 'worn for one evening', over };
    expect(gate(adult, [...fell, reason])).toEqual({ state: 'open' });
    expect(over).toEqual([
      { rule: 'oil-maximum', subject: 'ylang-ylang', value: expect.closeTo(1.134, 3) },
    ]);
    // A reason for less does not be for more.
    const less = over.map((entry) => ({ ...entry, value: 1 }));
    expect(gate(adult, [...fell, { ...reason, over: less }])).toMatchObject({
      state: 'needs-reason',
    });
  });

  test('what was written before the start stands for what the plan passes', () => {
    // 3 x 0.05 / 14.25 = 1.05 % of 0.8 %, and 4 are 1.4 %.
    const plan = blendOf({ oils: { 'ylang-ylang': 3 }, container: 'roll-on-15' });
    expect(gate(plan, [])).toMatchObject({ state: 'needs-reason' });
    expect(gate(plan, [], 'worn for one evening')).toEqual({ state: 'open' });
    expect(gate(plan, dropped('count/0/ylang-ylang', 4), 'worn for one evening')).toMatchObject({
      state: 'needs-reason',
    });
  });

  test.each([
    ['', false],
    ['   ', false],
    ['ok', false],
    ['aaaaaaaaa', false],
    ['12345678', false],
    ['worn for one evening', true],
    ['asked for', true],
  ])('“%s” as a reason: %s', (text, means) => {
    expect(isReason(text)).toBe(means);
  });
});

test('past ten thousand drops nothing more is counted', () => {
  const full = tallyOf(dropped('count/0/lavender', mostCounted));
  expect(mayCount(full)).toBe(false);
  expect(mayCount(tallyOf(dropped('count/0/lavender', 9)))).toBe(true);
});

test('judged at the stop: two of three drops beside a wrong one are within, and go on without a reason', () => {
  // One drop is 0.53 % of 9.5 ml, and 2 % is the most for anyone: three are within, four are over.
  const blend = blendOf({ oils: { lavender: 3, petitgrain: 0 } });
  const planned = stepsOf(blend, evaluate(blend).mixture);
  const anyone: Blend = { ...blend, brief: { ...blend.brief, wearer: 'anyone' } };
  const wrong: BenchEvent = {
    kind: 'something-else',
    container: 0,
    ingredient: 'petitgrain',
    bottleId: null,
    source: 'typed',
    amount: { unit: 'drops', value: 1 },
    words: '',
  };
  const opened = ['wipe', 'lay-out'].map((step): BenchEvent => ({
    kind: 'done',
    step,
    source: 'tap',
  }));
  const tally = tallyOf([...opened, wrong, ...dropped('count/0/lavender', 2)]);
  expect(gateOf(anyone, planned, tally, '').state).toBe('needs-reason');
  expect(gateAtStop(anyone, planned, tally, '').state).toBe('open');
  const three = tallyOf([...opened, wrong, ...dropped('count/0/lavender', 3)]);
  expect(gateAtStop(anyone, planned, three, '').state).toBe('needs-reason');
});
