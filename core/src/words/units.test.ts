import { expect, test } from 'vitest';
import baseFacts from '../catalog/data/base-facts.json';
import handbook from '../catalog/data/handbook.json';
import {
  inUnits,
  massWords,
  metricUnits,
  temperatureWords,
  volumeWords,
  type Units,
} from './units';

const us: Units = { degrees: 'fahrenheit', ounces: 'us' };
const british: Units = { degrees: 'celsius', ounces: 'imperial' };

// By hand: 30 / 29.5735 = 1.014; 30 / 28.4131 = 1.056; 50 / 28.3495 = 1.764.
test.each([
  [30, metricUnits, '30 ml'],
  [30, us, '30 ml (1 fl oz)'],
  [30, british, '30 ml (1.1 fl oz)'],
  [0.3, us, '0.3 ml'],
])('%d ml', (ml, units, words) => {
  expect(volumeWords(ml, units)).toBe(words);
});

test('weights have ounces beside them', () => {
  expect(massWords(50, us)).toBe('50 g (1.8 oz)');
  expect(massWords(50, metricUnits)).toBe('50 g');
});

// By hand: 62 × 9/5 + 32 = 143.6; 64 × 9/5 + 32 = 147.2; 0 °C is 32 °F.
test('temperatures are said in the degrees that were chosen', () => {
  expect(temperatureWords([62, 64], metricUnits)).toBe('62 to 64 °C');
  expect(temperatureWords([62, 64], us)).toBe('144 to 147 °F');
  expect(temperatureWords(0, us)).toBe('32 °F');
  expect(inUnits('Set near 0 °C; pour at 60-70 °C, hold 60 to 70 °C.', us)).toBe(
    'Set near 32 °F; pour at 140-158 °F, hold 140 to 158 °F.',
  );
  expect(inUnits('Pour at 60 °C.', metricUnits)).toBe('Pour at 60 °C.');
});

test('no sentence of the library keeps a Celsius figure in Fahrenheit', () => {
  for (const sentence of JSON.stringify([baseFacts, handbook]).split('"')) {
    expect(inUnits(sentence, us)).not.toMatch(/°C/);
  }
});
