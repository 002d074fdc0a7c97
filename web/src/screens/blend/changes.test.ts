import { emptyDraft, workOut, type BlendDraft } from '@jubbet/core';
import { describe, expect, test } from 'vitest';
import {
  addBase,
  addOil,
  asWorkedOut,
  askFor,
  countOil,
  linesOf,
  measureBase,
  measureOil,
  removeBase,
  removeOil,
  setLines,
  setMixing,
  weighed,
} from './changes';

const draft = (more: Partial<BlendDraft> = {}): BlendDraft => ({
  ...emptyDraft(),
  brief: { ...emptyDraft().brief, wearer: 'anyone', place: 'body-leave-on' },
  bases: [{ id: 'jojoba', parts: 1 }],
  ...more,
});

describe('oils', () => {
  test('one that is added is measured as the others are: a part of what is asked, else a drop', () => {
    expect(addOil('lavender')(draft({ target: null })).oils).toEqual([
      { id: 'lavender', drops: 1 },
    ]);
    expect(addOil('lavender')(draft({ target: { percent: 1 } })).oils).toEqual([
      { id: 'lavender', parts: 1 },
    ]);
  });

  test('a drop more of one leaves the drops of the others, and the target, as they are', () => {
    const before = draft({
      target: { percent: 3 },
      oils: [
        { id: 'petitgrain', parts: 3 },
        { id: 'cardamom', parts: 2 },
        { id: 'lavender', drops: 1 },
      ],
    });
    const worked = workOut(before);
    if (worked.state !== 'done') throw new Error(worked.state);
    const [first = null, second = null] = worked.evaluation.plan.drops;
    expect(countOil('petitgrain', (first ?? 0) + 1)(before)).toMatchObject({
      target: { percent: 3 },
      oils: [
        { id: 'petitgrain', drops: (first ?? 0) + 1 },
        { id: 'cardamom', drops: second },
        { id: 'lavender', drops: 1 },
      ],
    });
  });

  test('none is added twice, and none that nobody knows', () => {
    const one = addOil('lavender')(draft());
    expect(addOil('lavender')(one)).toBe(one);
    expect(addOil('moonflower')(one)).toBe(one);
  });

  test('another measure takes the place of the one before; its own drop stays with the bottle', () => {
    const dropMl = { low: 0.03, likely: 0.04, high: 0.05 };
    const counted = draft({ oils: [{ id: 'lavender', drops: 3, dropMl }] });
    expect(measureOil('lavender', { ml: 0.5 })(counted).oils).toEqual([
      { id: 'lavender', ml: 0.5, dropMl },
    ]);
    expect(removeOil('lavender')(counted).oils).toEqual([]);
  });

  test('weighed, every oil stands with the ml that it came to, and nothing is asked any more', () => {
    const parts = draft({
      vessel: { id: 'pump-100' },
      target: { percent: 1 },
      oils: [{ id: 'lavender', parts: 1 }],
    });
    // 16 drops of 0.05 ml are 1 % of 80 ml.
    const next = asWorkedOut((before, { mixture }) => weighed(mixture)(before))(parts);
    expect(next.target).toBeNull();
    expect(next.oils).toEqual([{ id: 'lavender', ml: 0.8 }]);
  });
});

describe('bases', () => {
  test('a wax comes in with a share that can be worked on, and is weighed', () => {
    const next = addBase('beeswax_yellow')(draft());
    expect(next.by).toBe('weight');
    expect(next.bases).toEqual([
      { id: 'jojoba', parts: 1 },
      { id: 'beeswax_yellow', percent: 20 },
    ]);
  });

  test('a second carrier shares by parts', () => {
    const next = addBase('camellia_seed')(draft());
    expect(next.by).toBeUndefined();
    expect(next.bases[1]).toEqual({ id: 'camellia_seed', parts: 1 });
  });

  test('where the shares leave no room, or there is no rest, it comes in by parts', () => {
    const full = draft({
      bases: [
        { id: 'jojoba', parts: 1 },
        { id: 'shea_butter', percent: 80 },
      ],
    });
    expect(addBase('beeswax_yellow')(full).bases[2]).toEqual({ id: 'beeswax_yellow', parts: 1 });
    expect(addBase('beeswax_yellow')(draft({ bases: [] })).bases).toEqual([
      { id: 'beeswax_yellow', parts: 1 },
    ]);
  });

  test('none is added twice, and none that nobody knows', () => {
    const one = draft();
    expect(addBase('jojoba')(one)).toBe(one);
    expect(addBase('moonbutter')(one)).toBe(one);
  });

  test('another measure takes the place of the one before', () => {
    expect(measureBase('jojoba', { g: 30 })(draft()).bases).toEqual([{ id: 'jojoba', g: 30 }]);
    expect(removeBase('jojoba')(draft()).bases).toEqual([]);
  });
});

describe('vessels', () => {
  test('lines go in and come out the same, the first first', () => {
    const lines = [
      { vessel: { id: 'tin-15' }, count: 9 },
      { vessel: { id: 'tube-5' }, count: 4 },
    ];
    const two = setLines(lines)(draft());
    expect(linesOf(two)).toEqual(lines);
    const one = setLines(lines.slice(1))(two);
    expect(one.vessel).toEqual({ id: 'tube-5' });
    expect('more' in one).toBe(false);
    expect(setLines([])(two)).toBe(two);
  });
});

describe('how it is mixed', () => {
  test('what is usual is left out, so that the file stays plain', () => {
    const all = setMixing({ inOne: true, lossPercent: 5, whipPercent: 50, useMl: 2 })(draft());
    expect(all).toMatchObject({ inOne: true, lossPercent: 5, whipPercent: 50, useMl: 2 });
    const none = setMixing({ inOne: false, lossPercent: 0, whipPercent: null, useMl: null })(all);
    expect(none).toEqual(draft());
  });

  test('one is set without touching the others', () => {
    const loss = setMixing({ lossPercent: 5 })(draft());
    expect(setMixing({ whipPercent: 40 })(loss)).toMatchObject({ lossPercent: 5, whipPercent: 40 });
  });
});

test('a strength is asked for, and taken back', () => {
  expect(askFor(2)(draft()).target).toEqual({ percent: 2 });
  expect(askFor(null)(draft({ target: { percent: 2 } })).target).toBeNull();
});

test('what needs the whole worked out does nothing while the sentence has gaps', () => {
  const gaps = emptyDraft();
  expect(asWorkedOut(() => draft())(gaps)).toBe(gaps);
});
