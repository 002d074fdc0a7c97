import { askedAboutEverything, personSchema, type Person } from '@jubbet/core/brief';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { Button, ButtonLink } from '../../parts/Button';
import { TextField } from '../../parts/Field';
import { errorWords } from '../../parts/errorWords';
import { useWrite } from '../../parts/useWrite';
import { HealthFields } from '../../parts/HealthFields';
import { Missing } from '../../parts/Missing';
import { useNotice } from '../../parts/notice';
import { ScreenTitle } from '../../parts/ScreenTitle';
import { today } from '../../store/now';
import { people } from '../../store/people';
import { useStored } from '../../store/useStored';
import { Erase } from './Erase';
import { PregnancyWeeks, Reactions } from './PersonMore';

const blank: Person = {
  name: '',
  born: '',
  pregnant: false,
  breastfeeding: false,
  conditions: [],
  allergies: [],
  skin: 'normal',
};

const field = 'rounded-md border border-line bg-transparent px-2 py-1.5';

const problemOf = (person: Person): string | null => {
  if (!person.name.trim()) return 'A name is needed, or what you call them.';
  if (!personSchema.safeParse(person).success)
    return 'The month of birth is needed, as in 1985-03.';
  return person.born > today().slice(0, 7) ? 'That month is still to come.' : null;
};

/**
 * One person. Somebody in the house is kept with every change that can stand; a new
 * one moves in with the first button.
 */
const PersonForm = ({ id, stored }: { id: string | null; stored: Person }) => {
  const [person, setPerson] = useState(stored);
  const [failure, setFailure] = useState<string | null>(null);
  const navigate = useNavigate();
  const tell = useNotice();
  const write = useWrite();
  const problem = problemOf(person);
  const set = (part: Partial<Person>): void => {
    const next = { ...person, ...part };
    setPerson(next);
    if (id === null || problemOf(next)) return;
    people
      .write(id, next)
      .then(() => setFailure(null))
      .catch((error: unknown) => setFailure(errorWords(error)));
  };
  const remove = async () => {
    if (id === null) return;
    const done = await write('The list', () => people.remove(id).then(() => true));
    if (!done) return;
    await navigate('/people');
    tell({
      text: `${person.name} has moved out.`,
      undo: () => void write('The list', () => people.restore(id)),
    });
  };
  return (
    <form
      className="mx-auto grid max-w-2xl gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        if (problem || id !== null) return;
        void write(person.name, () => people.add(person)).then((added) =>
          added ? navigate('/people') : undefined,
        );
      }}
    >
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle title={person.name || 'New person'} />
        <div className="flex gap-2">
          {id !== null && (
            <Button look="quiet" onClick={() => void remove()}>
              Delete
            </Button>
          )}
          <ButtonLink to="/people">{id === null ? 'Leave it' : 'To the people'}</ButtonLink>
          {id === null && (
            <Button look="first" type="submit" disabled={problem !== null}>
              Move in
            </Button>
          )}
        </div>
      </div>
      {failure && (
        <p role="alert" className="rounded-lg bg-brick-wash px-4 py-2 text-brick">
          The last change was not kept: {failure}. It still stands here.
        </p>
      )}
      <section className="grid gap-3 rounded-xl border border-line bg-sheet px-5 py-4">
        <div className="flex flex-wrap gap-5">
          <label className="grid gap-1">
            <span className="text-sm text-soft">Name</span>
            <input
              className={field}
              maxLength={80}
              autoComplete="off"
              value={person.name}
              onChange={(event) => set({ name: event.target.value })}
            />
          </label>
          <label className="grid gap-1">
            <span className="text-sm text-soft">Month of birth</span>
            <input
              className={field}
              type="month"
              placeholder="1985-03"
              max={today().slice(0, 7)}
              value={person.born}
              onChange={(event) => set({ born: event.target.value })}
            />
          </label>
        </div>
        {problem && <p className="text-sm text-amber">{problem}</p>}
        <HealthFields
          health={person}
          weeks={<PregnancyWeeks person={person} set={set} />}
          onChange={set}
        />
        <label className="flex items-baseline gap-2 border-t border-line pt-3">
          <input
            type="checkbox"
            className="translate-y-px accent-press"
            checked={person.asked?.includes(askedAboutEverything) ?? false}
            onChange={(event) => set({ asked: event.target.checked ? [askedAboutEverything] : [] })}
          />
          <span>
            I have asked about all of this: nothing else applies
            <span className="block text-sm text-soft">
              Until then, each blend asks what matters for its oils, and its label has the caution.
            </span>
          </span>
        </label>
      </section>
      <section className="grid gap-4 rounded-xl border border-line bg-sheet px-5 py-4">
        <Reactions person={person} set={set} />
        <TextField
          label="Did they agree that this is written down?"
          maxLength={500}
          className="w-full max-w-md"
          placeholder="yes, on the phone, 3 May"
          value={person.consent ?? ''}
          onChange={(event) => set({ consent: event.target.value })}
        />
      </section>
      {id !== null && <Erase id={id} name={stored.name} />}
      <p className="text-sm text-soft">
        What stands here stays on this machine. Ask people before you write them down.
      </p>
    </form>
  );
};

export const NewPersonScreen = () => <PersonForm id={null} stored={blank} />;

export const PersonScreen = () => {
  const { personId = '' } = useParams();
  const { data, error } = useStored(['person', personId], () => people.get(personId));
  if (error) throw error;
  if (data === undefined) return null;
  if (data === null) {
    return <Missing title="Nobody of that name lives here" text="They may have moved out." />;
  }
  return <PersonForm key={personId} id={personId} stored={data.person} />;
};
