import { dropOf, type OilMeasure, baseDensity } from '../mixture';
import { type PlaceId, fillMl, usualContainer, shippedCatalog } from '../catalog';
import { sumLimits } from '../limits';
import { baseOf, known } from '../catalog/known.testing';
import type { Blend } from './blend';

// Random problems of whole drops, and the same problems written for another solver.

/** Numbers that look random and are the same for the same seed (mulberry32). */
const seeded = (seed: number) => {
  let state = seed >>> 0;
  const next = (): number => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
  return {
    next,
    whole: (least: number, most: number) => least + Math.floor(next() * (most - least + 1)),
    pick: <T>(list: readonly T[]): T => known(list[Math.floor(next() * list.length)]),
  };
};

const pours = ['oil', 'antioxidant', 'solubiliser', 'alcohol', 'aqueous'];
const carriers = shippedCatalog.bases.filter(({ kind }) => pours.includes(kind));

const usable = shippedCatalog.oils.filter(
  ({ keepOffSkin, notForHomeBlending, densityGPerMl }) =>
    !keepOffSkin && notForHomeBlending === null && densityGPerMl !== null,
);

const containers = [
  'roll-on-5',
  'roll-on-10',
  'roll-on-15',
  'roll-on-30',
  'dropper-50',
  'dropper-100',
];
const places: readonly PlaceId[] = ['pulse-points', 'face', 'perfume-small-area', 'body-massage'];

/** A blend of up to 12 oils by parts that asks for up to 120 drops. */
export const randomBlend = (seed: number): Blend => {
  const random = seeded(seed);
  const count = random.whole(1, 12);
  const chosen = new Set<(typeof usable)[number]>();
  while (chosen.size < count) chosen.add(random.pick(usable));
  const container = known(usualContainer(random.pick(containers)));
  const weighed = random.next() < 0.4;
  const most = (100 * 120 * 0.05) / fillMl(container);
  return {
    catalog: shippedCatalog,
    name: `problem ${seed}`,
    purpose: '',
    count: 1,
    fillings: [],
    inOne: false,
    lossPercent: 0,
    gainPercent: 0,
    grain: null,
    guideline: random.pick(['clinical', 'cautious']),
    brief: {
      wearer: {
        ageMonths: random.pick([40, 100, 500, 900]),
        pregnant: false,
        breastfeeding: false,
        conditions: [],
        allergies: [],
        skin: 'normal',
      },
      place: random.pick(places),
      // Every third is put on in two places, and the strictest of both holds.
      ...(seed % 3 === 0 ? { alsoOn: [seeded(seed + 1).pick(places)] } : {}),
      use: 'leave-on',
      sun: 'exposed',
      forSale: false,
      asked: [],
      timesPerDay: null,
    },
    formula: {
      container,
      by: 'volume',
      dropsPerMl: random.pick([20, 30, 17]),
      targetPercent: Math.min(20, Math.max(0.5, most * random.next())),
      oils: [...chosen].map((oil) => {
        const measure: OilMeasure = { by: 'parts', parts: random.whole(1, 6) };
        const ml = 0.02 + 0.04 * random.next();
        return weighed && random.next() < 0.6
          ? { oil, measure, dropMl: { low: ml, likely: ml, high: ml } }
          : { oil, measure };
      }),
      bases: [{ base: baseOf(random.pick(carriers).id), parts: 1 }],
    },
  };
};

/** The least summed distance as a linear programme in whole numbers, in the CPLEX format. */
export const asLinearProgramme = (
  blend: Blend,
  leftOut: ReadonlySet<string>,
  aimedMl: readonly (number | null)[],
): string => {
  const { formula, brief, guideline } = blend;
  const fill = fillMl(formula.container);
  const density = baseDensity(formula.bases);
  const entries = formula.oils.map((entry, i) => ({
    i,
    oil: entry.oil,
    drop: dropOf(entry, formula.dropsPerMl).likely,
    asked: aimedMl[i] ?? 0,
    density: known(entry.oil.densityGPerMl),
    out: leftOut.has(entry.oil.id),
  }));
  const sum = (coefficient: (entry: (typeof entries)[number]) => number): string =>
    entries
      .map((entry) => ({ value: coefficient(entry) * entry.drop, i: entry.i }))
      .filter(({ value }) => value !== 0)
      .map(({ value, i }) => `${value < 0 ? '-' : '+'} ${Math.abs(value)} x${i}`)
      .join(' ');
  const limits = sumLimits(
    entries.map(({ oil }) => oil),
    brief,
    guideline,
    formula.by,
  ).filter(({ most }) => Number.isFinite(most));
  const rows = limits.flatMap(({ weights: { likely: weights }, most, by }) => {
    const share = most / 100;
    const byVolume = [sum(({ i }) => weights[i] ?? 0), share * fill] as const;
    const byWeight = [
      sum((entry) => (weights[entry.i] ?? 0) * entry.density - share * (entry.density - density)),
      share * density * fill,
    ] as const;
    return by === undefined ? [byVolume, byWeight] : [by === 'volume' ? byVolume : byWeight];
  });
  return [
    'Minimize',
    ` obj: ${entries.map(({ i }) => `u${i}`).join(' + ')}`,
    'Subject To',
    ...entries.flatMap(({ i, drop, asked: wantedMl }) => [
      ` over${i}: u${i} - ${drop} x${i} >= ${-wantedMl}`,
      ` under${i}: u${i} + ${drop} x${i} >= ${wantedMl}`,
    ]),
    ` fill: ${sum(() => 1)} <= ${fill}`,
    ...rows
      .filter(([row]) => row !== '')
      .map(([row, limit], n) => ` limit${n}: ${row} <= ${limit}`),
    'Bounds',
    ...entries.map(({ i, out }) => (out ? ` x${i} = 0` : ` 1 <= x${i} <= 400`)),
    'General',
    ` ${entries.map(({ i }) => `x${i}`).join(' ')}`,
    'End',
  ].join('\n');
};

/** The summed distance of drops from what was aimed at, in ml. */
export const distanceOf = (
  { formula }: Blend,
  drops: readonly (number | null)[],
  aimedMl: readonly (number | null)[],
): number =>
  formula.oils.reduce((sum, entry, i) => {
    const ml = (drops[i] ?? 0) * dropOf(entry, formula.dropsPerMl).likely;
    return sum + Math.abs(ml - (aimedMl[i] ?? 0));
  }, 0);
