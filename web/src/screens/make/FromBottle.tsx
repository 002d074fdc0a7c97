import type { Blend } from '@jubbet/core/drops';
import type { CountStep, Tally } from '@jubbet/core/making';
import { densityOf, dropOf } from '@jubbet/core/mixture';
import { formatDrops, formatMl, makeWords } from '@jubbet/core/words';
import { nonBreaking } from '../../parts/nonBreaking';
import { bottles } from '../../store/bottles';
import { useStored } from '../../store/useStored';
import { panel } from './panel';

/** Drops of an oil that were counted into all containers by now. */
const countedOf = (tally: Tally, oilId: string): number =>
  [...tally.drops].reduce(
    (total, [step, drops]) => (step.split('/')[2] === oilId ? total + drops : total),
    0,
  );

/** The bottle that an oil is counted out of: another can be taken at any drop, and one that runs out says so. */
export const FromBottle = ({
  blend,
  tally,
  step,
  bottleId,
  startedWith,
  onChoose,
}: {
  blend: Blend;
  tally: Tally;
  step: CountStep;
  bottleId: string | null;
  /** The bottle that the batch was begun with: what was counted came out of that one. */
  startedWith: string | null;
  onChoose: (bottleId: string) => void;
}) => {
  const shelf = useStored(['bottles'], () => bottles.list()).data ?? [];
  const mine = shelf.filter(
    ({ id, bottle }) =>
      bottle.materialId === step.oilId && (bottle.finishedOn === null || id === bottleId),
  );
  const now = mine.find(({ id }) => id === bottleId);
  if (mine.length === 0) return null;
  const entry = blend.formula.oils.find(({ oil }) => oil.id === step.oilId);
  const dropMl = entry ? dropOf(entry, blend.formula.dropsPerMl).likely : 0;
  const counted = tally.drops.get(step.id) ?? 0;
  const density = entry ? densityOf(entry.oil).likely : 1;
  const heldMl = now ? (now.bottle.unit === 'ml' ? now.bottle.left : now.bottle.left / density) : 0;
  const usedMl = bottleId === startedWith ? countedOf(tally, step.oilId) * dropMl : 0;
  const leftMl = Math.max(0, heldMl - usedMl);
  const toCome = Math.max(0, step.drops - counted);
  const isShort = now !== undefined && toCome > 0 && leftMl < toCome * dropMl - 1e-9;
  return (
    <section aria-label="Bottle in use" className={panel}>
      <label className="flex flex-wrap items-center gap-2 text-[15px]">
        Out of
        <select
          className="min-h-11 rounded-md border border-field bg-sheet px-2 text-ink"
          value={bottleId ?? ''}
          onChange={(event) => {
            if (event.target.value) onChoose(event.target.value);
          }}
        >
          {bottleId === null && <option value="">{makeWords.noBottleOfTheShelf}</option>}
          {mine.map(({ id, bottle }) => (
            <option key={id} value={id}>
              {bottle.lot ? `lot ${bottle.lot}` : 'a bottle without a lot'}
            </option>
          ))}
        </select>
      </label>
      {isShort && (
        <p role="status" className="mt-1 text-[15px]">
          ▲{' '}
          {nonBreaking(
            `About ${formatMl(leftMl)} should be left in it, and ${formatDrops(toCome)} are still to come. When it is empty, choose the next bottle here.`,
          )}
        </p>
      )}
    </section>
  );
};
