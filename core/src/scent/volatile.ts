import { findConstituent, odours, type Odour, type SmellFamily } from '../catalog';

/** Temperature of skin, in K: 32 °C. */
export const skinK = 305.15;
/** At which pressures are in the literature, in K: 25 °C. */
const usualK = 298.15;
/** Of gases, in J/(mol K). */
export const gasConstant = 8.314;

/** What of a constituent was estimated, as it could not be looked up. */
type Estimated = 'pressure' | 'threshold';

/** What decides how a constituent leaves skin and smells. */
export interface Volatile {
  readonly name: string;
  readonly molarMassGPerMol: number;
  /** Over the pure liquid at the temperature of skin, in Pa. */
  readonly pressurePa: number;
  /** The pressure may be so many times as much, or as little. */
  readonly pressureFactor: number;
  readonly logKow: number;
  /** In air, in µg/m³; null where it has no smell, or none that is known. */
  readonly thresholdUgPerM3: number | null;
  readonly thresholdFactor: number;
  /** Of the power law. */
  readonly exponent: number;
  /** Share of each family of smell, 0 to 1. */
  readonly families: Readonly<Partial<Record<SmellFamily, number>>>;
  readonly estimated: readonly Estimated[];
}

/** Stevens’ exponent where none is known: the middle of those that are. */
export const usualExponent = 0.35;

/**
 * Enthalpy of vaporisation from vapour pressure at 25 °C, in J/mol: -3.82 ln P + 70.0 in kJ/mol, P in
 * Pa (Goss and Schwarzenbach, 1999).
 */
const vaporisationJ = (pressurePa: number): number =>
  1000 * Math.max(25, 70 - 3.82 * Math.log(pressurePa));

/** A vapour pressure at 25 °C as it is on skin (Clausius and Clapeyron), in Pa. */
export const onSkin = (pressurePa: number): number =>
  pressurePa * Math.exp((vaporisationJ(pressurePa) / gasConstant) * (1 / usualK - 1 / skinK));

const paPerAtm = 101_325;

/**
 * Vapour pressure on skin from a boiling point, in Pa: ln P(atm) = -(4.4 + ln Tb) (1.803 (Tb/T - 1) -
 * 0.803 ln(Tb/T)), in K (Mackay and others, 1982).
 */
export const fromBoilingPoint = (boilingC: number): number => {
  const boilingK = boilingC + 273.15;
  const over = boilingK / skinK;
  return (
    paPerAtm * Math.exp(-(4.4 + Math.log(boilingK)) * (1.803 * (over - 1) - 0.803 * Math.log(over)))
  );
};

/** Molar mass of what is not known either, in g/mol: between terpenes and sesquiterpenes. */
const usualMolarMass = 180;

/** Boiling points by class, in °C. */
const byFormula: Readonly<Record<string, number>> = {
  C10H16: 170,
  C10H18O: 212,
  C10H20O: 215,
  C15H24: 260,
  C15H26O: 295,
  C15H24O: 290,
};

/** Of any other substance, in °C: along the line from the terpenes to the alcohols of sesquiterpenes. */
const byMass = (molarMass: number): number => 170 + 1.4 * (molarMass - 136);

const classOf = (formula: string | null, molarMass: number): number =>
  byFormula[formula ?? ''] ?? byMass(molarMass);

/** log Kow by class: terpenes 4.4, with oxygen 2.9, and more with each isoprene. */
const kowByClass = (formula: string | null, molarMass: number): number =>
  formula !== null && !formula.includes('O')
    ? 4.4 + (2 * (molarMass - 136)) / 68
    : 2.9 + (1.2 * (molarMass - 154)) / 68;

const fromOdour = (odour: Odour, molarMass: number): Volatile => ({
  name: odour.name,
  molarMassGPerMol: molarMass,
  pressurePa: onSkin(odour.pressurePa),
  pressureFactor: odour.pressureFactor,
  logKow: odour.logKow,
  thresholdUgPerM3: odour.thresholdUgPerM3,
  thresholdFactor: odour.thresholdFactor ?? 1,
  exponent: odour.exponent ?? usualExponent,
  families: odour.families,
  estimated: odour.pressureBasis === 'estimated' ? ['pressure'] : [],
});

/** What is known of a constituent; where nothing is, by its class or its molar mass. */
const volatileOf = (all: ReadonlyMap<string, Odour>, name: string): Volatile => {
  const odour = all.get(name);
  const known = findConstituent(name);
  const molarMass = odour?.molarMassGPerMol ?? known?.molarMassGPerMol ?? usualMolarMass;
  if (odour) return fromOdour(odour, molarMass);
  const formula = known?.formula ?? null;
  const pressure = known?.vapourPressurePa25C ?? null;
  const boiling = known?.boilingPointC ?? null;
  const [pressurePa, pressureFactor] =
    pressure !== null
      ? [onSkin(pressure), known?.vapourPressureAgree ? 2 : 5]
      : boiling !== null
        ? [fromBoilingPoint(boiling), 3]
        : [fromBoilingPoint(classOf(formula, molarMass)), known?.molarMassGPerMol ? 5 : 10];
  return {
    name,
    molarMassGPerMol: molarMass,
    pressurePa,
    pressureFactor,
    logKow: kowByClass(formula, molarMass),
    thresholdUgPerM3: null,
    thresholdFactor: 1,
    exponent: usualExponent,
    families: {},
    estimated: pressure === null ? ['pressure', 'threshold'] : ['threshold'],
  };
};

/** Finds what is known of constituents; each is looked up once. */
export const volatiles = (): ((name: string) => Volatile) => {
  const all = odours();
  const found = new Map<string, Volatile>();
  return (name) => {
    const same = all.get(name)?.sameAs ?? name;
    const before = found.get(same);
    if (before) return before;
    const made = volatileOf(all, same);
    found.set(same, made);
    return made;
  };
};
