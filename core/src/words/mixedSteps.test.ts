import { describe, expect, test } from 'vitest';
import { shippedCatalog as catalog } from '../catalog';
import { evaluate, type Blend } from '../drops';
import { madeOut } from '../drops/worked.testing';
import {
  bottleThen,
  stepsNow,
  stepsOf,
  tallyOf,
  waysOn,
  type BenchEvent,
  type CountStep,
  type Step,
} from '../making';
import type { ShortRecipe } from '../recipe/recipe.testing';
import { blendOf as pouring } from '../drops/blend.testing';
import { ml } from '../mixture/measures.testing';
import { metricUnits } from './units';
import { stepDetail, stepFigure, stepHeading, stepTitle } from './steps';
import { done, drop } from '../making/events.testing';

const blendOf = (short: ShortRecipe): Blend => madeOut({ by: 'weight', ...short }).blend;

const stepsFor = (blend: Blend): Step[] => stepsOf(blend, evaluate(blend).mixture);
const ids = (steps: readonly Step[]): string[] => steps.map(({ id }) => id);

const perfume = blendOf({
  container: { id: 'tin-15' },
  count: 9,
  more: [{ container: { id: 'tube-5' }, count: 4 }],
  lossPercent: 5,
  oils: [
    { id: 'lavender', drops: 20 },
    { id: 'patchouli', drops: 10 },
  ],
  bases: [
    { id: 'beeswax_yellow', percent: 27 },
    { id: 'vitamin_e', percent: 0.5 },
    { id: 'jojoba', parts: 1 },
  ],
});

describe('a solid perfume for nine tins and four sticks', () => {
  const steps = stepsFor(perfume);

  test('everything is at hand before anything is hot', () => {
    expect(ids(steps)).toEqual([
      'set-out',
      'lay-out',
      'count/0/lavender',
      'count/0/patchouli',
      'smell',
      'weigh/0/beeswax_yellow',
      'weigh/0/jojoba',
      'weigh/0/vitamin_e',
      'melt',
      'warm-in',
      'cool',
      'stir-in',
      'fill/0',
      'fill/1',
      'set',
      'close-all',
      'label',
    ]);
  });

  test('what is weighed comes to what is mixed, and what is filled to that without the loss', () => {
    const { mixture } = evaluate(perfume);
    const weighed = steps.reduce((total, step) => total + (step.kind === 'weigh' ? step.g : 0), 0);
    const oils = mixture.oils.reduce((total, { g }) => total + g.likely, 0);
    expect(weighed + oils).toBeCloseTo(mixture.totalG.likely, 6);
    const filled = steps.reduce(
      (total, step) => total + (step.kind === 'fill' ? step.line.count * step.line.g : 0),
      0,
    );
    expect(filled * 1.05).toBeCloseTo(mixture.totalG.likely, 6);
  });

  test('the oils go in a few degrees above where it sets', () => {
    const cool = steps.find((step) => step.kind === 'cool');
    expect(cool).toMatchObject({ kind: 'cool', setsAtC: expect.closeTo(53.2, 0) });
    expect(cool?.kind === 'cool' && cool.toC[0] - (cool.setsAtC ?? 0)).toBeGreaterThan(2.9);
  });

  test('each step has words, and what is read from afar has a figure', () => {
    for (const step of steps) {
      for (const words of [
        stepTitle(catalog, step, metricUnits),
        stepHeading(catalog, step, metricUnits),
        stepDetail(catalog, step, metricUnits),
      ]) {
        expect(words).not.toMatch(/undefined|NaN|null/);
      }
      expect(stepDetail(catalog, step, metricUnits)).toMatch(/\.$/);
      if (['weigh', 'cool', 'melt', 'fill'].includes(step.kind))
        expect(stepFigure(step, metricUnits)).not.toBeNull();
    }
    expect(stepDetail(catalog, steps[0]!, metricUnits)).toMatch(
      /^9 tins of 15 ml and 4 sticks of 5 ml/,
    );
  });
});

describe('other melts', () => {
  test('butters alone are whipped, need no warmed oil and no set point', () => {
    const butter = blendOf({
      container: { id: 'jar-120' },
      count: 2,
      whipPercent: 50,
      oils: [{ id: 'lavender', drops: 20 }],
      bases: [
        { id: 'shea_butter', percent: 70 },
        { id: 'arrowroot', percent: 2 },
        { id: 'fractionated_coconut', parts: 1 },
      ],
    });
    const steps = stepsFor(butter);
    expect(ids(steps)).toContain('sift');
    expect(ids(steps).indexOf('whip')).toBeGreaterThan(ids(steps).indexOf('stir-in'));
    const whip = steps.find((step) => step.kind === 'whip');
    // Two jars of 108.56 ml are for two thirds of that in the pan.
    expect(whip).toMatchObject({
      fromMl: expect.closeTo(144.75, 1),
      toMl: expect.closeTo(217.12, 1),
    });
    expect(
      stepDetail(
        catalog,
        steps.find((step) => step.kind === 'warm-in')!,
        metricUnits,
      ),
    ).not.toMatch(/seize/);
    expect(steps.find((step) => step.kind === 'cool')).toMatchObject({ toC: [35, 45] });
  });

  test('a scrub is stirred into its grains, and nothing is heated', () => {
    const scrub = blendOf({
      container: { id: 'jar-60' },
      oils: [{ id: 'lavender', drops: 5 }],
      bases: [
        { id: 'white_sugar', percent: 65 },
        { id: 'jojoba', parts: 1 },
      ],
    });
    expect(ids(stepsFor(scrub))).toEqual([
      'set-out',
      'lay-out',
      'count/0/lavender',
      'smell',
      'weigh/0/jojoba',
      'weigh/0/white_sugar',
      'combine',
      'fill/0',
      'close-all',
      'label',
    ]);
  });

  test('the hardest melts first, and candelilla wants it hotter', () => {
    const firm = blendOf({
      container: { id: 'tin-30' },
      oils: [],
      bases: [
        { id: 'cocoa_butter', percent: 20 },
        { id: 'candelilla_wax', percent: 8 },
        { id: 'jojoba', parts: 1 },
      ],
    });
    const melt = stepsFor(firm).find((step) => step.kind === 'melt');
    expect(melt).toMatchObject({ baseIds: ['candelilla_wax', 'cocoa_butter'], holdC: [75, 80] });
  });

  test('amounts that fill more than the containers leave something for a spare one', () => {
    const amounts = blendOf({
      container: { id: 'tin-15' },
      count: 2,
      oils: [],
      bases: [
        { id: 'beeswax_yellow', g: 6 },
        { id: 'jojoba', ml: 30 },
      ],
    });
    // 6.25 + 30 = 36.25 ml, two tins take 27.
    expect(stepsFor(amounts).find((step) => step.kind === 'left')).toMatchObject({
      ml: expect.closeTo(9.25),
    });
  });

  test('bottles of one kind can be filled from one jug', () => {
    const jug = blendOf({
      by: 'volume',
      mixedInOne: true,
      container: { id: 'dropper-30' },
      count: 3,
      oils: [{ id: 'lavender', drops: 10 }],
      bases: [{ id: 'jojoba', parts: 1 }],
    });
    const steps = stepsFor(jug);
    expect(ids(steps)).toContain('combine');
    expect(steps.filter(({ kind }) => kind === 'count')).toHaveLength(1);
  });
});

describe('when more fell into the beaker', () => {
  const steps = stepsFor(perfume);
  const count = steps.find((step): step is CountStep => step.kind === 'count')!;
  const events: BenchEvent[] = Array.from({ length: 25 }, () => drop(count.id));

  test('no larger bottle is offered, and more of the bases makes up for it', () => {
    const ways = waysOn(perfume, steps, tallyOf(events), count);
    expect(ways.map(({ kind }) => kind)).toEqual(['keep', 'carrier', 'restore', 'discard']);
    const more = ways.find(({ kind }) => kind === 'carrier')?.outcome;
    const planned = evaluate(perfume).mixture;
    expect(more?.mixture.fillMl).toBeGreaterThan(planned.fillMl);
    expect(more?.mixture.strength.byVolume.likely).toBeCloseTo(planned.strength.byVolume.likely, 6);
  });

  test('what is not weighed yet follows what fell; what is weighed stays', () => {
    const keep: BenchEvent = { kind: 'asked', step: count.id, drops: 25 };
    const weighed = done('weigh/0/beeswax_yellow');
    const now = stepsNow(perfume, steps, tallyOf([...events, keep, weighed]));
    const g = (list: readonly Step[], id: string) => {
      const step = list.find((entry) => entry.id === id);
      return step?.kind === 'weigh' ? step.g : 0;
    };
    expect(g(now, 'weigh/0/beeswax_yellow')).toBe(g(steps, 'weigh/0/beeswax_yellow'));
    expect(g(now, 'weigh/0/jojoba')).toBeLessThan(g(steps, 'weigh/0/jojoba'));
    const then = bottleThen(perfume, now, tallyOf([...events, keep]), 0);
    expect(stepsOf(perfume, then.mixture).map(({ id }) => id)).toEqual(ids(steps));
  });
});

test('each step of a roll-on has words, and thick oils are to be waited for', () => {
  const blend = pouring({ oils: { petitgrain: 3, vetiver: 1, lavender: ml(0.1) } });
  const steps = stepsFor(blend);
  for (const step of steps) {
    expect(stepTitle(catalog, step, metricUnits)).not.toMatch(/undefined/);
    expect(stepDetail(catalog, step, metricUnits)).toMatch(/\.$/);
  }
  expect(steps[3] && stepDetail(catalog, steps[3], metricUnits)).toMatch(/thick/i);
});

test('spoons stay spoons at the bench, with what they may weigh', () => {
  const steps = stepsFor(
    blendOf({
      container: { id: 'jar-240' },
      bases: [
        {
          id: 'beeswax_yellow',
          loose: { value: 2, unit: 'tablespoon', form: 'pellets', ml: 30 },
        },
        { id: 'jojoba', ml: 100 },
      ],
    }),
  );
  const weigh = steps.find((step) => step.kind === 'weigh' && step.baseId === 'beeswax_yellow');
  expect(weigh && stepFigure(weigh, metricUnits)).toBe('2 tablespoons of pellets');
  expect(weigh && stepDetail(catalog, weigh, metricUnits)).toMatch(
    /about 16\.2 g, from 14 to 20 g/,
  );
});
