import {
  coolingOf,
  reachedAt,
  type BenchEvent,
  type Source,
  type Step,
  type Tally,
} from '@jubbet/core/making';
import { degreeSign, degreesShown, minutesWords, temperatureWords } from '@jubbet/core/words';
import { celsiusOf } from '@jubbet/core/quantity';
import { lazy, Suspense, useState } from 'react';
import { useDevices } from '../../devices/useDevices';
import { NumberField } from '../../parts/NumberField';
import { useUnits } from '../../parts/useUnits';
import { useWrite } from '../../parts/useWrite';
import { now as momentNow } from '../../store/now';
import { settings } from '../../store/settings';
import { useStored } from '../../store/useStored';
import { LiveThermometer } from './LiveThermometer';
import { panel, panelButton } from './panel';

const CoolingChart = lazy(async () => ({
  default: (await import('./CoolingChart')).CoolingChart,
}));

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
  const probes = useDevices('thermometer');
  const take = (celsius: number, source: Source): void =>
    onEvents([{ kind: 'temperature', step: step.id, celsius, takenAt: momentNow(), source }]);
  const taken = tally.temperatures.filter((one) => one.step === step.id);
  const start = Date.parse(taken[0]?.takenAt ?? '');
  const readings = taken.map(({ celsius, takenAt }) => ({
    minutes: (Date.parse(takenAt) - start) / 60_000,
    celsius,
  }));
  const cooling = coolingOf(readings, roomC);
  const last = readings[readings.length - 1];
  // As soon as it is no warmer than the warmest at which the oils may go in.
  const reached = cooling && reachedAt(cooling, step.toC[1]);
  const wait = reached !== null && last ? Math.max(0, reached - last.minutes) : null;
  const say = (): string => {
    if (!last) return 'Type what the thermometer says, now and again in a few minutes.';
    if (last.celsius <= step.toC[0]) {
      return `${temperatureWords(degreesNow(last.celsius), units)}: cooler than it should be. Warm it a little.`;
    }
    if (last.celsius <= step.toC[1]) return 'Cool enough: the oils may go in.';
    if (wait === null) return 'One more reading, and there is a forecast.';
    return `Cool enough in about ${minutesWords(Math.max(1, Math.round(wait)))}, by Newton’s law of cooling.`;
  };
  const degreesNow = (celsius: number): number => Math.round(10 * celsius) / 10;
  return (
    <section aria-label="Cooling" className={`${panel} grid gap-2`}>
      <h2 className="font-sans text-sm font-normal text-soft">Cooling</h2>
      <form
        className="flex flex-wrap items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (typed === null) return;
          take(inCelsius(typed), 'typed');
          setTyped(null);
        }}
      >
        <label className="grid gap-0.5">
          <span className="text-sm text-soft">Thermometer now</span>
          <NumberField
            label="What the thermometer says"
            framed
            className="min-h-11 w-20 text-lg font-bold text-ink"
            unit={degreeSign(units)}
            value={typed}
            rule={{ least: -50, most: 500 }}
            onNumber={setTyped}
            onEmpty={() => setTyped(null)}
          />
        </label>
        <button type="submit" className={panelButton} disabled={typed === null}>
          Save the reading
        </button>
        <label className="grid gap-0.5">
          <span className="text-sm text-soft">Room</span>
          <NumberField
            label="How warm the room is"
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
      {probes.map((driver) => (
        <LiveThermometer
          key={driver.device.id}
          driver={driver}
          units={units}
          onTake={(celsius) => take(celsius, driver.device.simulated ? 'simulated' : 'thermometer')}
        />
      ))}
      <p role="status" className="text-[15px]">
        {say()}
      </p>
      {readings.length > 0 && (
        <Suspense fallback={null}>
          <CoolingChart readings={readings} cooling={cooling} toC={step.toC} units={units} />
        </Suspense>
      )}
    </section>
  );
};
