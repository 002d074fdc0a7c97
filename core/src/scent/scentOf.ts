import { chemistryOf, smellFamilies, type Base, type Oil, type SmellFamily } from '../catalog';
import type { Brief } from '../brief';
import { mixtureSeen } from '../limits';
import type { Mixture } from '../mixture';
import { dryDown, type Moment } from './dryDown';
import { filmOf, unknownName, usualDoseMl, type Film } from './film';
import { perceived, unitOf, type Perceived } from './intensity';
import { volatiles, type Volatile } from './volatile';

/** What was taken for granted, as facts. */
export type Assumption =
  /** One use, in ml: the maker’s own, or two swipes. */
  | { readonly code: 'dose'; readonly ml: number; readonly isOwn: boolean }
  /** Oils of which no composition is known. */
  | { readonly code: 'unknown-oil'; readonly oilId: string }
  /** So much of the oils is not known by name, in percent of each: it is left out. */
  | { readonly code: 'unnamed'; readonly oils: readonly UnnamedPart[] }
  /** Pressures that are estimated, of so many constituents. */
  | { readonly code: 'pressures'; readonly estimated: number; readonly of: number }
  /** Constituents without a known threshold, that are so much of the oils, in percent. */
  | { readonly code: 'thresholds'; readonly names: readonly string[]; readonly percent: number }
  | { readonly code: 'changes'; readonly what: 'water' | 'alcohol' | 'wax' | 'grains' }
  /** It is rinsed off after so many minutes, or bathed in. */
  | { readonly code: 'rinsed'; readonly minute: number; readonly isBath: boolean };

interface UnnamedPart {
  readonly oilId: string;
  readonly percent: number;
}

/** A number of a series at each of the minutes. */
type Series = readonly number[];

/** How a blend opens and dries down. */
export interface Scent {
  readonly minutes: readonly number[];
  readonly families: ReadonlyMap<SmellFamily, Series>;
  readonly oils: ReadonlyMap<string, Series>;
  /** Percent of what was put on, by constituent: on skin, in the air, in the skin. */
  readonly remaining: ReadonlyMap<string, Series>;
  readonly evaporated: ReadonlyMap<string, Series>;
  readonly absorbed: ReadonlyMap<string, Series>;
  readonly assumptions: readonly Assumption[];
}

/** How unsure each family is, at each of the minutes. */
export type Band = ReadonlyMap<SmellFamily, { readonly low: Series; readonly high: Series }>;

/** What is put on whom, and how. */
export interface Worn {
  /** What is in the container. */
  readonly mixture: Mixture;
  readonly brief: Pick<Brief, 'use' | 'place'>;
  /** One use in ml, where the maker has measured it. */
  readonly useMl: number | null;
  /** See `houseStrengths`. */
  readonly strengths?: ReadonlyMap<string, number>;
}

/** When it is looked at, in minutes. */
export const scentMinutes: readonly number[] = [0, 1, 2, 5, 10, 20, 40, 60, 120, 240, 480];

/** What is rinsed off stays so long, in minutes; a bath lasts so long. */
const rinsedAfter = 2;
const bathFor = 20;

const washedAt = ({ use, place }: Worn['brief']): { minute: number; isBath: boolean } | null => {
  if (place === 'bath') return { minute: bathFor, isBath: true };
  return use === 'rinse-off' ? { minute: rinsedAfter, isBath: false } : null;
};

/** The moments of a film; what is washed off stays as it was, and smells no more. */
const momentsOf = (
  film: Film,
  brief: Worn['brief'],
  minutes: readonly number[],
): readonly Moment[] => {
  const washed = washedAt(brief);
  if (!washed) return dryDown(film, minutes);
  const before = minutes.filter((minute) => minute < washed.minute);
  const moments = dryDown(film, [...before, washed.minute]);
  const last = moments.at(-1);
  return minutes.flatMap((minute, n) => {
    const isOver = minute >= washed.minute;
    const moment = isOver ? last : moments[n];
    if (!moment) return [];
    return [{ ...moment, minute, flux: isOver ? moment.flux.map(() => 0) : moment.flux }];
  });
};

const changesOf = (bases: readonly Base[]): readonly Assumption[] => {
  const kinds = new Set(bases.map(({ kind }) => kind));
  const what = [
    ...(kinds.has('aqueous') || kinds.has('emulsion') ? (['water'] as const) : []),
    ...(kinds.has('alcohol') ? (['alcohol'] as const) : []),
    ...(kinds.has('wax') || kinds.has('butter') ? (['wax'] as const) : []),
    ...(kinds.has('dry') ? (['grains'] as const) : []),
  ];
  return what.map((entry) => ({ code: 'changes', what: entry }));
};

/** Less than this share of an oil that is not known by name is not worth a word, in percent. */
const littleUnnamed = 5;

/** What of oils is not known by name, where that is more than a little. */
const unnamedIn = (oils: readonly Oil[]): readonly UnnamedPart[] =>
  oils.flatMap((oil) => {
    const contents = chemistryOf(oil)?.constituents ?? [];
    const percent = 100 - contents.reduce((total, [, , typical]) => total + typical, 0);
    return contents.length > 0 && percent > littleUnnamed ? [{ oilId: oil.id, percent }] : [];
  });

const assumptionsOf = (
  { brief, useMl }: Worn,
  mixture: Mixture,
  film: Film,
): readonly Assumption[] => {
  const { constituents } = film;
  const massOf = ({ volatile, mol }: (typeof constituents)[number]): number =>
    mol * volatile.molarMassGPerMol;
  const all = constituents.reduce((total, entry) => total + massOf(entry), 0);
  const silent = constituents.filter(({ volatile }) => volatile.estimated.includes('threshold'));
  const oils = mixture.oils.filter(({ ml }) => ml.likely > 0).map(({ oil }) => oil);
  const unknown = oils.filter((oil) => (chemistryOf(oil)?.constituents ?? []).length === 0);
  const named = silent.filter(
    ({ volatile }) => !oils.some(({ id }) => volatile.name === unknownName(id)),
  );
  const unnamed = unnamedIn(oils);
  const washed = washedAt(brief);
  return [
    { code: 'dose', ml: useMl ?? usualDoseMl, isOwn: useMl !== null },
    ...unknown.map(({ id }) => ({ code: 'unknown-oil' as const, oilId: id })),
    ...(unnamed.length > 0 ? [{ code: 'unnamed' as const, oils: unnamed }] : []),
    {
      code: 'pressures',
      estimated: constituents.filter(({ volatile }) => volatile.estimated.includes('pressure'))
        .length,
      of: constituents.length,
    },
    ...(named.length > 0
      ? [
          {
            code: 'thresholds' as const,
            names: named.map(({ volatile }) => volatile.name),
            percent:
              all > 0 ? (100 * named.reduce((sum, entry) => sum + massOf(entry), 0)) / all : 0,
          },
        ]
      : []),
    ...changesOf(mixture.bases.filter(({ ml }) => ml.likely > 0).map(({ base }) => base)),
    ...(washed ? [{ code: 'rinsed' as const, ...washed }] : []),
  ];
};

const seriesOf = <K>(
  keys: readonly K[],
  moments: readonly Perceived[],
  value: (moment: Perceived, key: K) => number,
): ReadonlyMap<K, Series> =>
  new Map(keys.map((key) => [key, moments.map((moment) => value(moment, key))]));

const percents = (
  film: Film,
  moments: readonly Moment[],
  of: (moment: Moment) => Float64Array,
): ReadonlyMap<string, Series> =>
  new Map(
    film.constituents.map(({ volatile, mol }, n) => [
      volatile.name,
      moments.map((moment) => (100 * (of(moment)[n] ?? 0)) / mol),
    ]),
  );

const none: ReadonlyMap<string, number> = new Map();

/**
 * How a blend opens and dries down on skin: a calculation from figures of the literature, whose
 * thresholds differ by ten. Pure: the same for the same blend.
 *
 * @param minutes rising, from 0
 */
export const scentOf = (worn: Worn, minutes: readonly number[] = scentMinutes): Scent => {
  const find = volatiles();
  const mixture = mixtureSeen(worn.mixture);
  const film = filmOf(mixture, worn.useMl ?? usualDoseMl, find);
  const moments = momentsOf(film, worn.brief, minutes);
  const unit = unitOf(find);
  const smelt = moments.map((moment) => perceived(film, moment, unit, worn.strengths ?? none));
  const families = smellFamilies.filter((family) =>
    film.constituents.some(({ volatile }) => (volatile.families[family] ?? 0) > 0),
  );
  const oilIds = mixture.oils.filter(({ ml }) => ml.likely > 0).map(({ oil }) => oil.id);
  return {
    minutes,
    families: seriesOf(families, smelt, (moment, family) => moment.families[family]),
    oils: seriesOf([...new Set(oilIds)], smelt, ({ oils }, id) => oils.get(id) ?? 0),
    remaining: percents(film, moments, ({ left }) => left),
    evaporated: percents(film, moments, ({ evaporated }) => evaporated),
    absorbed: percents(film, moments, ({ absorbed }) => absorbed),
    assumptions: assumptionsOf(worn, mixture, film),
  };
};

/** As many as the band is drawn from. */
const samples = 48;
/** What lies outside the band on each side, of the samples. */
const outside = 0.1;

/** Random numbers from 0 to 1: the same for the same blend. */
const randomFrom = (seed: number): (() => number) => {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return state / 4_294_967_296;
  };
};

/** A figure that may be so many times as much, or as little: any of them as likely, by its logarithm. */
const within = (value: number, factor: number, random: () => number): number =>
  value * factor ** (2 * random() - 1);

/**
 * Between what each family may lie: every pressure and threshold anywhere within its factor, every
 * oil anywhere between its low and high contents. Of 48 draws a tenth lies below and a tenth above.
 */
export const scentBand = (worn: Worn, minutes: readonly number[] = scentMinutes): Band => {
  const find = volatiles();
  const mixture = mixtureSeen(worn.mixture);
  const unit = unitOf(find);
  const random = randomFrom(20_261_202);
  const middle = scentOf(worn, minutes);
  const draws = Array.from({ length: samples }, () => {
    const drawn = new Map<string, Volatile>();
    const figures = (volatile: Volatile): Volatile => {
      const before = drawn.get(volatile.name);
      if (before) return before;
      const { pressurePa, pressureFactor, thresholdUgPerM3, thresholdFactor } = volatile;
      const one = {
        ...volatile,
        pressurePa: within(pressurePa, pressureFactor, random),
        thresholdUgPerM3:
          thresholdUgPerM3 === null ? null : within(thresholdUgPerM3, thresholdFactor, random),
      };
      drawn.set(volatile.name, one);
      return one;
    };
    const content = (low: number, typical: number, high: number): number => {
      const at = 2 * random() - 1;
      return at < 0 ? typical + at * (typical - low) : typical + at * (high - typical);
    };
    const film = filmOf(mixture, worn.useMl ?? usualDoseMl, find, { content, figures });
    return momentsOf(film, worn.brief, minutes).map(
      (moment) => perceived(film, moment, unit, worn.strengths ?? none).families,
    );
  });
  const at = (sorted: readonly number[], share: number): number =>
    sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0;
  return new Map(
    [...middle.families].map(([family, likely]) => {
      const sorted = minutes.map((_, n) =>
        draws.map((draw) => draw[n]?.[family] ?? 0).sort((a, b) => a - b),
      );
      return [
        family,
        {
          low: sorted.map((values, n) => Math.min(likely[n] ?? 0, at(values, outside))),
          high: sorted.map((values, n) => Math.max(likely[n] ?? 0, at(values, 1 - outside))),
        },
      ];
    }),
  );
};
