import { chemistryOf, smellFamilies, type Base, type Oil, type SmellFamily } from '../catalog';
import type { Mixture } from '../mixture';
import { type Volatile, fromBoilingPoint, usualExponent } from './volatile';

/** What is put on for one use, where the maker has not measured it: two swipes of a roll-on, in ml. */
export const usualDoseMl = 0.05;
/** On so much skin, in cm². */
const usualAreaCm2 = 10;
/** What is more than this on a cm² is spread further, in ml: 0.2 mm. */
const thickestCm = 0.02;

/** A constituent in the film, with where it came from. */
interface InFilm {
  readonly volatile: Volatile;
  /** In mol, by the oils that it is from. */
  readonly from: ReadonlyMap<string, number>;
  readonly mol: number;
}

/** A thin film on skin. */
export interface Film {
  readonly constituents: readonly InFilm[];
  /** What carries them and hardly leaves, in mol and in m³. */
  readonly carrierMol: number;
  readonly carrierM3: number;
  /** Alcohol, which leaves first, in mol. */
  readonly alcoholMol: number;
  readonly areaM2: number;
}

/** Of carriers, in g/mol: of triglycerides where nothing else is said. */
const carrierMass: Readonly<Record<string, number>> = {
  jojoba: 607,
  squalane: 423,
  fractionated_coconut: 500,
  meadowfoam: 960,
  vegetable_glycerin: 92,
  vitamin_e: 431,
  beeswax_white: 680,
  beeswax_yellow: 680,
  candelilla_wax: 600,
  carnauba_wax: 800,
  rice_bran_wax: 780,
  lanolin: 600,
  cetyl_alcohol: 242,
};
const triglyceride = 870;

/** Alcohol: g/mol, g/ml, and Pa on skin from 7,870 Pa at 25 °C. */
export const alcohol = { molarMass: 46.07, density: 0.789, pressurePa: 11_600 } as const;

/** Density of constituents together, in g/m³: it only sets how much room they take. */
const oilGPerM3 = 9e5;

/** What a constituent of unknown composition is drawn by: note and strength of the oil alone. */
const byNote: Readonly<Record<Oil['note'], number>> = { top: 160, middle: 235, base: 295 };

/** How what is not known of an oil is named among constituents. */
export const unknownName = (oilId: string): string => `${oilId}, composition not known`;

/** What is not known by name is drawn from this share of an oil on, in percent. */
const muchUnnamed = 20;

type Families = Volatile['families'];

/** What the known part of an oil smells of, by weight: what is not known is drawn like it. */
const familiesOf = (
  contents: readonly (readonly [string, number, number, number])[],
  find: (name: string) => Volatile,
): Families => {
  const sums: Partial<Record<SmellFamily, number>> = {};
  let total = 0;
  for (const [name, , typical] of contents) {
    for (const family of smellFamilies) {
      const share = typical * (find(name).families[family] ?? 0);
      if (share <= 0) continue;
      sums[family] = (sums[family] ?? 0) + share;
      total += share;
    }
  }
  for (const family of smellFamilies) {
    const sum = sums[family];
    if (sum !== undefined) sums[family] = sum / total;
  }
  return sums;
};

/** What is not known of an oil: one substance by its note, as strong as the oil smells. */
const unknownIn = (oil: Oil, families: Families): Volatile => ({
  name: unknownName(oil.id),
  molarMassGPerMol: oil.note === 'base' ? 220 : 150,
  pressurePa: fromBoilingPoint(byNote[oil.note]),
  pressureFactor: 10,
  logKow: oil.note === 'base' ? 5 : 3,
  // Each step of strength is a threshold three times lower; 3 is that of linalool.
  thresholdUgPerM3: 8 * 3 ** (3 - oil.odourStrength),
  thresholdFactor: 30,
  exponent: usualExponent,
  families,
  estimated: ['pressure', 'threshold'],
});

/** How figures that are not certain are taken. */
export interface Taken {
  /** How much of an oil one of its constituents is, in percent: between low and high. */
  readonly content: (low: number, typical: number, high: number) => number;
  /** The same constituent with figures within their factors. */
  readonly figures: (volatile: Volatile) => Volatile;
}

const asTheyAre: Taken = {
  content: (_low, typical) => typical,
  figures: (volatile) => volatile,
};

/** What is left out of a film: water, grains, what takes no part. */
const isCarrier = ({ kind }: Base): boolean =>
  !['aqueous', 'dry', 'alcohol', 'soap', 'preservative'].includes(kind);

/**
 * A blend as it is put on, from what is in its container.
 *
 * @param doseMl what one use takes
 */
export const filmOf = (
  { oils, bases, totalMl }: Mixture,
  doseMl: number,
  find: (name: string) => Volatile,
  { content, figures }: Taken = asTheyAre,
): Film => {
  const share = doseMl / totalMl.likely;
  const found = new Map<string, { volatile: Volatile; from: Map<string, number>; mol: number }>();
  const add = (volatile: Volatile, oilId: string, g: number): void => {
    const mol = g / volatile.molarMassGPerMol;
    if (mol <= 0) return;
    const entry = found.get(volatile.name) ?? { volatile, from: new Map<string, number>(), mol: 0 };
    entry.mol += mol;
    entry.from.set(oilId, (entry.from.get(oilId) ?? 0) + mol);
    found.set(volatile.name, entry);
  };
  for (const { oil, g } of oils) {
    const put = g.likely * share;
    const contents = chemistryOf(oil)?.constituents ?? [];
    for (const [name, low, typical, high] of contents) {
      add(figures(find(name)), oil.id, (put * content(low, typical, high)) / 100);
    }
    const unnamed = 100 - contents.reduce((total, [, , typical]) => total + typical, 0);
    if (unnamed >= muchUnnamed) {
      const families = familiesOf(contents, find);
      add(figures(unknownIn(oil, families)), oil.id, (put * unnamed) / 100);
    }
  }
  const carriers = bases.filter(({ base }) => isCarrier(base));
  const alcoholG = bases
    .filter(({ base }) => base.kind === 'alcohol')
    .reduce((total, { g }) => total + g.likely * share, 0);
  return {
    constituents: [...found.values()],
    carrierMol: carriers.reduce(
      (total, { base, g }) => total + (g.likely * share) / (carrierMass[base.id] ?? triglyceride),
      0,
    ),
    carrierM3: carriers.reduce((total, { ml }) => total + ml.likely * share * 1e-6, 0),
    alcoholMol: alcoholG / alcohol.molarMass,
    areaM2: Math.max(usualAreaCm2, doseMl / thickestCm) * 1e-4,
  };
};

/** What constituents take up, in m³. */
export const volumeOf = (gram: number): number => gram / oilGPerM3;

/** Pure linalool at 1 % in jojoba, of which one minute is the unit of intensity. */
export const referenceFilm = (find: (name: string) => Volatile): Film => {
  const ml = usualDoseMl;
  const linalool = find('linalool');
  const mol = (0.01 * ml * 0.862) / linalool.molarMassGPerMol;
  return {
    constituents: [{ volatile: linalool, from: new Map([['linalool', mol]]), mol }],
    carrierMol: (0.99 * ml * 0.867) / 607,
    carrierM3: 0.99 * ml * 1e-6,
    alcoholMol: 0,
    areaM2: usualAreaCm2 * 1e-4,
  };
};
