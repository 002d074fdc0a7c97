import { shippedCatalog } from '../catalog';
import type { DropPlan } from '../drops';
import { planWords } from './plan';
import { expect, test } from 'vitest';

const plan = (more: Partial<DropPlan>): DropPlan => ({
  drops: [4],
  aimedMl: [],
  allAimedMl: [],
  targetMl: 0.2,
  reachedMl: 0.2,
  binding: [],
  leftOut: [],
  proved: true,
  nearerByMl: 0,
  ...more,
});

const words = (more: Partial<DropPlan>, looking = false) =>
  planWords(shippedCatalog, plan(more), 10, looking);

test('where it came to what was asked there is nothing to say', () => {
  expect(words({})).toEqual([]);
});

test('what held it back is named, with what was reached and what was asked', () => {
  expect(
    words({
      targetMl: 0.5,
      binding: [
        { rule: 'whole-blend', subject: 'blend' },
        { rule: 'oil-maximum', subject: 'lemongrass' },
      ],
    }),
  ).toEqual([
    'Reduced from 5 % to 2 % because of the maximum of the whole blend and lemongrass’s dermal maximum.',
  ]);
});

test('a limit that cost less than can be read is not said to hold it back', () => {
  expect(words({ targetMl: 0.2001, binding: [{ rule: 'fill', subject: 'blend' }] })).toEqual([]);
});

test('an oil of which one drop is too much comes with the way out', () => {
  const [sentence] = words({
    leftOut: [
      { oilId: 'lemongrass', because: [{ rule: 'constituent', subject: 'citral' }], mostMl: 0.005 },
    ],
  });
  expect(sentence).toMatch(
    /^Lemongrass is left out: one drop is already too much for the combined citral limit\./,
  );
  expect(sentence).toMatch(/A larger container would take it, or a pre-dilution\.$/);
});

test('where the others leave it no room, that is said', () => {
  const [sentence] = words({ leftOut: [{ oilId: 'lavender', because: [], mostMl: 0 }] });
  expect(sentence).toMatch(/The other oils leave no room for it\.$/);
});

test('of an oil that must not be used at all nothing is said here: the verdict does', () => {
  expect(words({ leftOut: [{ oilId: 'wormwood', because: [], mostMl: 0 }] })).toEqual([]);
});

test('an unproved choice says so: first that it is still looked for, then how far off it may be', () => {
  const unproved = { proved: false, nearerByMl: 0.012 };
  expect(words(unproved, true)).toEqual([
    'These are the closest drops found so far. Jubbet is still looking.',
  ]);
  expect(words(unproved)).toEqual([
    'Another set of drops may be closer, by at most 0.01 ml in total.',
  ]);
});

test('where one drop of each is more than was asked, that is said', () => {
  expect(words({ drops: [1, 1, 1], targetMl: 0.1, reachedMl: 0.15 })).toEqual([
    '1.5 %, not the target of 1 %: one drop of each is the least you can add.',
  ]);
  expect(words({ drops: [2, 1], targetMl: 0.1, reachedMl: 0.15 })).toEqual([]);
});
