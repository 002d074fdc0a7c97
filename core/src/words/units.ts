import { measures } from '../catalog';
import { fahrenheitOf } from '../quantity';
import { formatG, formatMl, formatNumber } from './numbers';

/** In which units figures are stated. Millilitres and grams always come first. */
export interface Units {
  readonly degrees: 'celsius' | 'fahrenheit';
  /** Whose fluid ounce is beside ml, and ounces beside g; null for neither. */
  readonly ounces: 'us' | 'imperial' | null;
}

/** Millilitres, grams and degrees Celsius alone. */
export const metricUnits: Units = { degrees: 'celsius', ounces: null };

/** Less than this is measured in drops: an ounce beside it would help no one. In ml or g. */
const leastInOunces = 1;

const beside = (metric: string, amount: number, perOunce: number, unit: string): string =>
  amount < leastInOunces ? metric : `${metric} (${formatNumber(amount / perOunce)} ${unit})`;

/** A volume: `30 ml`, or `30 ml (1 fl oz)`. */
export const volumeWords = (ml: number, { ounces }: Units, digits = 3): string => {
  const metric = formatMl(ml, digits);
  return ounces === null
    ? metric
    : beside(metric, ml, measures.volumeMl[ounces]['fluidOunce'] ?? NaN, 'fl oz');
};

/** A mass: `50 g`, or `50 g (1.8 oz)`. */
export const massWords = (g: number, { ounces }: Units, digits = 3): string => {
  const metric = formatG(g, digits);
  return ounces === null ? metric : beside(metric, g, measures.massG['ounce'] ?? NaN, 'oz');
};

/** A temperature in the degrees that are shown; Fahrenheit to the whole degree. */
export const degreesShown = (celsius: number, { degrees }: Units): number =>
  degrees === 'celsius' ? celsius : Math.round(fahrenheitOf(celsius));

const inDegrees = (celsius: number, units: Units): string =>
  formatNumber(degreesShown(celsius, units), 4);

/** The sign of the degrees that are shown: `°C` or `°F`. */
export const degreeSign = ({ degrees }: Units): string => (degrees === 'celsius' ? '°C' : '°F');

/** A temperature in °C, or from and to: `62 °C`, `62 to 64 °C`, `144 to 147 °F`. */
export const temperatureWords = (
  celsius: number | readonly [number, number],
  units: Units,
): string =>
  `${
    typeof celsius === 'number'
      ? inDegrees(celsius, units)
      : celsius.map((entry) => inDegrees(entry, units)).join(' to ')
  } ${degreeSign(units)}`;

/** A sentence of the library with its temperatures in the degrees that are shown. */
export const inUnits = (sentence: string, units: Units): string =>
  units.degrees === 'celsius'
    ? sentence
    : sentence.replace(
        /(\d+(?:\.\d+)?)(?:(-| to | and )(\d+(?:\.\d+)?))? °C/g,
        (_, from: string, between: string | undefined, to: string | undefined) =>
          `${inDegrees(Number(from), units)}${
            between && to ? `${between}${inDegrees(Number(to), units)}` : ''
          } °F`,
      );
