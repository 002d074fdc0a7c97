import { capitalised } from '@jubbet/core/words';
import type { Device } from '@jubbet/protocol';
import { useState } from 'react';
import { baudRates, browserSerial, connectSerial } from '../../devices/serial';
import { useAddDevice } from '../../devices/useDevices';
import { errorText } from '../../parts/errorText';
import { panelButton } from './panel';

/** A real scale or thermometer on a serial line, where the browser can reach one. */
export const ConnectDevice = ({ kind }: { kind: Device['kind'] }) => {
  const add = useAddDevice();
  const [baudRate, setBaudRate] = useState(baudRates[0] ?? 9600);
  const [isBusy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState('');
  const serial = browserSerial();
  if (!serial) return null;
  const connect = async (): Promise<void> => {
    setBusy(true);
    setTrouble('');
    try {
      const driver = await connectSerial(serial, kind, baudRate);
      if (driver) add(driver);
    } catch (error) {
      setTrouble(`${capitalised(errorText(error).reason)}.`);
    }
    setBusy(false);
  };
  return (
    <details className="basis-full text-[15px]">
      <summary className="min-h-8 cursor-pointer leading-8 text-soft">
        Connect a {kind} by cable
      </summary>
      <div className="mt-1 flex flex-wrap items-center gap-2">
        <label className="flex items-center gap-2">
          Speed
          <select
            className="min-h-11 rounded-lg border border-night-field bg-night-raised px-2"
            value={baudRate}
            onChange={(event) => setBaudRate(Number(event.target.value))}
          >
            {baudRates.map((rate) => (
              <option key={rate} value={rate}>
                {rate} baud
              </option>
            ))}
          </select>
        </label>
        <button
          type="button"
          className={panelButton}
          disabled={isBusy}
          onClick={() => void connect()}
        >
          Choose the port
        </button>
        <p role="status" className="basis-full">
          {isBusy ? 'Waiting for the first reading.' : trouble}
        </p>
      </div>
    </details>
  );
};
