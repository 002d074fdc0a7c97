import { deviceTroubleWords, temperatureWords, type Units } from '@jubbet/core/words';
import type { Driver } from '../../devices/driver';
import type { Readings } from '../../devices/useReadings';
import { Hands } from './Hands';
import { panelButton } from './panel';

/** What a thermometer on the bench says now. */
export const LiveThermometer = ({
  driver,
  readings: { last, trouble },
  units,
  onTake,
}: {
  driver: Driver;
  readings: Readings;
  units: Units;
  onTake: (celsius: number) => void;
}) => {
  const now = last[last.length - 1];
  const { id, simulated, name } = driver.device;
  return (
    <section aria-label="Thermometer" className="grid gap-2">
      <div className="flex flex-wrap items-center gap-3">
        <p className="text-3xl font-bold tabular-nums" data-testid="on-probe">
          {now ? temperatureWords(Math.round(10 * now.value) / 10, units) : '…'}
        </p>
        <button
          type="button"
          className={panelButton}
          disabled={!now}
          onClick={() => now && onTake(Math.round(10 * now.value) / 10)}
        >
          Take this reading
        </button>
      </div>
      {(trouble || simulated) && (
        <p role="status" className="text-sm text-soft">
          {(trouble && deviceTroubleWords(trouble)) ?? `${name}: nothing is measured`}
        </p>
      )}
      {simulated && (
        <Hands
          deviceId={id}
          acts={[
            {
              label: `a jug at ${temperatureWords(78, units)}`,
              hand: { hand: 'jug', celsius: 78 },
            },
            { label: 'into the bath', hand: { hand: 'heat', on: true } },
            { label: 'off the heat', hand: { hand: 'heat', on: false } },
          ]}
        />
      )}
    </section>
  );
};
