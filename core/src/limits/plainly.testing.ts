import type { Brief } from '../brief';
import { constituentLimits, type Oil } from '../catalog';
import type { Guideline } from '../recipe';
import { wholeBlendLimit } from './guideline';

// Every maximum that is a sum, stated a second time: as it would be reckoned on paper, of nothing
// but volumes, densities and figures of the oils.

/** So much of an oil, in ml on likely drops. */
export interface Poured {
  readonly oil: Oil;
  readonly ml: number;
}

export interface PlainSum {
  readonly rule: string;
  readonly subject: string;
  /** In percent; of the shared light limit a ratio. */
  readonly value: number;
  readonly cap: number;
}

/** Recalled for lips and underarm; of other sensitisers 0.18 and 0.053 of the perfume figure. */
const strictest = (id: string, general: number, { place }: Brief): number => {
  if (place !== 'lips' && place !== 'underarm') return general;
  const ratio = place === 'lips' ? 0.18 : 0.053;
  const recalled: Record<string, number> =
    place === 'lips'
      ? { citral: 0.11, cinnamaldehyde: 0.045, eugenol: 0.45, isoeugenol: 0.019, safrole: 0.01 }
      : { citral: 0.032, safrole: 0.01 };
  const perfume: Record<string, number> = {
    cinnamaldehyde: 0.25,
    eugenol: 2.5,
    isoeugenol: 0.11,
    coumarin: 1.5,
    geraniol: 4.7,
    citronellol: 12,
    farnesol: 1.2,
    'benzyl benzoate': 4.8,
    'benzyl alcohol': 2.5,
    benzaldehyde: 0.25,
    'benzyl cinnamate': 2.1,
    'benzyl salicylate': 8,
    'cinnamyl alcohol': 0.4,
  };
  const derived = perfume[id];
  return Math.min(general, recalled[id] ?? (derived === undefined ? Infinity : derived * ratio));
};

/**
 * @param fillMl what the container takes to its line
 * @param baseGPerMl density of what fills it up
 */
export const plainSums = (
  poured: readonly Poured[],
  fillMl: number,
  baseGPerMl: number,
  brief: Brief,
  guideline: Guideline,
): PlainSum[] => {
  let oilMl = 0;
  let oilG = 0;
  for (const { oil, ml } of poured) {
    oilMl += ml;
    oilG += ml * (oil.densityGPerMl ?? NaN);
  }
  const allG = oilG + (fillMl - oilMl) * baseGPerMl;
  const largerSum = (weight: (oil: Oil) => number): number => {
    let byVolume = 0;
    let byWeight = 0;
    for (const { oil, ml } of poured) {
      byVolume += (weight(oil) * 100 * ml) / fillMl;
      byWeight += (weight(oil) * 100 * ml * (oil.densityGPerMl ?? NaN)) / allG;
    }
    return Math.max(byVolume, byWeight);
  };
  const holds = (oil: Oil, members: readonly string[]): number => {
    let percent = 0;
    for (const [name, , typical] of oil.counted?.constituents ?? []) {
      if (members.includes(name)) percent += typical;
    }
    return Math.min(100, percent) / 100;
  };
  const sums: PlainSum[] = [
    {
      rule: 'whole-blend',
      subject: 'blend',
      value: (100 * oilMl) / fillMl,
      cap: wholeBlendLimit(brief, guideline).maximum,
    },
  ];
  for (const { oil } of poured) {
    const cap = oil.dermalMaximum.percent;
    if (cap === null) continue;
    const value = largerSum((other) => (other.id === oil.id ? 1 : 0));
    sums.push({ rule: 'oil-maximum', subject: oil.id, value, cap });
  }
  const rinsed =
    brief.use === 'rinse-off' && ['bath', 'wash-off', 'scalp-or-hair'].includes(brief.place);
  if (!rinsed && poured.some(({ oil }) => oil.phototoxicLimitPercent !== null)) {
    const value = largerSum(({ phototoxicLimitPercent: limit }) =>
      limit === null ? 0 : 1 / limit,
    );
    sums.push({ rule: 'light-sum', subject: 'blend', value, cap: 1 });
  }
  for (const { id, members, percent: general } of constituentLimits) {
    const percent = strictest(id, general, brief);
    const brings = poured.some(({ oil }) =>
      oil.counted?.constituents.some(([name, , , high]) => members.includes(name) && high > 0),
    );
    if (!brings) continue;
    const value = largerSum((oil) => holds(oil, members));
    sums.push({ rule: 'constituent', subject: id, value, cap: percent });
  }
  return sums;
};
