/** Degrees Fahrenheit of degrees Celsius: nine fifths and 32 more, by definition. */
export const fahrenheitOf = (celsius: number): number => (celsius * 9) / 5 + 32;

/** Degrees Celsius of degrees Fahrenheit. */
export const celsiusOf = (fahrenheit: number): number => ((fahrenheit - 32) * 5) / 9;
