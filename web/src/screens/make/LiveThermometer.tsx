import { temperatureWords, type Units } from '@jubbet/core/words';
import { useState } from 'react';
import { doByHand } from '../../devices/benchServer';
import type { Driver } from '../../devices/driver';
import { useReadings } from '../../devices/useReadings';
import { useWrite } from '../../parts/useWrite';
import { panelButton } from './panel';

/** What a thermometer on the bench says now; taken at a press. */
export const LiveThermometer = ({
  driver,
  units,
  onTake,
}: {
  driver: Driver;
  units: Units;
  onTake: (celsius: number) => void;
}) => {
  const write = useWrite();
  const [heard, setHeard] = useState(false);
  const { last, trouble } = useReadings(heard ? driver : null);
  const now = last[last.length - 1];
  const { id, simulated, name } = driver.device;
  if (!heard) {
    return (
      <button type="button" className={panelButton} onClick={() => setHeard(true)}>
        Read the {simulated ? 'simulated thermometer' : 'thermometer'}
      </button>
    );
  }
  const hand = (done: Parameters<typeof doByHand>[1]) =>
    void write('The thermometer', () => doByHand(id, done));
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
          {trouble ?? `${name}: nothing is measured`}
        </p>
      )}
      {simulated && (
        <div className="flex flex-wrap items-center gap-2 text-[14px]">
          <span className="text-soft">Practise:</span>
          <button
            type="button"
            className={panelButton}
            onClick={() => hand({ hand: 'jug', celsius: 78 })}
          >
            a jug at {temperatureWords(78, units)}
          </button>
          <button
            type="button"
            className={panelButton}
            onClick={() => hand({ hand: 'heat', on: true })}
          >
            into the bath
          </button>
          <button
            type="button"
            className={panelButton}
            onClick={() => hand({ hand: 'heat', on: false })}
          >
            off the heat
          </button>
        </div>
      )}
    </section>
  );
};
