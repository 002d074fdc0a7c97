import { possibleDropMl } from '@jubbet/core/quantity';
import { dropOfBottle, weighedDropOf } from '@jubbet/core/stock';
import { formatG, formatNumber, formatRange, makeWords } from '@jubbet/core/words';
import { useState } from 'react';
import { useDevices } from '../../devices/useDevices';
import { useCatalog } from '../../parts/catalog';
import { NumberField } from '../../ui/NumberField';
import { useWrite } from '../../parts/useWrite';
import { bottles } from '../../store/bottles';
import { useStored } from '../../store/useStored';
import { LiveScale } from './LiveScale';
import { panel, panelButton } from './panel';

/** So many drops are weighed at once: enough for a kitchen scale to tell. */
const usualDrops = 10;
/** More weighings than this tell nothing new. */
const mostWeighings = 20;

/** Drops of this very bottle, weighed: its size counts from then on, for every blend. */
export const Dropper = ({ bottleId }: { bottleId: string }) => {
  const catalog = useCatalog();
  const write = useWrite();
  const { data } = useStored(['bottle', bottleId], () => bottles.get(bottleId));
  const [drops, setDrops] = useState(usualDrops);
  const [massG, setMassG] = useState<number | null>(null);
  const scales = useDevices('scale');
  if (!data) return null;
  const { bottle } = data;
  const drop = dropOfBottle(catalog, bottle);
  const weighed = weighedDropOf(catalog, bottle);
  return (
    <details className={panel}>
      <summary className="min-h-8 cursor-pointer text-[15px] leading-8">
        Measure this dropper{drop && `: a drop is ${formatRange(drop, 'ml')}`}
      </summary>
      <form
        className="mt-1 flex flex-wrap items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (massG === null) return;
          void write('The weighing', () =>
            bottles.write(bottleId, {
              ...bottle,
              weighings: [...bottle.weighings, { drops, massG }].slice(-mostWeighings),
            }),
          );
          setMassG(null);
        }}
      >
        <NumberField
          label={makeWords.dropsOnTheScale}
          framed
          className="min-h-11 w-14 text-ink"
          unit="drops weigh"
          value={drops}
          rule={{ least: 1, most: 1000, whole: true }}
          onNumber={setDrops}
        />
        <NumberField
          label="What they weigh"
          framed
          className="min-h-11 w-20 text-ink"
          unit="g"
          value={massG}
          rule={{ least: 0, above: true, most: 100 }}
          onNumber={setMassG}
          onEmpty={() => setMassG(null)}
        />
        <button type="submit" className={panelButton} disabled={massG === null}>
          Save the weighing
        </button>
        {scales.map((driver) => (
          <LiveScale
            key={driver.device.id}
            driver={driver}
            askedG={null}
            onTake={(g) => setMassG(Math.round(1000 * g) / 1000)}
          />
        ))}
      </form>
      {bottle.weighings.length > 0 && (
        <ul className="mt-2 grid gap-1 text-[15px]">
          {bottle.weighings.map((weighing, n) => (
            <li key={n} className="flex items-center gap-2">
              <span className="flex-1">
                {weighing.drops} drops, {formatG(weighing.massG, 3)}
              </span>
              <button
                type="button"
                className={panelButton}
                aria-label={`Remove the weighing of ${weighing.drops} drops, ${formatG(weighing.massG, 3)}`}
                onClick={() =>
                  void write('The weighing', () =>
                    bottles.write(bottleId, {
                      ...bottle,
                      weighings: bottle.weighings.filter((_, index) => index !== n),
                    }),
                  )
                }
              >
                Remove
              </button>
            </li>
          ))}
        </ul>
      )}
      <p role="status" className="mt-1 text-sm text-soft">
        {weighed && !drop
          ? `That cannot be a drop: it would be ${formatNumber(weighed.likely)} ml, and drops are ${formatNumber(possibleDropMl[0])} to ${formatNumber(possibleDropMl[1])} ml. Was one counted twice?`
          : 'It counts for this bottle from the next batch on; this batch keeps the size with which it was begun.'}
      </p>
    </details>
  );
};
