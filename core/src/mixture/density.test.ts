import { expect, test } from 'vitest';
import { shippedOils } from '../catalog';
import { mlOfGrams } from './density';

test('grams come to ml by the density, exactly', () => {
  expect(mlOfGrams(1.8, { densityGPerMl: 0.9 })).toEqual({ low: 2, likely: 2, high: 2 });
});

test('without a density they are a range that holds nearly every oil of the library', () => {
  const { low, likely, high } = mlOfGrams(1, { densityGPerMl: null });
  expect(low).toBeLessThan(likely);
  expect(likely).toBeLessThan(high);
  const known = shippedOils.flatMap(({ densityGPerMl }) => densityGPerMl ?? []);
  const inside = known.filter((density) => 1 / density >= low && 1 / density <= high);
  expect(known.length).toBeGreaterThan(100);
  expect(inside.length / known.length).toBeGreaterThan(0.85);
});
