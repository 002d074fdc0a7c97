import { describe, expect, test } from 'vitest';
import { evaluate } from '../dose/evaluate';
import { madeOf } from '../make/made';
import { stepsOf } from '../make/steps';
import type { BenchEvent } from '../make/tally';
import { known } from '../testing';
import { draftAsMade, isAsPlanned, wearerChanges } from './again';
import { emptyDraft, workOut, type BlendDraft } from './draft';
import { resolveMade } from './resolve';

const draft: BlendDraft = {
  ...emptyDraft(),
  name: 'Trial',
  brief: { ...emptyDraft().brief, wearer: 'anyone', place: 'pulse-points' },
  oils: [
    { id: 'lavender', drops: 2 },
    { id: 'cypress', ml: 0.1 },
  ],
  bases: [{ id: 'jojoba', parts: 1 }],
};

const fileOf = (given: BlendDraft) => {
  const worked = workOut(given);
  if (worked.state !== 'done') throw new Error(worked.state);
  return worked.file;
};

/** Everything done as planned, with these things besides. */
const madeWith = (extra: readonly BenchEvent[], left: readonly string[] = []) => {
  const file = fileOf(draft);
  const blend = resolveMade(file);
  const steps = stepsOf(blend, evaluate(blend).mixture);
  const events = steps.flatMap((step): BenchEvent[] => [
    ...(step.kind === 'count' && !left.includes(step.id)
      ? Array.from({ length: step.drops }, () => ({ kind: 'drop', step: step.id }) as const)
      : []),
    ...(left.includes(step.id) ? [] : [{ kind: 'done', step: step.id } as const]),
  ]);
  return { file, made: madeOf(blend, [...events, ...extra]) };
};

describe('made again, it starts from what was made', () => {
  test('with the drops that fell', () => {
    const { file, made } = madeWith([{ kind: 'drop', step: 'count/0/lavender' }]);
    expect(draftAsMade(file, made).oils).toEqual([
      { id: 'lavender', drops: 3 },
      { id: 'cypress', ml: 0.1 },
    ]);
    expect(isAsPlanned(file, made)).toBe(false);
  });

  test('in the container that it went into', () => {
    const { file, made } = madeWith([{ kind: 'moved', vessel: 0, vesselId: 'roll-on-15' }]);
    expect(draftAsMade(file, made).vessel).toEqual({ id: 'roll-on-15' });
  });

  test('without what never went in', () => {
    const { file, made } = madeWith([], ['measure/0/cypress']);
    expect(draftAsMade(file, made).oils.map(({ id }) => id)).toEqual(['lavender']);
    expect(isAsPlanned(file, made)).toBe(false);
  });

  test('where all went as planned it says so', () => {
    const { file, made } = madeWith([]);
    expect(isAsPlanned(file, made)).toBe(true);
    expect(known(draftAsMade(file, made).oils[0]).drops).toBe(2);
  });
});

test('what has changed of somebody since is told, and nothing else', () => {
  const pip = {
    ageMonths: 71,
    pregnant: false,
    nursing: false,
    conditions: ['asthma'],
    allergies: [],
    skin: 'normal',
  } as const;
  expect(wearerChanges(pip, pip)).toEqual([]);
  expect(
    wearerChanges(pip, { ...pip, ageMonths: 72, conditions: ['epilepsy'], allergies: ['nut'] }),
  ).toEqual([
    '6 years old, 5 years and 11 months then',
    'now: epilepsy',
    'no longer: asthma',
    'now: nut (allergy)',
  ]);
});
