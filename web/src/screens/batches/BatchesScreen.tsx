import { nameOrNone, dayWords, wearerWords } from '@jubbet/core/words';
import { Link } from 'react-router';
import { Boundary } from '../../parts/Boundary';
import { BrokenRecord } from '../../parts/BrokenRecord';
import { ButtonLink } from '../../parts/Button';
import { ScreenTitle } from '../../parts/ScreenTitle';
import { useWrite } from '../../parts/useWrite';
import { VerdictMark } from '../../parts/VerdictMark';
import { batches } from '../../store/batches';
import type { BatchRecord } from '../../store/database';
import { plannedRecipe } from '../../store/madeBlend';
import { today } from '../../store/now';
import { useStored } from '../../store/useStored';

const heading = 'px-2 py-2 text-left text-xs font-semibold text-soft';
const cell = 'border-t border-line px-2 py-2.5 align-baseline';

/** What came of it; of what is still on the bench only that. */
const Outcome = ({ batch: { made, finishedAt, notToBeUsed } }: { batch: BatchRecord }) => {
  if (notToBeUsed) return <VerdictMark verdict="over" word="not to be used" />;
  if (finishedAt === null) return <span className="text-soft">on the bench</span>;
  if (made === null) return <span className="text-soft">not judged yet</span>;
  return made.blocking ? (
    <VerdictMark verdict="over" word="must not be used" />
  ) : (
    <VerdictMark verdict={made.verdict} />
  );
};

const Row = ({ batch }: { batch: BatchRecord }) => {
  const until = batch.made?.bestBefore ?? null;
  const { brief, containers } = plannedRecipe(batch);
  return (
    <tr>
      <th scope="row" className={`${cell} pl-0 text-left font-normal whitespace-nowrap`}>
        <Link to={`/batches/${batch.id}`} className="font-semibold text-press">
          {batch.number}
        </Link>
      </th>
      <td className={cell}>{nameOrNone(batch.file.name)}</td>
      <td className={cell}>{wearerWords(brief.wearer ?? 'anyone')}</td>
      <td className={`${cell} whitespace-nowrap`}>{dayWords(batch.madeOn)}</td>
      <td className={`${cell} text-right`}>
        {containers.reduce((total, { count }) => total + count, 0)}
      </td>
      <td className={`${cell} whitespace-nowrap`}>
        {until === null ? '–' : dayWords(until)}
        {until !== null && until < today() && <b className="block text-sm text-brick">■ past</b>}
      </td>
      <td className={cell}>
        <Outcome batch={batch} />
      </td>
      <td className={`${cell} pr-0 text-right`}>
        {batch.finishedAt === null ? (
          <ButtonLink to={`/make/${batch.id}`} aria-label={`Go on with batch ${batch.number}`}>
            Go on
          </ButtonLink>
        ) : (
          <ButtonLink
            look="quiet"
            to={`/batches/${batch.id}/label`}
            aria-label={`Label of batch ${batch.number}`}
          >
            Label
          </ButtonLink>
        )}
      </td>
    </tr>
  );
};

/** The log: what was made, for whom, and until when it keeps. */
export const BatchesScreen = () => {
  const { data, error } = useStored(['batches'], () => batches.list());
  const write = useWrite();
  if (error) throw error;
  return (
    <div className="mx-auto max-w-5xl">
      <ScreenTitle
        title="Batches"
        aside={data && data.length > 0 ? `${data.length} in the log` : ''}
      />
      {data?.length === 0 && (
        <>
          <p className="mt-4 max-w-prose">
            Everything that is made is written down here: for whom, with what, how many drops really
            fell, and until when it keeps. Make a blend, and it stands in the log.
          </p>
          <ButtonLink look="first" className="mt-4" to="/blends">
            To the blends
          </ButtonLink>
        </>
      )}
      {data && data.length > 0 && (
        <div
          tabIndex={0}
          role="region"
          aria-label="The log of batches"
          className="relative mt-4 overflow-x-auto rounded-xl border border-line bg-sheet px-4 py-2"
        >
          <table className="w-full border-collapse">
            <thead>
              <tr>
                <th scope="col" className={`${heading} pl-0`}>
                  Batch
                </th>
                <th scope="col" className={heading}>
                  Blend
                </th>
                <th scope="col" className={heading}>
                  For
                </th>
                <th scope="col" className={heading}>
                  Made
                </th>
                <th scope="col" className={`${heading} text-right!`}>
                  Bottles
                </th>
                <th scope="col" className={heading}>
                  Best before
                </th>
                <th scope="col" className={heading}>
                  Verdict
                </th>
                <th>
                  <span className="sr-only">What next</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {data.map((batch) => (
                <Boundary
                  key={batch.id}
                  fallback={(error) => (
                    <tr>
                      <td colSpan={8}>
                        <BrokenRecord
                          what="batch"
                          name={batch.number}
                          error={error}
                          record={batch}
                          onDelete={() => void write('The log', () => batches.remove(batch.id))}
                        />
                      </td>
                    </tr>
                  )}
                >
                  <Row batch={batch} />
                </Boundary>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </div>
  );
};
