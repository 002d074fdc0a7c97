import { containerFacts, fillMl } from '@jubbet/core/catalog';
import { fillingsOf } from '@jubbet/core/drops';
import { useCatalog } from '../../parts/catalog';
import { ContainerFigure } from '../../parts/ContainerFigure';
import { layersOf } from '../../parts/layers';
import type { BlendOfToday } from '../../store/blends';
import { judgedCard } from './judgedCard';
import { isStacked, scaleOf, shownOf } from './shelfScale';

/** The containers of a blend as they are on the shelf, with what is in them. */
export const ShelfFigure = ({ record }: { record: BlendOfToday }) => {
  const catalog = useCatalog();
  const judged = judgedCard(catalog, record);
  const mixture = 'mixture' in judged ? judged.mixture : null;
  const fillings = fillingsOf(record.recipe).slice(0, 2);
  return (
    <div className="flex items-end justify-center gap-1">
      {fillings.map(({ container, count }, n) => {
        const layers = layersOf(
          mixture,
          mixture && containerFacts(container.kind).runs && fillings.length === 1 && count === 1
            ? null
            : fillMl(container),
        );
        return (
          <div
            key={n}
            className={isStacked(container) ? 'flex flex-col items-center' : 'flex items-end'}
          >
            {Array.from({ length: shownOf(container, count, fillings.length) }, (_, at) => (
              <ContainerFigure
                key={at}
                container={container}
                closed
                layers={layers}
                pxPerMm={scaleOf(container)}
              />
            ))}
          </div>
        );
      })}
    </div>
  );
};
