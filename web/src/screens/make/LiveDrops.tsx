import { dropsOnScale, settledG, type DropsWeighed } from '@jubbet/core/making';
import type { Range } from '@jubbet/core/quantity';
import { formatDrops, formatG } from '@jubbet/core/words';
import { useEffect, useRef, useState } from 'react';
import { doByHand } from '../../devices/benchServer';
import type { Driver } from '../../devices/driver';
import { useReadings } from '../../devices/useReadings';
import { useWrite } from '../../parts/useWrite';
import { panel, panelButton } from './panel';

/** What is to be asked about, and from which weight it is reckoned. */
interface Asked {
  readonly what: Extract<DropsWeighed, { kind: 'which' | 'other' }>;
  readonly grownG: number;
  readonly toG: number;
}

/** Hands for a scale that weighs nothing: drops fall onto it. */
const Hands = ({ deviceId, dropG }: { deviceId: string; dropG: number }) => {
  const write = useWrite();
  const drip = (drops: number) =>
    void write('The scale', () => doByHand(deviceId, { hand: 'drip', drops, dropG }));
  return (
    <div className="flex flex-wrap items-center gap-2 text-[14px]">
      <span className="text-soft">Practise:</span>
      <button type="button" className={panelButton} onClick={() => drip(1)}>
        a drop falls
      </button>
      <button type="button" className={panelButton} onClick={() => drip(2)}>
        two at once
      </button>
    </div>
  );
};

/** Drops are counted by what they weigh, while they fall; what may be one or two is asked. */
export const LiveDrops = ({
  driver,
  drop,
  onDrops,
}: {
  driver: Driver;
  /** What one drop of this oil weighs, in g. */
  drop: Range;
  onDrops: (drops: number) => void;
}) => {
  const [heard, setHeard] = useState(false);
  const { last, trouble } = useReadings(heard ? driver : null);
  const [asked, setAsked] = useState<Asked | null>(null);
  const fromG = useRef<number | null>(null);
  const { resolution, simulated, id, name } = driver.device;
  const settled = settledG(
    last.map(({ atMs, value, stable }) => ({ atMs, g: value, stable })),
    resolution,
  );
  const count = useRef(onDrops);
  useEffect(() => {
    count.current = onDrops;
  });
  useEffect(() => {
    if (settled === null) return;
    // The bottle, as it stands there when it is first heard, is where counting begins.
    fromG.current ??= settled;
    const grownG = settled - fromG.current;
    const what = dropsOnScale(grownG, drop, resolution);
    if (what.kind === 'none') return;
    if (what.kind === 'drops') {
      fromG.current = settled;
      setAsked(null);
      count.current(what.drops);
    } else {
      setAsked({ what, grownG, toG: settled });
    }
  }, [settled, drop, resolution]);
  const answer = (drops: number): void => {
    fromG.current = asked?.toG ?? null;
    setAsked(null);
    if (drops > 0) count.current(drops);
  };
  if (!heard) {
    return (
      <button type="button" className={panelButton} onClick={() => setHeard(true)}>
        Count by weight on the {simulated ? 'simulated scale' : 'scale'}
      </button>
    );
  }
  return (
    <section aria-label="Drops by weight" className={`${panel} grid gap-2`}>
      <p className="text-[15px]">
        Each drop counts as it falls: {formatG(drop.likely, 2)}, {formatG(drop.low, 2)} to{' '}
        {formatG(drop.high, 2)}.{simulated && ` ${name}: nothing is weighed.`}
      </p>
      <p role="status" className="text-[15px]">
        {trouble ??
          (asked?.what.kind === 'which'
            ? `${formatG(asked.grownG, 2)} more: how many drops were that?`
            : asked
              ? `${formatG(asked.grownG, 2)} is no number of drops. Was something put on, or taken off?`
              : settled === null
                ? 'Still moving.'
                : 'At rest: the next drop can fall.')}
      </p>
      {asked && (
        <div className="flex flex-wrap gap-2">
          {asked.what.kind === 'which' &&
            asked.what.drops.map((drops) => (
              <button
                key={drops}
                type="button"
                className={panelButton}
                onClick={() => answer(drops)}
              >
                {formatDrops(drops)}
              </button>
            ))}
          <button type="button" className={panelButton} onClick={() => answer(0)}>
            none
          </button>
        </div>
      )}
      {simulated && <Hands deviceId={id} dropG={drop.likely} />}
    </section>
  );
};
