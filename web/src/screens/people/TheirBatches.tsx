import { Panel } from '../../ui/Panel';
import { countedWords, dayWords, nameOrNone, peopleWords } from '@jubbet/core/words';
import { Link } from 'react-router';
import { PatchTestCard } from '../../parts/PatchTestCard';
import { batches } from '../../store/batches';
import { patchTests } from '../../store/patchTests';
import { recipients } from '../../store/recipients';
import { useStored } from '../../store/useStored';

/** What was made for someone, what they got, and how their skin took it. */
export const TheirBatches = ({ personId }: { personId: string }) => {
  const made = useStored(['batches for', personId], () => batches.madeFor(personId)).data ?? [];
  const got = useStored(['got by', personId], () => recipients.ofPerson(personId)).data ?? [];
  const named =
    useStored(['batches got by', personId], async () =>
      batches.named(
        (await recipients.ofPerson(personId)).map(({ recipient }) => recipient.batchId),
      ),
    ).data ?? [];
  const tests = useStored(['tests on', personId], () => patchTests.ofPerson(personId)).data ?? [];
  if (made.length + got.length + tests.length === 0) return null;
  const nameOf = (batchId: string): string => {
    const batch = named.find(({ id }) => id === batchId);
    return batch ? `${nameOrNone(batch.name)}, ${batch.number}` : 'a batch that is gone';
  };
  return (
    <div className="mx-auto mt-4 grid max-w-3xl gap-4">
      {made.length + got.length > 0 && (
        <Panel aria-label="Their batches" className="px-5 py-4">
          <h2 className="text-lg">Their batches</h2>
          <ul className="mt-1 grid gap-1">
            {got.map(({ id, recipient }) => (
              <li key={id}>
                <Link to={`/batches/${recipient.batchId}`} className="text-press">
                  {nameOf(recipient.batchId)}
                </Link>
                <span className="text-soft">
                  , {countedWords(recipient.pieces, 'piece')} on {dayWords(recipient.on)}
                </span>
              </li>
            ))}
            {made
              .filter(({ id }) => !got.some(({ recipient }) => recipient.batchId === id))
              .map(({ id, name, number, madeOn }) => (
                <li key={id}>
                  <Link to={`/batches/${id}`} className="text-press">
                    {nameOrNone(name)}, {number}
                  </Link>
                  <span className="text-soft">{peopleWords.madeForThemOn(dayWords(madeOn))}</span>
                </li>
              ))}
          </ul>
        </Panel>
      )}
      {tests.length > 0 && (
        <Panel aria-label="Patch tests" className="grid gap-3 px-5 py-4">
          <h2 className="text-lg">Patch tests</h2>
          {tests.map((record) => (
            <PatchTestCard key={record.id} record={record} />
          ))}
        </Panel>
      )}
    </div>
  );
};
