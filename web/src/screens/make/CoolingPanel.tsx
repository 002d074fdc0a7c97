import {
  celsiusBounds,
  coolingOf,
  reachedAt,
  readingsOf,
  type BenchEvent,
  type Source,
  type Step,
  type Tally,
} from '@jubbet/core/making';
import {
  degreeSign,
  degreesShown,
  minutesWords,
  temperatureWords,
  makeWords,
} from '@jubbet/core/words';
import { celsiusOf } from '@jubbet/core/quantity';
import { lazy, Suspense, useEffect, useState } from 'react';
import { useDevices } from '../../devices/useDevices';
import { useReadings } from '../../devices/useReadings';
import { NumberField } from '../../ui/NumberField';
import { timeOfDay } from '../../parts/moments';
import { useUnits } from '../../parts/useUnits';
import { useWrite } from '../../parts/useWrite';
import { now as momentNow } from '../../store/now';
import { settings } from '../../store/settings';
import { useStored } from '../../store/useStored';
import { ConnectDevice } from './ConnectDevice';
import { LiveThermometer } from './LiveThermometer';
import { panel, panelButton } from './panel';

const CoolingChart = lazy(async () => ({
  default: (await import('./CoolingChart')).CoolingChart,
}));

/** A thermometer that is read saves what it says so often, in ms. */
const savedEveryMs = 120_000;

const tenths = (celsius: number): number => Math.round(10 * celsius) / 10;

/** Readings of a thermometer now and then, and when the melt will be cool enough. */
export const CoolingPanel = ({
  step,
  tally,
  onEvents,
}: {
  step: Step & { readonly kind: 'cool' };
  tally: Tally;
  onEvents: (events: readonly BenchEvent[]) => void;
}) => {
  const units = useUnits();
  const write = useWrite();
  const roomC = useStored(['settings'], () => settings.read()).data?.roomC ?? 21;
  const [typed, setTyped] = useState<number | null>(null);
  const inCelsius = (shown: number): number =>
    units.degrees === 'celsius' ? shown : celsiusOf(shown);
  const [probe] = useDevices('thermometer');
  const [heard, setHeard] = useState(false);
  const live = useReadings(heard && probe ? probe : null);
  const source = probe?.device.simulated ? 'simulated' : 'thermometer';
  const taken = tally.temperatures.filter((temperature) => temperature.step === step.id);
  const savedMs = Date.parse(taken[taken.length - 1]?.takenAt ?? '') || 0;
  const take = (celsius: number, from: Source): void =>
    onEvents([{ kind: 'temperature', step: step.id, celsius, takenAt: momentNow(), source: from }]);
  const newest = live.trail[live.trail.length - 1];
  const due = newest && newest.atMs - savedMs >= savedEveryMs ? newest : null;
  useEffect(() => {
    if (!due) return;
    const takenAt = new Date(due.atMs).toISOString();
    onEvents([{ kind: 'temperature', step: step.id, celsius: tenths(due.value), takenAt, source }]);
    // What is due is reported once, whatever else changed.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [due]);
  // While it is read, nothing need be typed.
  const isRead = heard && live.trouble === null && live.last.length > 0;
  const readings = readingsOf([
    ...taken.map(({ celsius, takenAt }) => ({ atMs: Date.parse(takenAt), celsius })),
    ...[...live.trail, ...live.last.slice(-1)]
      .filter(({ atMs, stable }) => atMs > savedMs && stable !== false)
      .map(({ atMs, value }) => ({ atMs, celsius: value })),
  ]);
  const cooling = coolingOf(readings, roomC);
  const last = readings[readings.length - 1];
  // As soon as it is no warmer than the warmest at which the oils may go in.
  const reached = cooling && reachedAt(cooling, step.toC[1]);
  const wait = reached !== null && last ? Math.max(0, reached - last.minutes) : null;
  const say = (): string => {
    if (!last) return 'Type what the thermometer says, now and again in a few minutes.';
    if (last.celsius <= step.toC[0]) {
      return `${temperatureWords(tenths(last.celsius), units)}: cooler than it should be. Warm it a little.`;
    }
    if (last.celsius <= step.toC[1]) return 'Cool enough: the oils may go in.';
    if (wait === null) return 'One more reading, and there is a forecast.';
    return `Cool enough in about ${minutesWords(Math.max(1, Math.round(wait)))}, by Newton’s law of cooling.`;
  };
  return (
    <section aria-label="Cooling" className={`${panel} grid gap-2`}>
      <h2 className="font-sans text-sm font-normal text-soft">Cooling</h2>
      <p role="status" className="text-[15px]">
        {say()}
      </p>
      {readings.length > 0 && (
        <Suspense fallback={null}>
          <CoolingChart readings={readings} cooling={cooling} toC={step.toC} units={units} />
        </Suspense>
      )}
      {taken.length > 0 && (
        <ul className="flex flex-wrap gap-x-4 text-[15px]">
          {taken.slice(-3).map((reading) => {
            const words = `${temperatureWords(reading.celsius, units)} at ${timeOfDay(reading.takenAt)}`;
            return (
              <li key={reading.seq}>
                {words}{' '}
                <button
                  type="button"
                  className="min-h-9 px-1 underline"
                  aria-label={`Strike out ${words}`}
                  onClick={() => onEvents([{ kind: 'struck', undoes: reading.seq }])}
                >
                  strike out
                </button>
              </li>
            );
          })}
        </ul>
      )}
      <form
        className="flex flex-wrap items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (typed === null) return;
          take(inCelsius(typed), 'typed');
          setTyped(null);
        }}
      >
        {!isRead && (
          <>
            {' '}
            <label className="grid gap-0.5">
              <span className="text-sm text-soft">Thermometer now</span>
              <NumberField
                label={makeWords.whatTheThermometerSays}
                framed
                className="min-h-11 w-20 text-lg font-bold text-ink"
                unit={degreeSign(units)}
                value={typed}
                rule={{
                  least: degreesShown(celsiusBounds.least, units),
                  most: degreesShown(celsiusBounds.most, units),
                }}
                onNumber={setTyped}
                onEmpty={() => setTyped(null)}
              />
            </label>
            <button type="submit" className={panelButton} disabled={typed === null}>
              Save the reading
            </button>
          </>
        )}{' '}
        <label className="grid gap-0.5">
          <span className="text-sm text-soft">Room</span>
          <NumberField
            label={makeWords.howWarmTheRoomIs}
            framed
            className="min-h-11 w-16 text-ink"
            unit={degreeSign(units)}
            value={degreesShown(roomC, units)}
            rule={{ least: 0, most: 113 }}
            onNumber={(shown) => {
              const celsius = inCelsius(shown);
              if (celsius >= 0 && celsius <= 45)
                void write('The room', () => settings.write('roomC', celsius));
            }}
          />
        </label>
      </form>
      {probe && !heard && (
        <button type="button" className={panelButton} onClick={() => setHeard(true)}>
          Read the {probe.device.simulated ? 'simulated thermometer' : 'thermometer'}
        </button>
      )}
      {probe && heard && (
        <LiveThermometer
          driver={probe}
          readings={live}
          units={units}
          onTake={(celsius) => take(celsius, source)}
        />
      )}
      {probe?.device.simulated !== false && <ConnectDevice kind="thermometer" />}
    </section>
  );
};
