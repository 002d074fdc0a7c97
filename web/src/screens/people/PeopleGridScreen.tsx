import { blendOnPeople } from '@jubbet/core/advice';
import { wearerOn } from '@jubbet/core/brief';
import { recipeSchema } from '@jubbet/core/recipe';
import { nameOrNone, verdictWords, wearerWords, peopleWords } from '@jubbet/core/words';
import { clsx } from 'clsx';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { ButtonLink } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { Cell, Row, RowHead, Table } from '../../ui/Table';
import { useInSlices } from '../../parts/useInSlices';
import { verdictInk, verdictShapes, verdictWash } from '../../parts/VerdictMark';
import { blends, type BlendOfToday } from '../../store/blends';
import { today } from '../../store/now';
import { people } from '../../store/people';
import { useStored } from '../../store/useStored';

/** More blends than this are no grid any more: the book finds them one by one. */
const mostBlends = 60;
/** More people than this are beside each other on no screen. */
const mostPeople = 30;

/** What a blend is on someone, as a field of the grid: shape and word, never colour alone. */
const Field = ({
  on: { verdict, blocking },
  isTheirs,
}: {
  on: { verdict: keyof typeof verdictWash | null; blocking: boolean };
  isTheirs: boolean;
}) => {
  const words = blocking ? 'do not use' : verdictWords(verdict);
  return (
    <span
      title={isTheirs ? `${words}; made for them` : words}
      className={clsx(
        'inline-grid h-8 w-12 place-items-center rounded-md',
        verdict && verdictWash[verdict],
        verdict && verdictInk[verdict],
        isTheirs && 'outline-2 outline-press',
      )}
    >
      <span aria-hidden>{blocking ? '✕' : verdict && verdictShapes[verdict]}</span>
      <span className="sr-only">{isTheirs ? `${words}, made for them` : words}</span>
    </span>
  );
};

/** Every blend on everyone in the house, drop for drop. */
export const PeopleGridScreen = () => {
  const catalog = useCatalog();
  const house = useStored(['people'], () => people.list());
  const book = useStored(['all blends', true], () => blends.list());
  const failed = house.error ?? book.error;
  if (failed) throw failed;
  const shown = useMemo(
    () =>
      (book.data ?? [])
        .slice(0, mostBlends)
        .filter(({ recipe }) => recipeSchema.safeParse(recipe).success),
    [book.data],
  );
  const wearers = useMemo(
    () =>
      (house.data ?? [])
        .slice(0, mostPeople)
        .map(({ id, person }) => ({ id, wearer: wearerOn(person, today()) })),
    [house.data],
  );
  const judge = useMemo(
    () =>
      ({ recipe }: BlendOfToday) =>
        blendOnPeople(
          catalog,
          recipe,
          wearers.map(({ wearer }) => wearer),
        ),
    [catalog, wearers],
  );
  const { done, share } = useInSlices(shown, judge);
  if (!house.data || !book.data) return null;
  return (
    <div className="mx-auto grid max-w-6xl grid-cols-[minmax(0,1fr)] gap-4">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle title={peopleWords.whoCanUseWhat} aside={peopleWords.eachBottleAsItIs} />
        <ButtonLink to="/people">Back to people</ButtonLink>
      </div>
      {wearers.length === 0 || shown.length === 0 ? (
        <p className="max-w-prose">{peopleWords.onceThereArePeopleAnd}</p>
      ) : (
        <>
          <div
            tabIndex={0}
            role="region"
            aria-label="People and blends"
            className="relative overflow-x-auto rounded-xl border border-line bg-sheet px-4 pb-2"
          >
            <Table
              rows="figures"
              className="w-fit!"
              columns={[
                { name: 'Blend' },
                ...wearers.map(({ id, wearer }) => ({
                  name: (
                    <Link key={id} to={`/people/${id}`} className="text-press">
                      {wearer.name ?? wearerWords(wearer)}
                    </Link>
                  ),
                  centre: true,
                })),
              ]}
            >
              <tbody>
                {done.map(({ on }, n) => {
                  const record = shown[n];
                  return record ? (
                    <Row key={record.id}>
                      <RowHead className="pr-4 align-middle! whitespace-nowrap">
                        <Link to={`/blends/${record.id}/who`} className="text-press">
                          {nameOrNone(record.recipe.name)}
                        </Link>
                      </RowHead>
                      {on === null ? (
                        <Cell colSpan={wearers.length} className="text-soft">
                          not finished
                        </Cell>
                      ) : (
                        on.map((entry, column) => (
                          <Cell key={wearers[column]?.id} centre>
                            <Field
                              on={entry}
                              isTheirs={record.recipe.brief.personId === wearers[column]?.id}
                            />
                          </Cell>
                        ))
                      )}
                    </Row>
                  ) : null;
                })}
              </tbody>
            </Table>
          </div>
          <p role="status" className="text-sm text-soft">
            {share < 1
              ? `Checking the blends: ${Math.round(100 * share)} %`
              : `● within limits  ▲ caution  ■ over the limit  ✕ do not use  ○ can’t be checked. A frame marks whom it was made for.${
                  book.data.length > shown.length
                    ? ` The ${shown.length} blends changed last are shown.`
                    : ''
                }`}
          </p>
        </>
      )}
    </div>
  );
};
