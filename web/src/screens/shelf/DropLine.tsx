import { isPossibleDrop, measuredDrop, possibleDropMl } from '@jubbet/core/quantity';
import type { Bottle } from '@jubbet/core/stock';
import { formatMl, formatRange, shelfWords } from '@jubbet/core/words';
import { useCatalog } from '../../parts/catalog';

/** What the weighings of a bottle say of its drop. */
export const DropLine = ({ bottle }: { bottle: Bottle }) => {
  const catalog = useCatalog();
  const oil = catalog.oil(bottle.materialId);
  if (!oil) return null;
  if (oil.densityGPerMl === null) {
    return <p className="text-sm text-slate">{shelfWords.itsDensityIsNotKnown}</p>;
  }
  const drop = measuredDrop(bottle.weighings, oil.densityGPerMl);
  if (drop && !isPossibleDrop(drop)) {
    const [least, most] = possibleDropMl;
    return (
      <p role="alert" className="text-sm text-brick">
        {shelfWords.thatWouldBeADrop(formatMl(drop.likely), formatMl(least), formatMl(most))}
      </p>
    );
  }
  return (
    <p className="text-sm">
      {drop
        ? `One drop is ${formatRange(drop, 'ml')}, ${formatMl(drop.likely)} on average. Every blend with this oil now uses it.`
        : 'Weigh 20 to 50 drops on a 0.01 g scale. Two or three times shows the spread.'}
    </p>
  );
};
