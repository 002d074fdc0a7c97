import { Panel } from '../../ui/Panel';
import { calendarOf } from '@jubbet/core/exchange';
import { sameName, shownName } from '@jubbet/core/quantity';
import {
  dueAt,
  patchTestSchema,
  readAtHours,
  materialsIn,
  standingOf,
  type Made,
} from '@jubbet/core/batch';
import { nameIn } from '@jubbet/core/catalog';
import { nameOrNone, testedWords, batchesWords } from '@jubbet/core/words';
import { CalendarPlus } from 'lucide-react';
import { useState } from 'react';
import type { z } from 'zod';
import { Button } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { InlineForm, InlineText } from '../../ui/InlineForm';
import { PatchTestCard } from '../../parts/PatchTestCard';
import { saveFile } from '../../parts/saveFile';
import { useSeconds } from '../../ui/useSeconds';
import { useWrite } from '../../parts/useWrite';
import type { BatchRecord, PatchTestRecord } from '../../store/database';
import { now } from '../../store/now';
import { patchTests } from '../../store/patchTests';
import { people } from '../../store/people';
import { useStored } from '../../store/useStored';

const toCalendar = (records: readonly PatchTestRecord[]): void =>
  saveFile(
    'patch tests.ics',
    calendarOf(
      records.flatMap(({ id, test }) =>
        readAtHours
          .filter((hours) => !test.readings.some((reading) => reading.hours === hours))
          .map((hours) => ({
            id: `patch-test-${id}-${hours}`,
            at: dueAt(test, hours).toISOString(),
            title: `Patch test on ${test.personName}: look after ${hours} hours`,
            text: testedWords(test),
          })),
      ),
      now(),
    ),
    'text/calendar',
  );

const onWhomSchema = patchTestSchema.pick({ personName: true });

/** After a reaction to the blend, its materials one by one, until the one is found. */
const OneByOne = ({
  record: { test },
  ingredients,
  begun,
}: {
  record: PatchTestRecord;
  ingredients: readonly string[];
  begun: readonly PatchTestRecord[];
}) => {
  const catalog = useCatalog();
  const write = useWrite();
  const isBegun = (id: string): boolean =>
    begun.some(
      ({ test: other }) =>
        other.of.kind === 'material' &&
        other.of.materialId === id &&
        sameName(other.personName, test.personName),
    );
  return (
    <div className="flex flex-wrap items-center gap-2">
      <span className="text-sm text-soft">{batchesWords.testAloneOnEachIn(test.personName)}</span>
      {ingredients
        .filter((id) => !isBegun(id))
        .map((id) => (
          <Button
            key={id}
            onClick={() =>
              void write('The test', () =>
                patchTests.begin({
                  of: { kind: 'material', materialId: id, name: nameIn(catalog, id) },
                  personId: test.personId,
                  personName: test.personName,
                }),
              )
            }
          >
            {nameIn(catalog, id)}
          </Button>
        ))}
    </div>
  );
};

/** Patch tests of a batch, and of its materials after a reaction. */
export const PatchTests = ({ batch, made }: { batch: BatchRecord; made: Made }) => {
  const write = useWrite();
  const house = useStored(['people'], () => people.list()).data ?? [];
  const all = useStored(['patch tests'], () => patchTests.list()).data ?? [];
  const wearer = made.blend.brief.wearer;
  const [isBeginning, setBeginning] = useState(false);
  const ingredients = materialsIn(made);
  const own = all.filter(({ test: { of } }) => of.kind === 'batch' && of.batchId === batch.id);
  // A reaction and its end do not hang on the hour; the cards tell of the time by themselves.
  const nowMs = useSeconds(false);
  const reacted = own.filter(({ test }) => standingOf(test, nowMs) === 'reacted');
  const alone = all.filter(
    ({ test: { of, personName } }) =>
      of.kind === 'material' &&
      ingredients.includes(of.materialId) &&
      reacted.some(({ test }) => sameName(test.personName, personName)),
  );
  const open = [...own, ...alone].filter(({ test }) =>
    ['waiting', 'due-24', 'due-48'].includes(standingOf(test, nowMs)),
  );
  const begin = async ({ personName }: z.infer<typeof onWhomSchema>): Promise<boolean> =>
    (await write('The test', () =>
      patchTests.begin({
        of: {
          kind: 'batch',
          batchId: batch.id,
          number: batch.number,
          name: batch.file.name ? nameOrNone(batch.file.name) : '',
        },
        // The store knows whose name it is.
        personId: null,
        personName: shownName(personName),
      }),
    )) !== undefined;
  return (
    <Panel aria-label="Patch tests" className="grid gap-3 px-5 py-4">
      <h2 className="text-lg">Patch tests</h2>
      {(isBeginning || open.length > 0) && (
        <p className="max-w-prose text-[15px] text-soft">{batchesWords.twoDropsOnTheInside}</p>
      )}
      {own.map((record) => (
        <div key={record.id} className="grid gap-2">
          <PatchTestCard record={record} />
          {reacted.includes(record) && (
            <OneByOne record={record} ingredients={ingredients} begun={alone} />
          )}
        </div>
      ))}
      {alone.map((record) => (
        <PatchTestCard key={record.id} record={record} />
      ))}
      {isBeginning ? (
        <InlineForm
          label={batchesWords.beginAPatchTest}
          schema={onWhomSchema}
          start={{ personName: wearer !== 'anyone' ? (wearer.name ?? '') : '' }}
          save={batchesWords.beginTheTest}
          onSave={begin}
          onDone={() => setBeginning(false)}
        >
          {(form) => (
            <InlineText
              form={form}
              name="personName"
              label="On whom"
              autoFocus
              className="w-52"
              choices={house.map(({ person }) => person.name)}
            />
          )}
        </InlineForm>
      ) : (
        <div className="flex flex-wrap gap-3">
          <Button onClick={() => setBeginning(true)}>{batchesWords.beginAPatchTest}</Button>
          {open.length > 0 && (
            <Button look="quiet" onClick={() => toCalendar(open)}>
              <CalendarPlus aria-hidden size={18} /> {batchesWords.saveToACalendar}
            </Button>
          )}
        </div>
      )}
    </Panel>
  );
};
