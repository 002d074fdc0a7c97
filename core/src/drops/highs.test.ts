import { expect, test } from 'vitest';
import { compare } from './againstHighs.testing';

/** A ten-thousandth of a drop, in ml. */
const nothing = 5e-6;

test('what is proved to be nearest is never a ten-thousandth of a drop worse than what HiGHS finds', async () => {
  const seeds = Array.from({ length: 60 }, (_, n) => n + 1);
  const compared = (await compare(seeds, 1)).filter(({ theirs }) => theirs !== null);
  expect(compared.length).toBeGreaterThan(40);
  for (const { seed, ours, theirs, proved } of compared) {
    if (proved) expect(ours, `seed ${seed}`).toBeLessThanOrEqual((theirs ?? 0) + nothing);
  }
  expect(compared.filter(({ proved }) => proved).length).toBeGreaterThan(0.9 * compared.length);
}, 120_000);
