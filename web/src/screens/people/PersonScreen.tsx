import { peopleWords } from '@jubbet/core/words';
import { shownName } from '@jubbet/core/quantity';
import { askedAboutEverything, personSchema, type Person } from '@jubbet/core/brief';
import { useEffect, useRef, useState } from 'react';
import { useParams } from 'react-router';
import { StoredScreen } from '../../parts/StoredScreen';
import { TextField } from '../../ui/Field';
import { HealthFields } from '../../parts/HealthFields';
import { RecordPage } from '../../parts/RecordPage';
import { useRecordForm, type FieldWords } from '../../parts/useRecordForm';
import { useWrite } from '../../parts/useWrite';
import { today } from '../../store/now';
import { people } from '../../store/people';
import { useStored } from '../../store/useStored';
import { Erase } from './Erase';
import { PregnancyWeeks, Reactions } from './PersonMore';
import { TheirStory } from './TheirStory';
import { Tick } from '../../ui/Tick';

const blank: Person = {
  name: '',
  born: '',
  pregnant: false,
  breastfeeding: false,
  conditions: [],
  allergies: [],
  skin: 'normal',
};

const words: FieldWords = {
  name: 'Type a name, or what you call them.',
  born: 'Type the month of birth, as in 1985-03.',
  'born/to-come': 'The date of birth can’t be in the future.',
};

/** A person as they may be written down today. */
const bornSchema = personSchema.check(({ value, issues }) => {
  if (value.born > today().slice(0, 7))
    issues.push({ code: 'custom', input: value, path: ['born'], message: 'to-come' });
});

/** The day on which consent was first written; of one from before days were kept nobody knows it. */
const consentDay = ({ consent, consentOn }: Person, words: string): string | undefined =>
  words === '' ? undefined : consent ? consentOn : today();

/**
 * One person. Of someone who is in the house, every change that can be is saved at
 * once; a new one is added with the first button.
 */
const PersonForm = ({ id, stored }: { id: string | null; stored: Person }) => {
  const isNew = id === null;
  const { form, value: person, set, line } = useRecordForm(bornSchema, stored, words, isNew);
  const write = useWrite();
  const written = useRef(JSON.stringify(stored));
  const [onItsWay, setOnItsWay] = useState(0);
  const { subscribe } = form;
  useEffect(() => {
    if (id === null) return;
    // In the turn in which it was changed: a page that is left at once has it all the same.
    return subscribe({
      formState: { values: true },
      callback: ({ values }) => {
        const now = JSON.stringify(values);
        const read = bornSchema.safeParse(values);
        if (now === written.current || !read.success) return;
        const before = JSON.parse(written.current) as Person;
        written.current = now;
        setOnItsWay((count) => count + 1);
        void write(read.data.name, () => people.writeChanged(id, before, read.data)).finally(() =>
          setOnItsWay((count) => count - 1),
        );
      },
    });
  }, [id, subscribe, write]);
  return (
    <RecordPage
      title={shownName(person.name) || 'New person'}
      form={form}
      saving={onItsWay > 0}
      save={isNew ? 'Add person' : null}
      onSave={() => people.add(person)}
      removal={
        isNew
          ? null
          : {
              text: `${stored.name} is deleted.`,
              remove: () => people.remove(id),
              restore: () => people.restore(id),
            }
      }
      back="/people"
      backName="People"
    >
      <section className="grid gap-3 rounded-xl border border-line bg-sheet px-5 py-4">
        <div className="flex flex-wrap gap-5">
          <TextField label="Name" maxLength={80} {...line('name')} />
          <TextField
            label="Month of birth"
            type="month"
            placeholder="1985-03"
            max={today().slice(0, 7)}
            {...line('born')}
          />
        </div>
        <HealthFields
          health={person}
          weeks={<PregnancyWeeks person={person} set={set} />}
          onChange={set}
        />
        <Tick
          className="border-t border-line pt-3"
          isOn={person.asked?.includes(askedAboutEverything) ?? false}
          onTick={(isOn) => set({ asked: isOn ? [askedAboutEverything] : [] })}
        >
          {peopleWords.iHaveAskedAboutAll}
          <span className="block text-sm text-soft">{peopleWords.untilThenEachBlendAsks}</span>
        </Tick>
      </section>
      <section className="grid gap-4 rounded-xl border border-line bg-sheet px-5 py-4">
        <Reactions person={person} set={set} />
        <div className="flex flex-wrap gap-5">
          <TextField
            label={peopleWords.didTheyAgreeToThis}
            maxLength={500}
            className="w-96"
            placeholder={peopleWords.yesOnThePhone}
            value={person.consent ?? ''}
            onChange={({ target: { value } }) =>
              set({ consent: value, consentOn: consentDay(person, value) })
            }
          />
          {person.consent && (
            <TextField
              label="On"
              type="date"
              max={today()}
              value={person.consentOn ?? ''}
              onChange={({ target: { value } }) => set({ consentOn: value || undefined })}
            />
          )}
        </div>
      </section>
      {id !== null && <Erase id={id} name={stored.name} />}
      <p className="text-sm text-soft">{peopleWords.whatYouWriteHereStays}</p>
    </RecordPage>
  );
};

export const NewPersonScreen = () => <PersonForm id={null} stored={blank} />;

export const PersonScreen = () => {
  const { personId = '' } = useParams();
  const found = useStored(['person', personId], () => people.get(personId));
  return (
    <StoredScreen of={found} what="Person" missing={peopleWords.theyMayHaveBeenDeleted}>
      {({ person }) => (
        <>
          <PersonForm key={personId} id={personId} stored={person} />
          <TheirStory personId={personId} person={person} />
        </>
      )}
    </StoredScreen>
  );
};
