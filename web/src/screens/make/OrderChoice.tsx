import { makeWords } from '@jubbet/core/words';
import type { Tally } from '@jubbet/core/making';
import { click, say } from '../../parts/sound';
import { useWrite } from '../../parts/useWrite';
import { settings } from '../../store/settings';
import { useStored } from '../../store/useStored';
import type { Choose } from './useBench';

type Order = Tally['order'];

const aloudWays = ['off', 'click', 'number'] as const;

const select = 'min-h-11 rounded-md border border-night-field bg-night px-2 text-[15px]';

/** In which order the maker works: for this batch from now on, and for the next ones. */
export const OrderChoice = ({
  tally: { order },
  rounds,
  onEvents,
}: {
  tally: Tally;
  /** True where there are several containers to go round. */
  rounds: boolean;
  onEvents: Choose;
}) => {
  const write = useWrite();
  const aloud = useStored(['settings'], () => settings.read()).data?.aloud ?? 'off';
  const choose = (next: Partial<Order>): void => {
    // Two choices may be on their way at once: each changes its own part.
    onEvents((now) => [{ kind: 'order', ...now.order, ...next }]);
    void write('The order', async () => {
      if (next.first) await settings.write('benchFirst', next.first);
      if (next.rounds !== undefined) await settings.write('benchRounds', next.rounds);
    });
  };
  return (
    <div className="flex flex-wrap gap-2">
      <select
        aria-label={makeWords.whatGoesInFirst}
        className={select}
        value={order.first}
        onChange={({ target: { value } }) =>
          choose({ first: value === 'carrier' ? 'carrier' : 'oils' })
        }
      >
        <option value="oils">oils first</option>
        <option value="carrier">carrier first</option>
      </select>
      {rounds && (
        <select
          aria-label="Several bottles"
          className={select}
          value={order.rounds ? 'rounds' : 'one'}
          onChange={({ target: { value } }) => choose({ rounds: value === 'rounds' })}
        >
          <option value="one">{makeWords.oneBottleAfterTheOther}</option>
          <option value="rounds">{makeWords.eachOilIntoAllBottles}</option>
        </select>
      )}
      <select
        aria-label={makeWords.whatIsHeardForEach}
        className={select}
        value={aloud}
        onChange={({ target: { value } }) => {
          const next = aloudWays.find((aloudWay) => aloudWay === value) ?? 'off';
          if (next === 'click') click();
          if (next === 'number') say('one');
          void write('The sound', () => settings.write('aloud', next));
        }}
      >
        <option value="off">silent</option>
        <option value="click">{makeWords.clickForEachDrop}</option>
        <option value="number">say the number</option>
      </select>
    </div>
  );
};
