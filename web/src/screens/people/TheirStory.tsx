import { canBeRead, readAtHours } from '@jubbet/core/batch';
import type { Person } from '@jubbet/core/brief';
import { nameOrNone, peopleWords, personStory } from '@jubbet/core/words';
import { PatchTestCard } from '../../parts/PatchTestCard';
import { Story } from '../../parts/Story';
import { batches } from '../../store/batches';
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
  const toRead = tests.filter(
    ({ test }) =>
      test.stopped === null &&
      readAtHours.some(
        (hours) =>
          canBeRead(test, hours, nowMs) && !test.readings.some((entry) => entry.hours === hours),
      ),
  );
  return (
    <div className="mx-auto mt-6 grid max-w-3xl gap-4">
      {toRead.map((record) => (
        <PatchTestCard key={record.id} record={record} />
      ))}
      <Story
        entries={entries}
        leadsTo={({ batchId }) => (batchId === null ? null : `/batches/${batchId}`)}
      />
      <Button className="justify-self-start" onClick={() => window.print()}>
        {peopleWords.printForThem}
      </Button>
    </div>
  );
};
