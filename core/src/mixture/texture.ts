import { isMelted, type Base, textureFigures, type ContainerKind } from '../catalog';
import type { Range } from '../quantity';
import type { Mixture } from './mixture';

const { bands, waxEquivalents, butters, wax: beeswax, softeningC, containers } = textureFigures;

type Band = (typeof bands)[number];

/** How firm a melt sets, foretold from what is in it. */
export interface Texture {
  /** Wax, counted as beeswax, in percent by weight of the whole; a range where waxes differ. */
  readonly waxPercent: Range;
  /** How firm wax in oil is; null where butters alone make it what it is, or hard ones stiffen it. */
  readonly band: Band | null;
  /** What its wax alone would make it, where hard butters make it firmer by what no one knows. */
  readonly firmerThan: Band | null;
  /** Where it sets, in °C; null where there is too little wax to say, or one harder than beeswax. */
  readonly setPointC: Range | null;
  /** What the butters do, most of them first, with their share of the whole by weight. */
  readonly butters: readonly {
    readonly base: Base;
    readonly percent: number;
    readonly effect: string;
  }[];
  /** From where to where the essential oils go in, in °C. */
  readonly oilsAtC: readonly [number, number];
  /** False where a wax is in of which the library does not know how it compares. */
  readonly known: boolean;
}

const isBeeswax = (id: string): boolean => id.startsWith('beeswax');

/** Grams of a wax that do what one gram of beeswax does; null where that is not known. */
export const waxFor = (id: string): Range | null => {
  if (isBeeswax(id)) return { low: 1, likely: 1, high: 1 };
  const found = waxEquivalents.find(({ wax }) => wax === id);
  return (
    (found && {
      low: found.range[0],
      likely: found.gramsForOneGramBeeswax,
      high: found.range[1],
    }) ??
    null
  );
};

/** Under this share of wax, in percent, oil stays liquid, and butters do what firms it. */
const leastWax = 1;

const gasConstant = 8.314;
const kelvin = 273.15;

/**
 * Where beeswax in oil begins to set, in °C, by ideal solubility (Schroeder and van Laar):
 * `ln x = -(H / R) (1 / T - 1 / Tm)`, with x the share of wax by moles.
 *
 * @param share wax by weight, above 0, at most 1
 */
export const setPoint = (share: number): number => {
  const waxMol = share / beeswax.gPerMol;
  const x = waxMol / (waxMol + (1 - share) / beeswax.oilGPerMol);
  return (
    1 / (1 / (beeswax.meltsAtC + kelvin) - (gasConstant * Math.log(x)) / beeswax.heatJPerMol) -
    kelvin
  );
};

/** Butters with a snap of their own; shea and babassu are soft. */
const hardButters: ReadonlySet<string> = new Set(['cocoa_butter', 'kokum_butter', 'mango_butter']);

/** From this share of hard butters on, in percent by weight, wax alone does not say how firm it is. */
const muchHardButter = 15;

/** What arithmetic in floating point may be off by, in percent of wax. */
const roundingPercent = 1e-6;

/** The band of a share of wax, in percent by weight. */
export const bandOf = (waxPercent: number): Band => {
  const found =
    // What comes to 20 % by a sum of fractions is 20 %, not a hair below it.
    bands.find(
      ({ waxPercent: [from, to] }) =>
        waxPercent >= from - roundingPercent && waxPercent < to - roundingPercent,
    ) ?? bands[bands.length - 1];
  if (!found) throw new Error('the library has no bands of texture');
  return found;
};

/**
 * Texture and set point of a mixture; null where nothing in it is melted. An essential
 * oil softens: each percent lowers the set point by 0.2 to 0.3 °C.
 */
export const textureOf = (mixture: Pick<Mixture, 'bases' | 'strength'>): Texture | null => {
  const { bases, strength } = mixture;
  if (!bases.some(({ base }) => isMelted(base))) return null;
  const baseG = bases.reduce((total, { g }) => total + g.likely, 0);
  const oilPercent = strength.byWeight.likely;
  const whole = baseG / (1 - oilPercent / 100);
  const waxes = bases.filter(({ base }) => base.kind === 'wax');
  const waxPercent = { low: 0, likely: 0, high: 0 };
  let known = true;
  for (const { base, g } of waxes) {
    const percent = (100 * g.likely) / whole;
    const per = waxFor(base.id);
    // An unknown wax may do as little as nothing; it is counted as what it is.
    if (!per) known = false;
    waxPercent.low += per ? percent / per.high : percent;
    waxPercent.likely += percent / (per?.likely ?? 1);
    waxPercent.high += percent / (per?.low ?? 1);
  }
  // How much what thickens or emulsifies firms a melt is not known.
  if (bases.some(({ base }) => base.kind === 'thickener' || base.kind === 'emulsifier')) {
    known = false;
  }
  const hardPercent =
    (100 *
      bases.reduce((total, { base, g }) => total + (hardButters.has(base.id) ? g.likely : 0), 0)) /
    whole;
  const byWax = waxPercent.likely < leastWax ? null : bandOf(waxPercent.likely);
  const isStiffened = hardPercent >= muchHardButter;
  const [least, most] = softeningC.perPercent;
  const at = (percent: number, softening: number): number =>
    setPoint(Math.min(1, percent / 100)) - softening * oilPercent;
  const hardWax = waxes.some(({ base }) => !isBeeswax(base.id));
  // Under one percent oil stays liquid, and the equation says little; it is of beeswax alone.
  const setPointC =
    waxPercent.likely >= leastWax && !hardWax
      ? {
          low: at(waxPercent.low, most),
          likely: at(waxPercent.likely, (least + most) / 2),
          high: at(waxPercent.high, least),
        }
      : null;
  const which =
    waxes.length === 0
      ? 'soft_butter_or_whipped'
      : hardWax
        ? 'candelilla_or_carnauba'
        : 'beeswax_balm';
  return {
    waxPercent,
    band: isStiffened ? null : byWax,
    firmerThan: isStiffened ? byWax : null,
    setPointC,
    butters: bases
      .flatMap(({ base, g }) => {
        const found = butters.find(({ id }) => id === base.id);
        return found ? [{ base, percent: (100 * g.likely) / whole, effect: found.effect }] : [];
      })
      .sort((a, b) => b.percent - a.percent),
    oilsAtC: oilsAt(textureFigures.addOilsBelowC[which] ?? [40, 50], setPointC),
    known,
  };
};

/** So far above its set point a melt still pours without streaks, in °C. */
const aboveSetC = 3;

/**
 * As cool as it still pours: from a few degrees above the set point to what the craft
 * calls the warmest for this kind of melt.
 */
const oilsAt = (
  [usualFrom, usualTo]: readonly [number, number],
  setPointC: Range | null,
): readonly [number, number] => {
  if (setPointC === null) return [usualFrom, usualTo];
  const from = Math.ceil(setPointC.high + aboveSetC);
  return [from, Math.max(from + aboveSetC, Math.min(usualTo, from + 2 * aboveSetC))];
};

/** What a container wants of a texture: null where this one will do. */
export interface TextureAdvice {
  readonly what: 'softer' | 'firmer';
  /** Wax counted as beeswax, in percent by weight, that the container wants. */
  readonly waxPercent: readonly [number, number];
  readonly why: string;
}

/** Whether this texture suits a kind of container; null where it does, or where nothing is known. */
export const textureFor = (kind: ContainerKind, texture: Texture): TextureAdvice | null => {
  const wants = containers.find((container) => container.kind === kind);
  if (!wants) return null;
  const hasButters = texture.butters.reduce((total, { percent }) => total + percent, 0) >= 20;
  const [from, to] = (hasButters && wants.withButters) || wants.waxPercent;
  const is = texture.waxPercent.likely;
  // Butters alone are another craft: nothing is asked of their wax.
  if (is === 0) return kind === 'locket' || kind === 'lip tube' ? firmer(wants, from, to) : null;
  if (is < from - 0.05) return firmer(wants, from, to);
  if (is > to + 0.05) return { what: 'softer', waxPercent: [from, to], why: wants.why };
  return null;
};

const firmer = (wants: { readonly why: string }, from: number, to: number): TextureAdvice => ({
  what: 'firmer',
  waxPercent: [from, to],
  why: wants.why,
});
