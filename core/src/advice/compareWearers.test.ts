import { expect, test } from 'vitest';
import { evaluate } from '../drops';
import { blendOf } from '../drops/blend.testing';
import { drops, parts } from '../mixture/measures.testing';
import { onWearer, usualWearers } from './compareWearers';

const on = (id: string, given: Parameters<typeof blendOf>[0]) => {
  const blend = blendOf(given);
  const who = usualWearers.find((usualWearer) => usualWearer.id === id);
  if (!who) throw new Error(`nobody is ${id}`);
  return onWearer(blend, evaluate(blend).plan, who.wearer);
};

test('the same bottle is judged drop for drop, whatever its own wearer allowed', () => {
  // Asked 5 % for an adult: ten drops in 9.5 ml. For a child of two that is past twice 2 %.
  const short = { oils: { lavender: parts(1) }, target: 5 };
  expect(on('child-of-2', short)).toMatchObject({ verdict: 'over', blocking: true });
  expect(on('of-70', short)).toMatchObject({ verdict: 'over', blocking: false });
});

test('pregnancy without a week counts as the first third', () => {
  expect(on('pregnant', { oils: { lavender: drops(3) } }).verdict).toBe('over');
  expect(on('pregnant', { oils: { lavender: drops(1) } }).verdict).toBe('caution');
});

test('what speaks against it comes worst first, and what is within limits is left out', () => {
  const { against } = on('child-of-8', {
    oils: { wintergreen: drops(1), lavender: drops(9) },
  });
  expect(against[0]?.verdict).toBe('over');
  expect(against.some(({ verdict }) => verdict === 'within')).toBe(false);
});
