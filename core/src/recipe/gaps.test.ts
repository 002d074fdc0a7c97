import { expect, test } from 'vitest';
import { briefOf, gapsOf } from './gaps';
import { emptyRecipe } from './recipe';
import { recipeFrom } from './recipe.testing';

const whole = recipeFrom({
  brief: { wearer: 'anyone', place: 'hands-or-feet' },
  oils: [{ id: 'lavender', drops: 2 }],
  bases: [{ id: 'jojoba', parts: 1 }],
});

test('a new recipe lacks a wearer, a place and a base', () => {
  expect(gapsOf(emptyRecipe())).toEqual([{ code: 'wearer' }, { code: 'place' }, { code: 'base' }]);
});

test('a whole one lacks nothing, with oils or without', () => {
  expect(gapsOf(whole)).toEqual([]);
  expect(gapsOf({ ...whole, oils: [] })).toEqual([]);
});

test('parts need a strength to be parts of', () => {
  const parts = {
    ...whole,
    oils: [{ id: 'lavender', amount: { unit: 'parts', value: 1 } as const }],
  };
  expect(gapsOf(parts)).toEqual([{ code: 'target' }]);
  expect(gapsOf({ ...parts, target: { percent: 1 } })).toEqual([]);
});

test('what has no amount yet is named, oil and base', () => {
  expect(
    gapsOf({
      ...whole,
      oils: [...whole.oils, { id: 'lemon', amount: null }],
      bases: [...whole.bases, { id: 'argan', amount: null }],
    }),
  ).toEqual([{ code: 'amount', ids: ['lemon', 'argan'] }]);
});

test('a brief is whole with wearer and place; who in the house that is is not in it', () => {
  expect(briefOf(emptyRecipe())).toBeNull();
  expect(briefOf({ brief: { ...whole.brief, personId: 'ines' } })).toEqual({
    wearer: 'anyone',
    place: 'hands-or-feet',
    use: 'leave-on',
    sun: 'exposed',
    forSale: false,
    asked: [],
    timesPerDay: null,
  });
});
