import { expect, test } from 'vitest';
import { compare } from './againstHighs.testing';

test('a thousand random problems, seeds 1 to 1000, against HiGHS', async () => {
  const seeds = Array.from({ length: 1000 }, (_, n) => n + 1);
  const compared = (await compare(seeds, 3, 'thorough')).filter(({ theirs }) => theirs !== null);
  const worse = compared.map((entry) => ({ ...entry, by: entry.ours - (entry.theirs ?? 0) }));
  expect(worse.filter(({ by, proved }) => proved && by > 5e-6)).toEqual([]);
  // Where it is not proved, the sheet says so; it is close all the same.
  expect(worse.filter(({ by }) => by > 0.01)).toEqual([]);
}, 3_600_000);
