// The rows of the dry-down and of the plan of gifts.
import { shippedCatalog as catalog } from '@jubbet/core/catalog';
import { evaluate, workOut } from '@jubbet/core/drops';
import { workOutPlan, type GiftPlan } from '@jubbet/core/planning';
import { scentBand, scentOf } from '@jubbet/core/scent';
import { balmInJars, forBody } from '../core/src/drops/worked.testing';
import type { Row } from './benchHouse';

const frameMs = 16.7;
const short = (value: number): string => value.toPrecision(3);

/** Random numbers from 0 to 1, the same in every run. */
const randomFrom = (seed: number): (() => number) => {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return state / 2 ** 32;
  };
};

const rollOn = forBody({
  container: { id: 'roll-on-10' },
  oils: [
    { id: 'lavender', drops: 3 },
    { id: 'petitgrain', drops: 1 },
  ],
});

/** A plan of roll-ons and balms, mostly for one pair of hands and one pan, with hours or without. */
const randomPlan = (random: () => number): GiftPlan => {
  const below = (most: number): number => Math.floor(most * random());
  const evenings = [0, 1, 2, 3, 4].map((day) => ({ day, from: 1080, to: 1260 }));
  const weekend = [5, 6].map((day) => ({ day, from: 600, to: 960 }));
  return {
    from: '2026-12-05T09:00',
    ready: '2027-12-05T18:00',
    hours: [null, evenings, weekend, [...evenings, ...weekend]][below(4)] ?? null,
    capacity: { hands: [1, 1, 1, 2][below(4)] ?? 1, pans: [1, 1, 2][below(3)] ?? 1, fridges: 1 },
    largestJugMl: 500,
    lines: Array.from({ length: 1 + below(12) }, (_, n) => ({
      ...{ id: `line-${n}`, catalog, pieces: 1 + below(12), patchTest: random() < 0.2 },
      recipe: random() < 0.5 ? balmInJars : rollOn,
    })),
    shelf: [],
    sold: [],
    containers: [],
    pace: new Map(),
  };
};

const plans = 120;

const benchPlans = (row: Row): void => {
  const random = randomFrom(20_261_202);
  const times: number[] = [];
  let proved = 0;
  let counted = 0;
  for (let n = 0; n < plans; n += 1) {
    const plan = randomPlan(random);
    const start = performance.now();
    const worked = workOutPlan(plan, { placements: 300_000 });
    const took = performance.now() - start;
    if (!worked.ok || worked.plan.batches.length > 12) continue;
    counted += 1;
    times.push(took);
    if (worked.plan.tookMinutes === worked.plan.boundMinutes) proved += 1;
  }
  row(
    `plans of up to 12 batches proved, of ${counted}`,
    `${proved}`,
    `${short(Math.max(...times))} ms the longest, ${short(times.reduce((sum, time) => sum + time, 0) / counted)} ms on average`,
    `${short((100 * proved) / counted)} %`,
    'nine in ten, within a second',
    proved / counted < 0.9 || Math.max(...times) > 1000,
  );
};

const twelveOils = [
  ...['lavender', 'bergamot-fcf', 'petitgrain', 'vetiver', 'lemon', 'ylang-ylang', 'patchouli'],
  ...['clary-sage', 'neroli', 'geranium', 'cardamom', 'rosemary-cineole'],
];

const benchScent = (row: Row): void => {
  const worked = workOut(
    catalog,
    forBody({
      container: { id: 'roll-on-30' },
      oils: twelveOils.map((id) => ({ id, drops: 2 })),
    }),
  );
  if (worked.state !== 'done') throw new Error(worked.state);
  const { blend } = worked;
  const worn = { mixture: evaluate(blend).mixture, brief: blend.brief, useMl: null };
  const time = (run: () => unknown, calls: number): number => {
    run();
    const start = performance.now();
    for (let n = 0; n < calls; n += 1) run();
    return (performance.now() - start) / calls;
  };
  const one = time(() => scentOf(worn), 20);
  const band = time(() => scentBand(worn), 3);
  const constituents = scentOf(worn).remaining.size;
  row(
    `dry-down of ${worn.mixture.oils.length} oils, ${constituents} constituents`,
    `${short(one)} ms`,
    `${frameMs} ms, a frame`,
    `${short(one / frameMs)} frames`,
    'within a frame',
    one > frameMs,
  );
  row('its band', `${short(band)} ms`, '1,000 ms', '', 'within a second, in a worker', band > 1000);
};

/** Measures the dry-down of twelve oils, and plans at random. */
export const benchCores = (row: Row): void => {
  benchScent(row);
  benchPlans(row);
};
