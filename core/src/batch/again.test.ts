import { describe, expect, test } from 'vitest';
import { asSettled, evaluate, settleMade } from '../drops';
import { shippedCatalog } from '../catalog';
import { workedOut } from '../drops/worked.testing';
import { stepsOf, type BenchEvent } from '../making';
import { recipeFrom, shortOils } from '../recipe/recipe.testing';
import { isAsPlanned, recipeAsMade, wearerChanges } from './again';
import { madeOf } from './made';
import { done, drop } from '../making/events.testing';

const recipe = recipeFrom({
  name: 'Trial',
  brief: { wearer: 'anyone', place: 'pulse-points' },
  oils: [
    { id: 'lavender', drops: 2 },
    { id: 'cypress', ml: 0.1 },
  ],
  bases: [{ id: 'jojoba', parts: 1 }],
});

/** Everything done as planned, with these things besides. */
const madeWith = (extra: readonly BenchEvent[], left: readonly string[] = []) => {
  const { blend: planned, evaluation } = workedOut(recipe);
  const settled = asSettled(recipe, planned, evaluation);
  const blend = settleMade(shippedCatalog, settled);
  const steps = stepsOf(blend, evaluate(blend).mixture);
  const events = steps.flatMap((step): BenchEvent[] => [
    ...(step.kind === 'count' && !left.includes(step.id)
      ? Array.from({ length: step.drops }, () => drop(step.id))
      : []),
    ...(left.includes(step.id) ? [] : [done(step.id)]),
  ]);
  return { asked: settled, made: madeOf(blend, [...events, ...extra]) };
};

describe('made again, it starts from what was made', () => {
  test('with the drops that fell', () => {
    const { asked, made } = madeWith([drop('count/0/lavender')]);
    expect(shortOils(recipeAsMade(asked, made))).toEqual([
      { id: 'lavender', drops: 3 },
      { id: 'cypress', ml: 0.1 },
    ]);
    expect(isAsPlanned(asked, made)).toBe(false);
  });

  test('with an oil that was added after smelling, and with what was measured', () => {
    const { asked, made } = madeWith([
      {
        kind: 'something-else',
        container: 0,
        ingredient: 'vetiver',
        bottleId: null,
        source: 'tap',
        amount: { unit: 'drops', value: 1 },
        words: '',
        intended: true,
      },
      {
        kind: 'measured',
        step: 'measure/0/cypress',
        ingredient: 'cypress',
        source: 'typed',
        amount: { unit: 'ml', value: 0.15 },
      },
    ]);
    expect(shortOils(recipeAsMade(asked, made))).toEqual([
      { id: 'lavender', drops: 2 },
      { id: 'cypress', ml: 0.15 },
      { id: 'vetiver', drops: 1 },
    ]);
    expect(isAsPlanned(asked, made)).toBe(false);
  });

  test('but not with an oil that went in by mistake', () => {
    const { asked, made } = madeWith([
      {
        kind: 'something-else',
        container: 0,
        ingredient: 'clove-bud',
        bottleId: null,
        source: 'typed',
        amount: { unit: 'drops', value: 1 },
        words: '',
      },
    ]);
    expect(shortOils(recipeAsMade(asked, made)).map(({ id }) => id)).not.toContain('clove-bud');
  });

  test('in the container that it went into', () => {
    const { asked, made } = madeWith([{ kind: 'moved', container: 0, containerId: 'roll-on-15' }]);
    expect(recipeAsMade(asked, made).containers).toEqual([
      { container: { id: 'roll-on-15' }, count: 1 },
    ]);
  });

  test('without what never went in', () => {
    const { asked, made } = madeWith([], ['measure/0/cypress']);
    expect(recipeAsMade(asked, made).oils.map(({ id }) => id)).toEqual(['lavender']);
    expect(isAsPlanned(asked, made)).toBe(false);
  });

  test('where all went as planned it says so', () => {
    const { asked, made } = madeWith([]);
    expect(isAsPlanned(asked, made)).toBe(true);
    expect(shortOils(recipeAsMade(asked, made))[0]).toEqual({ id: 'lavender', drops: 2 });
  });
});

test('what has changed of somebody since is told, and nothing else', () => {
  const pip = {
    ageMonths: 71,
    pregnant: false,
    breastfeeding: false,
    conditions: ['asthma'],
    allergies: [],
    skin: 'normal',
  } as const;
  expect(wearerChanges(pip, pip)).toEqual([]);
  // A month more says nothing where the age is reported in years.
  expect(wearerChanges({ ...pip, ageMonths: 480 }, { ...pip, ageMonths: 481 })).toEqual([]);
  expect(
    wearerChanges(pip, { ...pip, ageMonths: 72, conditions: ['epilepsy'], allergies: ['nut'] }),
  ).toEqual([
    { code: 'age', months: 72, beforeMonths: 71 },
    { code: 'condition', what: 'epilepsy', is: true },
    { code: 'condition', what: 'asthma', is: false },
    { code: 'allergy', what: 'nut', is: true },
  ]);
});
