import { Panel } from '../../ui/Panel';
import { wearerOn } from '@jubbet/core/brief';
import {
  allergyWords,
  conditionWords,
  countedWords,
  wearerWords,
  peopleWords,
} from '@jubbet/core/words';
import { Link } from 'react-router';
import { ButtonLink } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { OneRecord } from '../../parts/OneRecord';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { WindowList } from '../../ui/WindowList';
import type { PersonRecord } from '../../store/database';
import { today } from '../../store/now';
import { people } from '../../store/people';
import { useThere } from '../../store/useStored';

const Row = ({ record: { id, person } }: { record: PersonRecord }) => {
  const catalog = useCatalog();
  const matters = [
    ...person.conditions.map(conditionWords),
    ...person.allergies.map((allergy) => `allergic to ${allergyWords(catalog, allergy)}`),
  ];
  return (
    <Panel className="px-4 py-3">
      <h2 className="text-lg">
        <Link to={`/people/${id}`} className="text-press no-underline hover:underline">
          {wearerWords(wearerOn(person, today()))}
        </Link>
      </h2>
      {matters.length > 0 && <p className="text-sm text-soft">{matters.join(' · ')}</p>}
    </Panel>
  );
};

/** Who is in the house, with what matters for their skin. */
export const PeopleScreen = () => {
  const data = useThere(['people ids'], () => people.ids());
  return (
    <div className="mx-auto max-w-3xl">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle
          title="People"
          aside={data && data.length > 0 ? countedWords(data.length, 'person') : ''}
        />
        <div className="flex gap-2">
          <ButtonLink to="/people/blends">{peopleWords.whoCanUseWhat}</ButtonLink>
          <ButtonLink look="first" to="/people/new">
            New person
          </ButtonLink>
        </div>
      </div>
      {data?.length === 0 && (
        <p className="mt-4 max-w-prose">{peopleWords.recordOnceWhatMattersFor}</p>
      )}
      {data && (
        <WindowList ids={data} rowPx={80} className="mt-4">
          {(id) => (
            <OneRecord
              what="person"
              of={['person', id]}
              read={() => people.get(id)}
              nameOf={({ person }) => person.name}
              onDelete={() => people.remove(id)}
            >
              {(record) => <Row record={record} />}
            </OneRecord>
          )}
        </WindowList>
      )}
    </div>
  );
};
