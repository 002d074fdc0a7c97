import { dropsOnScale, restedG, type DropsWeighed } from '@jubbet/core/making';
import type { Range } from '@jubbet/core/quantity';
import { deviceTroubleWords, formatDrops, formatG, makeWords } from '@jubbet/core/words';
import { useEffect, useRef, useState } from 'react';
import type { Driver } from '../../devices/driver';
import { useReadings } from '../../devices/useReadings';
import { Hands } from './Hands';
import { panel, panelButton } from './panel';

/** What is to be asked about, and from which weight it is reckoned. */
interface Asked {
  readonly what: Extract<DropsWeighed, { kind: 'which' | 'other' }>;
  readonly grownG: number;
  readonly toG: number;
}

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
  const [question, setQuestion] = useState<Asked | null>(null);
  const fromG = useRef<number | null>(null);
  const { resolution, simulated, id, name } = driver.device;
  const rested = restedG(
    last.map(({ atMs, value, stable }) => ({ atMs, g: value, stable })),
    resolution,
  );
  const count = useRef(onDrops);
  useEffect(() => {
    count.current = onDrops;
  });
  useEffect(() => {
    if (rested === null) return;
    // The bottle, as it is there when it is first received, is where counting begins.
    fromG.current ??= rested;
    const grownG = rested - fromG.current;
    const what = dropsOnScale(grownG, drop, resolution);
    if (what.kind === 'which' || what.kind === 'other') {
      setQuestion({ what, grownG, toG: rested });
      return;
    }
    setQuestion(null);
    if (what.kind === 'none') return;
    fromG.current = rested;
    count.current(what.drops);
  }, [rested, drop, resolution]);
  const answer = (drops: number): void => {
    fromG.current = question?.toG ?? null;
    setQuestion(null);
    if (drops > 0) count.current(drops);
  };
  if (!heard) {
    return (
      <button type="button" className={panelButton} onClick={() => setHeard(true)}>
        {makeWords.countByWeightOnThe(simulated)}
      </button>
    );
  }
  return (
    <section aria-label="Drops by weight" className={`${panel} grid gap-2`}>
      <p className="text-[15px]">
        {makeWords.eachDropCounts(
          formatG(drop.likely, 2),
          formatG(drop.low, 2),
          formatG(drop.high, 2),
        )}
        {simulated && ` ${makeWords.nothingIsWeighed(name)}`}
      </p>
      <p role="status" className="text-[15px]">
        {(trouble && deviceTroubleWords(trouble)) ??
          (question?.what.kind === 'which'
            ? `${formatG(question.grownG, 2)} more: how many drops were that?`
            : question
              ? `${formatG(question.grownG, 2)} is no number of drops. Was something put on, or taken off?`
              : rested === null
                ? 'Still moving.'
                : 'At rest: the next drop can fall.')}
      </p>
      {question && (
        <div className="flex flex-wrap gap-2">
          {question.what.kind === 'which' &&
            question.what.drops.map((drops) => (
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
      {simulated && (
        <Hands
          deviceId={id}
          acts={[
            { label: 'a drop falls', hand: { hand: 'drip', drops: 1, dropG: drop.likely } },
            { label: 'two at once', hand: { hand: 'drip', drops: 2, dropG: drop.likely } },
          ]}
        />
      )}
    </section>
  );
};
