import { describe, expect, test } from 'vitest';
import { evaluate, type Blend } from '../drops';
import { blendOf } from '../drops/blend.testing';
import { dropped } from '../making/events.testing';
import { doneAt, gateOf, stepsOf, tallyOf, type BenchEvent, type SomethingElse } from '../making';
import { madeFilled } from './filled.testing';
import { madeOf } from './made';

const went = (part: Partial<SomethingElse>): SomethingElse => ({
  kind: 'something-else',
  container: 0,
  ingredient: null,
  bottleId: null,
  source: 'typed',
  amount: null,
  words: '',
  ...part,
});

/** 2 drops of lavender in 9.5 ml are 1.05 %. */
const blend = blendOf({ oils: { lavender: 2 } });
const fell = dropped('count/0/lavender', 2);

const gate = (given: Blend, events: readonly BenchEvent[]) =>
  gateOf(given, stepsOf(given, evaluate(given).mixture), tallyOf(events), '').state;

describe('what went in beside the recipe is judged like the rest', () => {
  test('an oil counts with its drops, in strength and in its own limit', () => {
    // 2 more of 0.05 ml in 9.5 ml: 2.1 % in all; ylang-ylang alone 1.05 % of its 0.8 %.
    const extra = went({ ingredient: 'ylang-ylang', amount: { unit: 'drops', value: 2 } });
    const [one] = madeFilled(blend, [...fell, extra]).containers;
    expect(one?.evaluation.mixture.strength.byVolume.likely).toBeCloseTo(2.105, 2);
    expect(one?.evaluation.verdict).toBe('over');
    expect(one?.evaluation.findings[0]).toMatchObject({
      rule: 'oil-maximum',
      subject: 'ylang-ylang',
    });
  });

  test('the same oil by half and half passes no limit', () => {
    const half = blendOf({ oils: { 'ylang-ylang': 1 } });
    const other = went({ ingredient: 'ylang-ylang', amount: { unit: 'drops', value: 1 } });
    const twice = madeFilled(half, [...dropped('count/0/ylang-ylang', 1), other]);
    const counted = madeFilled(half, dropped('count/0/ylang-ylang', 2));
    const said = ({ containers }: typeof twice) =>
      containers[0]?.evaluation.findings.map(({ rule, subject, verdict, value }) => [
        rule,
        subject,
        verdict,
        value?.likely.toFixed(9),
      ]);
    expect(said(twice)).toEqual(said(counted));
  });

  test('a nut oil stops the bench for somebody with that allergy, however little it was', () => {
    const teo = blendOf({ oils: { lavender: 1 }, wearer: { allergies: ['nuts'] } });
    expect(gate(teo, dropped('count/0/lavender', 1))).toBe('open');
    for (const amount of [null, { unit: 'ml', value: 0.5 } as const]) {
      const nut = went({ ingredient: 'sweet_almond', amount });
      expect(gate(teo, [...dropped('count/0/lavender', 1), nut])).toBe('blocked');
    }
  });

  test('what only words say cannot be checked, and the verdict says so', () => {
    const made = madeFilled(blend, [...fell, went({ words: 'a splash of coffee' })]);
    expect(made.verdict).toBe('unknown');
    expect(made.containers[0]?.evaluation.findings).toContainEqual(
      expect.objectContaining({
        verdict: 'unknown',
        reason: { code: 'something-else', words: 'a splash of coffee' },
      }),
    );
  });

  test('what must never go on skin stops the bench, picked or in words', () => {
    for (const extra of [went({ ingredient: 'sassafras' }), went({ words: 'Sassafras' })]) {
      expect(gate(blend, [...fell, extra])).toBe('blocked');
    }
  });

  test('an oil of unknown amount counts as a drop at the least, and is told as not known', () => {
    const made = madeFilled(blend, [...fell, went({ ingredient: 'lemon' })]);
    expect(made.verdict).toBe('unknown');
    expect(made.containers[0]?.evaluation.mixture.oils[1]).toMatchObject({ drops: 1 });
  });

  test('it is of its own container, and goes with it when that is thrown away', () => {
    const two = { ...blend, count: 2 };
    const events = [
      ...fell,
      ...dropped('count/1/lavender', 2),
      went({ container: 1, ingredient: 'ylang-ylang', amount: { unit: 'drops', value: 2 } }),
    ];
    const verdicts = (list: readonly BenchEvent[]) =>
      madeFilled(two, list).containers.map(({ evaluation }) => evaluation.verdict);
    expect(verdicts(events)).toEqual(['within', 'over']);
    const again: BenchEvent[] = [{ kind: 'discarded', container: 1 }];
    expect(verdicts([...events, ...again, ...dropped('count/1/lavender', 2)])).toEqual([
      'within',
      'within',
    ]);
  });

  test('told by mistake it is taken back by its place in the log, and no other is', () => {
    const events: BenchEvent[] = [
      ...fell,
      went({ words: 'coffee' }),
      { kind: 'spilled', container: 0, source: 'typed', ml: null, words: 'a little' },
      { kind: 'struck', undoes: 3 },
    ];
    const tally = tallyOf(events);
    expect(tally.additions).toEqual([]);
    expect(tally.spilled).toMatchObject([{ seq: 4, words: 'a little' }]);
    expect(madeFilled(blend, events).verdict).toBe('within');
  });

  test('a batch of plain carrier with something in it is not empty', () => {
    const plain = blendOf({ oils: {} });
    expect(madeOf(plain, [doneAt('wipe', 'tap')]).isEmpty).toBe(true);
    expect(madeOf(plain, [went({ words: 'coffee' })]).isEmpty).toBe(false);
  });
});
