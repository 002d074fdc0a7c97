/** What a nose said of an oil, beside what was worked out. */
export interface NoseNote {
  readonly oilId: string;
  readonly said: 'weaker' | 'as-worked-out' | 'stronger';
}

/** From so many notes on, a house has its own strength for an oil. */
export const notesNeeded = 5;

/** What a note counts for: thresholds differ by ten and more, so a step is a factor of three. */
const factorOf: Readonly<Record<NoseNote['said'], number>> = {
  weaker: 1 / 3,
  'as-worked-out': 1,
  stronger: 3,
};

/**
 * How much of its oils a house smells: each counts as so many times as much as is worked out, by the
 * geometric mean of its notes. It changes what is drawn, and no limit.
 */
export const houseStrengths = (notes: readonly NoseNote[]): ReadonlyMap<string, number> => {
  const logs = new Map<string, number[]>();
  for (const { oilId, said } of notes) {
    logs.set(oilId, [...(logs.get(oilId) ?? []), Math.log(factorOf[said])]);
  }
  return new Map(
    [...logs]
      .filter(([, own]) => own.length >= notesNeeded)
      .map(([oilId, own]) => [
        oilId,
        Math.exp(own.reduce((total, log) => total + log, 0) / own.length),
      ]),
  );
};
