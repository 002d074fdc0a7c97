import type { DeviceUnit } from './device';

/** What a line of a device says. */
export type LineReading =
  | {
      readonly kind: 'reading';
      /** In g, or in °C. */
      readonly value: number;
      readonly quantity: 'mass' | 'temperature';
      /** True where the device says that it has come to rest; null where it does not say. */
      readonly stable: boolean | null;
      /** What its last digit is worth, in g or °C. */
      readonly resolution: number;
    }
  /** More lies on it than it can weigh, or less than nothing. */
  | { readonly kind: 'overload' }
  /** Nothing that is understood. */
  | { readonly kind: 'noise' };

/** Longer than this is no line of a scale. */
const longestLine = 200;

const gramsPer: Readonly<Record<string, number>> = {
  g: 1,
  gram: 1,
  grams: 1,
  kg: 1000,
  mg: 0.001,
  oz: 28.349523125,
  lb: 453.59237,
};

/** What comes before the number where a device says whether it has come to rest. */
const stableWords = new Set(['s', 'st', 'stable']);
const movingWords = new Set(['d', 'sd', 'us', 'unstable', '?']);
const overloadWords = new Set(['ol', 'ul', 'hi', 'lo', 'err', 'error', 'overload', 'over']);

/** The largest mass and the temperatures that a bench device can mean: beyond it is a torn line. */
const mostG = 100_000;
const leastC = -60;
const mostC = 400;

/**
 * Reads one line of a scale or a thermometer. Taken are a word for rest or motion, a sign, a number
 * with a point, and a unit, in this order, with anything blank or `,` between: `ST,+00012.34 g`,
 * `S 12.3 g`, `? 0.4 oz`, `72.5 C`, `161 °F`. A unit must be there: a number alone may be of
 * anything.
 */
export const readLine = (line: string): LineReading => {
  if (line.length > longestLine) return { kind: 'noise' };
  const plain = line.trim().toLowerCase().replace(/°/g, '');
  if (/^[-+_=]{3,}$/.test(plain)) return { kind: 'overload' };
  const words = plain.split(/[\s,;:]+/).filter(Boolean);
  if (words.length > 0 && words.length <= 3 && words.every((word) => !/\d/.test(word))) {
    if (words.some((word) => overloadWords.has(word))) return { kind: 'overload' };
  }
  const match =
    /^(?:(?<state>[a-z?]+)[\s,;:]+)?(?:(?<more>[a-z]+)[\s,;:]+)?(?<sign>[+-])?\s*(?<number>\d{1,7}(?:\.\d{1,5})?)\s*(?<unit>[a-z]{1,5})$/.exec(
      plain,
    );
  if (!match?.groups) return { kind: 'noise' };
  const { state, more, sign, number, unit } = match.groups;
  const around = [state, more].filter((word) => word !== undefined);
  const stable = around.some((word) => stableWords.has(word))
    ? true
    : around.some((word) => movingWords.has(word))
      ? false
      : null;
  // Words that mean nothing here may be anybody's: gross, net and a name of the channel may be.
  if (around.some((word) => overloadWords.has(word))) return { kind: 'overload' };
  const amount = Number(number) * (sign === '-' ? -1 : 1);
  const lastDigit = 10 ** -(number?.split('.')[1]?.length ?? 0);
  const grams = Object.hasOwn(gramsPer, unit ?? '') ? gramsPer[unit ?? ''] : undefined;
  if (grams !== undefined) {
    const value = amount * grams;
    return Math.abs(value) > mostG
      ? { kind: 'noise' }
      : { kind: 'reading', value, quantity: 'mass', stable, resolution: lastDigit * grams };
  }
  if (unit === 'c' || unit === 'f') {
    const value = unit === 'c' ? amount : ((amount - 32) * 5) / 9;
    return value < leastC || value > mostC
      ? { kind: 'noise' }
      : {
          kind: 'reading',
          value,
          quantity: 'temperature',
          stable,
          resolution: unit === 'c' ? lastDigit : (lastDigit * 5) / 9,
        };
  }
  return { kind: 'noise' };
};

/** A line in the form in which the simulated devices write: `ST,+12.34 g`, `US,72.5 C`. */
export const writeLine = (
  value: number,
  unit: DeviceUnit,
  stable: boolean,
  digits: number,
): string => {
  const shown = value.toFixed(digits);
  return `${stable ? 'ST' : 'US'},${shown.startsWith('-') ? '' : '+'}${shown} ${unit}`;
};
