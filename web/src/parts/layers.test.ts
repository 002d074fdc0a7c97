import { shippedCatalog } from '@jubbet/core/catalog';
import { workOut } from '@jubbet/core/drops';
import { emptyRecipe } from '@jubbet/core/recipe';
import { expect, test } from 'vitest';
import { layersOf } from './layers';

const worked = workOut(shippedCatalog, {
  ...emptyRecipe(),
  brief: { ...emptyRecipe().brief, wearer: 'anyone', place: 'body-leave-on' },
  containers: [{ container: { id: 'jar-60' }, count: 1 }],
  by: 'weight',
  oils: [
    { id: 'lavender', amount: { unit: 'drops', value: 6 } },
    { id: 'petitgrain', amount: { unit: 'drops', value: 4 } },
  ],
  bases: [
    { id: 'beeswax_yellow', amount: { unit: 'percent', value: 12 } },
    { id: 'shea_butter', amount: { unit: 'percent', value: 20 } },
    { id: 'jojoba', amount: { unit: 'parts', value: 2 } },
    { id: 'camellia_seed', amount: { unit: 'parts', value: 1 } },
  ],
});
if (worked.state !== 'done') throw new Error(worked.state);
const balm = worked.evaluation.mixture;

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

test('of what is poured out of a jug a container gets its share of everything', () => {
  const whole = layersOf(balm, null);
  const poured = layersOf(balm, balm.fillMl / 3);
  expect(sum(poured)).toBeCloseTo(balm.fillMl / 3, 6);
  poured.forEach((layer, at) => expect(layer.ml).toBeCloseTo(whole[at]!.ml / 3, 9));
});

test('in an empty glass there is nothing', () => {
  expect(layersOf(null, 10)).toEqual([]);
});
