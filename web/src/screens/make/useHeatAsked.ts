import type { Source, Step, Tally } from '@jubbet/core/making';
import { useState } from 'react';
import type { Intent } from './useBench';

/** So much off its band is what a kitchen thermometer is off by, in °C. */
const tolerance = 1;

/** The last reading of a melt, where it is outside the band in which the oils go in; null where not. */
const readOutside = (step: Step | null, tally: Tally | null): number | null => {
  if (step?.kind !== 'cool') return null;
  const last = tally?.temperatures.findLast((reading) => reading.step === step.id)?.celsius;
  if (last === undefined) return null;
  const [least, most] = step.toC;
  return last > most + tolerance || last < least - tolerance ? last : null;
};

/**
 * A melt that is too hot or too cool asks once before the oils go in; the press after that goes on, and
 * the reading is in the log.
 */
export const useHeatAsked = (
  step: Step | null,
  tally: Tally | null,
  act: (intent: Intent, source: Source) => void,
) => {
  const [asked, setAsked] = useState<string | null>(null);
  const outside = readOutside(step, tally);
  const press = (intent: Intent, source: Source): void => {
    if (intent === 'go-on' && outside !== null && step && asked !== step.id) setAsked(step.id);
    else act(intent, source);
  };
  return { press, outside: outside !== null && asked === step?.id ? outside : null };
};
