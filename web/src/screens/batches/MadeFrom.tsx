import { Panel } from '../../ui/Panel';
import { batchesWords } from '@jubbet/core/words';
import { nameIn } from '@jubbet/core/catalog';
import { useCatalog } from '../../parts/catalog';
import { ButtonLink } from '../../ui/Button';
import { OilName } from '../../parts/OilName';
import { Link } from 'react-router';
import type { BatchRecord } from '../../store/database';
import { trailOf } from '../../store/trail';

/** The bottles and lots that a batch was made from. */
export const MadeFrom = ({ batch }: { batch: BatchRecord }) => {
  const catalog = useCatalog();
  const { from } = trailOf(batch);
  if (from.length === 0) return null;
  return (
    <Panel aria-label="Made from" className="px-5 py-4">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h2 className="text-lg">Made from</h2>
        <ButtonLink look="quiet" to={`/recall?batch=${encodeURIComponent(batch.id)}`}>
          {batchesWords.batchesFromTheSameBottles}
        </ButtonLink>
      </div>
      <ul className="mt-1 grid gap-1 sm:grid-cols-2">
        {from.map(({ materialId, bottleId, lot }) => (
          <li key={`${materialId}/${bottleId}`}>
            <OilName name={nameIn(catalog, materialId)} />
            {bottleId === null ? (
              <span className="text-soft">, bottle not recorded</span>
            ) : (
              <>
                {', '}
                <Link to={`/shelf/${bottleId}`} className="text-press">
                  {lot ? `lot ${lot}` : 'bottle without a lot number'}
                </Link>
              </>
            )}
          </li>
        ))}
      </ul>
    </Panel>
  );
};
