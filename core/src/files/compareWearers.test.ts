import { expect, test } from 'vitest';
import { evaluate } from '../dose/evaluate';
import { blendOf, drops, parts } from '../testing';
import { onWearer, usualWearers } from './compareWearers';

const on = (name: string, asked: Parameters<typeof blendOf>[0]) => {
  const blend = blendOf(asked);
  const who = usualWearers.find((one) => one.name === name);
  if (!who) throw new Error(`nobody is called ${name}`);
  return onWearer(blend, evaluate(blend).plan, who.wearer);
};

test('the same bottle is judged drop for drop, whatever its own wearer allowed', () => {
  // Asked 5 % for an adult: ten drops in 9.5 ml. For a child of two that is past twice 2 %.
  const asked = { oils: { lavender: parts(1) }, target: 5 };
  expect(on('A child of two', asked)).toMatchObject({ verdict: 'over', hard: true });
  expect(on('Someone of seventy', asked)).toMatchObject({ verdict: 'over', hard: false });
});

test('pregnancy without a week counts as the first third', () => {
  expect(on('Someone pregnant', { oils: { lavender: drops(3) } }).verdict).toBe('over');
  expect(on('Someone pregnant', { oils: { lavender: drops(1) } }).verdict).toBe('mind');
});

test('what speaks against it comes worst first, and what holds is left out', () => {
  const { against } = on('A child of eight', {
    oils: { wintergreen: drops(1), lavender: drops(9) },
  });
  expect(against[0]?.verdict).toBe('over');
  expect(against.some(({ verdict }) => verdict === 'holds')).toBe(false);
});
