import type { Person } from '@jubbet/core/brief';
import { nameOrNone, peopleWords, personStory } from '@jubbet/core/words';
import { FoldedPart } from '../../parts/Fold';
import { PatchTestCard } from '../../parts/PatchTestCard';
import { Story } from '../../parts/Story';
import { batches } from '../../store/batches';
import type { PatchTestRecord } from '../../store/database';
import { patchTests } from '../../store/patchTests';
import { recipients } from '../../store/recipients';
import { useStored } from '../../store/useStored';
import { Button } from '../../ui/Button';
import { useSeconds } from '../../ui/useSeconds';

/** What was made for someone, what they got, how their skin took it, and what they agreed to. */
export const TheirStory = ({ personId, person }: { personId: string; person: Person }) => {
  const nowMs = useSeconds(false);
  const made = useStored(['batches for', personId], () => batches.madeFor(personId)).data ?? [];
  const got = useStored(['got by', personId], () => recipients.ofPerson(personId)).data ?? [];
  const named =
    useStored(['batches got by', personId], async () =>
      batches.named(
        (await recipients.ofPerson(personId)).map(({ recipient }) => recipient.batchId),
      ),
    ).data ?? [];
  const tests = useStored(['tests on', personId], () => patchTests.ofPerson(personId)).data ?? [];
  const entries = personStory({
    made,
    got: got.map(({ recipient }) => recipient),
    tests: tests.map(({ test }) => test),
    agreed:
      person.consent && person.consentOn ? [{ on: person.consentOn, words: person.consent }] : [],
    nameOf: (batchId) => {
      const batch = [...named, ...made].find(({ id }) => id === batchId);
      return batch ? `${nameOrNone(batch.name)}, batch ${batch.number}` : null;
    },
    nowMs,
  });
  if (entries.length === 0) return null;
  // One that is under way can be read early or stopped; what was read stays with its photographs.
  const isOver = ({ test }: PatchTestRecord): boolean =>
    test.stopped !== null || test.readings.some(({ hours }) => hours === 48);
  const over = tests.filter(isOver);
  return (
    <div className="mx-auto mt-6 grid max-w-3xl gap-4">
      {tests
        .filter((record) => !isOver(record))
        .map((record) => (
          <PatchTestCard key={record.id} record={record} />
        ))}
      <Story
        entries={entries}
        leadsTo={({ batchId }) => (batchId === null ? null : `/batches/${batchId}`)}
      />
      {over.length > 0 && (
        <FoldedPart id="person/patch-tests" title="Patch tests">
          <div className="grid gap-3">
            {over.map((record) => (
              <PatchTestCard key={record.id} record={record} />
            ))}
          </div>
        </FoldedPart>
      )}
      <Button className="justify-self-start" onClick={() => window.print()}>
        {peopleWords.printForThem}
      </Button>
    </div>
  );
};
