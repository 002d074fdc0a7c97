import { nameOrNone, fillingsWords, wearerWords } from '@jubbet/core/words';
import { fillingsOf } from '@jubbet/core/drops';
import { ButtonLink } from '../../parts/Button';
import { ScreenTitle } from '../../parts/ScreenTitle';
import { batches } from '../../store/batches';
import { plannedRecipe } from '../../store/madeBlend';
import { useStored } from '../../store/useStored';

/** What is on the bench now. */
export const MakeScreen = () => {
  const { data, error } = useStored(['batches'], () => batches.list());
  if (error) throw error;
  const open = data?.filter(({ finishedAt }) => finishedAt === null);
  return (
    <div className="mx-auto max-w-3xl">
      <ScreenTitle title="Make" />
      {open?.length === 0 && (
        <>
          <p className="mt-4 max-w-prose">
            Nothing is on the bench. Open a blend and press “Make this”: Jubbet then counts every
            drop with you, and keeps the count whatever happens.
          </p>
          <ButtonLink look="first" className="mt-4" to="/blends">
            To the blends
          </ButtonLink>
        </>
      )}
      <ul className="mt-4 grid gap-2">
        {open?.map((batch) => {
          const { id, number } = batch;
          const recipe = plannedRecipe(batch);
          const name = nameOrNone(recipe.name);
          return (
            <li
              key={id}
              className="flex flex-wrap items-center justify-between gap-3 rounded-xl border border-line bg-sheet px-4 py-3"
            >
              <div>
                <h2 className="text-lg">{name}</h2>
                <p className="text-sm text-soft">
                  batch {number} · {fillingsWords(fillingsOf(recipe))} · for{' '}
                  {wearerWords(recipe.brief.wearer ?? 'anyone')}
                </p>
              </div>
              <ButtonLink look="first" to={`/make/${id}`} aria-label={`Go on with ${name}`}>
                Go on
              </ButtonLink>
            </li>
          );
        })}
      </ul>
    </div>
  );
};
