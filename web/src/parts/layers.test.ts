import { workOut } from '@jubbet/core/drops';
import type { Recipe } from '@jubbet/core/recipe';
import { expect, test } from 'vitest';
import { layersOf } from './layers';

const mixtureOf = (more: Partial<Recipe>) => {
  const worked = workOut({
    ...emptyDraft(),
    brief: { ...emptyDraft().brief, wearer: 'anyone', place: 'body-leave-on' },
    ...more,
  });
  if (worked.state !== 'done') throw new Error(worked.state);
  return worked.evaluation.mixture;
};

const balm = mixtureOf({
  container: { id: 'jar-60' },
  by: 'weight',
  oils: [
    { id: 'lavender', drops: 6 },
    { id: 'petitgrain', drops: 4 },
  ],
  bases: [
    { id: 'beeswax_yellow', percent: 12 },
    { id: 'shea_butter', percent: 20 },
    { id: 'jojoba', parts: 2 },
    { id: 'camellia_seed', parts: 1 },
  ],
});

const sum = (layers: ReturnType<typeof layersOf>) =>
  layers.reduce((total, { ml }) => total + ml, 0);

test('the layers of a glass are all that is in it, each on top of the one before', () => {
  const layers = layersOf(balm, null);
  expect(sum(layers)).toBeCloseTo(balm.fillMl, 6);
  expect(layers[0]?.fromMl).toBe(0);
  layers.slice(1).forEach((layer, at) => {
    const below = layers[at]!;
    expect(layer.fromMl).toBeCloseTo(below.fromMl + below.ml, 9);
  });
});

test('carriers are one liquid; wax and butter show by themselves', () => {
  // Two oils, then wax, butter, and both carriers as one.
  expect(layersOf(balm, null)).toHaveLength(5);
});

test('of what is poured out of a jug a vessel gets its share of everything', () => {
  const whole = layersOf(balm, null);
  const poured = layersOf(balm, balm.fillMl / 3);
  expect(sum(poured)).toBeCloseTo(balm.fillMl / 3, 6);
  poured.forEach((layer, at) => expect(layer.ml).toBeCloseTo(whole[at]!.ml / 3, 9));
});

test('in an empty glass there is nothing', () => {
  expect(layersOf(null, 10)).toEqual([]);
});
