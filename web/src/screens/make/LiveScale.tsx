import { settledG, toleranceG, weighedAs } from '@jubbet/core/making';
import { deviceTroubleWords, formatG } from '@jubbet/core/words';
import { useState, type ComponentProps } from 'react';
import type { Driver } from '../../devices/driver';
import { useReadings } from '../../devices/useReadings';
import { Hands } from './Hands';
import { panelButton } from './panel';
import { useCommand } from './useCommand';

/** A dial from zero to what is asked and a quarter more: the hand, the goal, and its tolerance. */
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
        stroke="var(--night-line)"
        strokeWidth="10"
      />
      <path
        d={`M ${at(askedG - off, 84)} A 84 84 0 0 1 ${at(askedG + off, 84)}`}
        fill="none"
        stroke="var(--night-moss)"
        strokeWidth="16"
      />
      <path
        d={`M 100 100 L ${at(g, 74)}`}
        stroke="var(--night-ink)"
        strokeWidth="5"
        strokeLinecap="round"
      />
      <circle cx="100" cy="100" r="6" fill="var(--night-ink)" />
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

/** What can be done to the simulated scale while so much is asked. */
const handsFor = (askedG: number | null): ComponentProps<typeof Hands>['acts'] => [
  askedG === null
    ? { label: 'ten drops', hand: { hand: 'drip', drops: 10, dropG: practisedDropG } }
    : { label: 'put half on', hand: { hand: 'put', g: Math.round(50 * askedG) / 100 } },
  { label: '1 g more', hand: { hand: 'put', g: 1 } },
  { label: '1 g off', hand: { hand: 'put', g: -1 } },
  { label: 'clear it', hand: { hand: 'clear' } },
];

/** A drop of most oils, in g, for practice. */
const practisedDropG = 0.04;

/** What a scale on the bench says now, beside what is asked; taken once it has come to rest. */
export const LiveScale = ({
  driver,
  askedG,
  onTake,
}: {
  driver: Driver;
  /** Null where any weight will do. */
  askedG: number | null;
  onTake: (g: number) => void;
}) => {
  const command = useCommand();
  const [heard, setHeard] = useState(false);
  const [tareG, setTareG] = useState(0);
  const { last, overloaded, trouble } = useReadings(heard ? driver : null);
  const { id, simulated, name, resolution } = driver.device;
  const settled = settledG(
    last.map(({ atMs, value, stable }) => ({ atMs, g: value - tareG, stable })),
    resolution,
  );
  const now = last[last.length - 1];
  if (!heard) {
    return (
      <button type="button" className={panelButton} onClick={() => setHeard(true)}>
        Read the {simulated ? 'simulated scale' : 'scale'}
      </button>
    );
  }
  const tare = (): void => {
    const { command: ask } = driver;
    if (ask) command(() => ask({ command: 'tare' }));
    else if (now) setTareG(now.value);
  };
  const shownG = now ? now.value - tareG : null;
  // A weight is reported as finely as the scale tells it.
  const digits = Math.min(3, Math.max(0, Math.ceil(-Math.log10(resolution) - 1e-9)));
  return (
    <section aria-label="Scale" className="grid basis-full gap-2">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
        {askedG !== null && <Dial g={shownG ?? 0} askedG={askedG} />}
        <p className="text-3xl font-bold tabular-nums" data-testid="on-scale">
          {overloaded ? 'too much on it' : shownG !== null ? `${shownG.toFixed(digits)} g` : '…'}
        </p>
        <p role="status" className="text-[15px]">
          {(trouble && deviceTroubleWords(trouble)) ??
            [
              shownG !== null && askedG !== null ? standing(shownG, askedG) : '',
              shownG !== null && settled === null ? 'still moving' : '',
            ]
              .filter(Boolean)
              .join(', ')}
          {simulated && <span className="block text-sm text-soft">{name}: nothing is weighed</span>}
        </p>
        <button type="button" className={panelButton} onClick={tare}>
          Tare
        </button>
        <button
          type="button"
          className={panelButton}
          disabled={settled === null || settled < 0}
          onClick={() => settled !== null && onTake(Math.round(1000 * settled) / 1000)}
        >
          Take this weight
        </button>
      </div>
      {simulated && <Hands deviceId={id} acts={handsFor(askedG)} />}
    </section>
  );
};
