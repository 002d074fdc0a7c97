import { settledG, toleranceG, weighedAs } from '@jubbet/core/making';
import { formatG } from '@jubbet/core/words';
import { useState } from 'react';
import { doByHand } from '../../devices/benchServer';
import type { Driver } from '../../devices/driver';
import { useReadings } from '../../devices/useReadings';
import { useWrite } from '../../parts/useWrite';
import { panelButton } from './panel';

/** A dial from nought to what is asked and a quarter more: the hand, the goal, and its tolerance. */
const Dial = ({ g, askedG }: { g: number; askedG: number }) => {
  const most = 1.25 * askedG;
  const angle = (value: number) => Math.PI * (1 - Math.min(1, Math.max(0, value / most)));
  const at = (value: number, radius: number) =>
    `${100 + radius * Math.cos(angle(value))} ${100 - radius * Math.sin(angle(value))}`;
  const off = Math.max(toleranceG(askedG), most / 120);
  return (
    <svg aria-hidden viewBox="0 0 200 108" className="h-20 forced-color-adjust-none">
      <path
        d={`M ${at(0, 84)} A 84 84 0 0 1 ${at(most, 84)}`}
        fill="none"
        stroke="#55638f"
        strokeWidth="10"
      />
      <path
        d={`M ${at(askedG - off, 84)} A 84 84 0 0 1 ${at(askedG + off, 84)}`}
        fill="none"
        stroke="#8fd0a3"
        strokeWidth="16"
      />
      <path d={`M 100 100 L ${at(g, 74)}`} stroke="#f3f1ea" strokeWidth="5" strokeLinecap="round" />
      <circle cx="100" cy="100" r="6" fill="#f3f1ea" />
    </svg>
  );
};

const standing = (g: number, askedG: number): string => {
  const off = formatG(Math.abs(g - askedG), 2);
  switch (weighedAs(g, askedG)) {
    case 'right':
      return 'right';
    case 'under':
      return `${off} still to come`;
    case 'over':
      return `${off} too much`;
  }
};

/** Hands for a scale that weighs nothing: what lies on it is told. */
const Hands = ({ deviceId, askedG }: { deviceId: string; askedG: number }) => {
  const write = useWrite();
  const put = (g: number) =>
    void write('The scale', () =>
      doByHand(deviceId, { hand: 'put', g: Math.round(100 * g) / 100 }),
    );
  return (
    <div className="flex flex-wrap items-center gap-2 text-[14px]">
      <span className="text-soft">Practise:</span>
      <button type="button" className={panelButton} onClick={() => put(askedG / 2)}>
        put half on
      </button>
      <button type="button" className={panelButton} onClick={() => put(1)}>
        1 g more
      </button>
      <button type="button" className={panelButton} onClick={() => put(-1)}>
        1 g off
      </button>
      <button
        type="button"
        className={panelButton}
        onClick={() => void write('The scale', () => doByHand(deviceId, { hand: 'clear' }))}
      >
        clear it
      </button>
    </div>
  );
};

/** What a scale on the bench says now, beside what is asked; taken once it has come to rest. */
export const LiveScale = ({
  driver,
  askedG,
  onTake,
}: {
  driver: Driver;
  askedG: number;
  onTake: (g: number) => void;
}) => {
  const write = useWrite();
  const [heard, setHeard] = useState(false);
  const { last, overloaded, trouble } = useReadings(heard ? driver : null);
  const now = last[last.length - 1];
  const settled = settledG(
    last.map(({ atMs, value, stable }) => ({ atMs, g: value, stable })),
    driver.device.resolution,
  );
  if (!heard) {
    return (
      <button type="button" className={panelButton} onClick={() => setHeard(true)}>
        Read the {driver.device.simulated ? 'simulated scale' : 'scale'}
      </button>
    );
  }
  return (
    <section aria-label="Scale" className="grid basis-full gap-2">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
        <Dial g={now?.value ?? 0} askedG={askedG} />
        <p className="text-3xl font-bold tabular-nums" data-testid="on-scale">
          {overloaded ? 'too much on it' : now ? `${now.value.toFixed(2)} g` : '…'}
        </p>
        <p role="status" className="text-[15px]">
          {trouble ??
            (now
              ? `${standing(now.value, askedG)}${settled === null ? ', still moving' : ''}`
              : '')}
          {driver.device.simulated && (
            <span className="block text-sm text-soft">
              {driver.device.name}: nothing is weighed
            </span>
          )}
        </p>
        <button
          type="button"
          className={panelButton}
          onClick={() => void write('The scale', () => driver.command({ command: 'tare' }))}
        >
          Tare
        </button>
        <button
          type="button"
          className={panelButton}
          disabled={settled === null || settled < 0}
          onClick={() => settled !== null && onTake(Math.round(100 * settled) / 100)}
        >
          Take this weight
        </button>
      </div>
      {driver.device.simulated && <Hands deviceId={driver.device.id} askedG={askedG} />}
    </section>
  );
};
