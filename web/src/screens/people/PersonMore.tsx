import { peopleWords } from '@jubbet/core/words';
import { useCatalog } from '../../parts/catalog';
import {
  botanicalOf,
  searchBases,
  searchOils,
  type Base,
  type Oil,
  nameIn,
} from '@jubbet/core/catalog';
import { pregnancyWeek, type Person } from '@jubbet/core/brief';
import { Button } from '../../ui/Button';
import { NumberUnder, TextField } from '../../ui/Field';
import { PickByName } from '../../parts/PickByName';
import { today } from '../../store/now';

interface Props {
  readonly person: Person;
  readonly set: (part: Partial<Person>) => void;
}

/** How far along, in weeks that move on by the calendar. */
export const PregnancyWeeks = ({ person, set }: Props) => {
  if (!person.pregnant) return null;
  const week = pregnancyWeek(person, today());
  return (
    <div className="grid gap-1">
      <NumberUnder
        name={peopleWords.weekOfPregnancyToday}
        className="w-16"
        value={week}
        rule={{ least: 1, most: 42, whole: true }}
        onNumber={(week) => set({ pregnancy: { week: week, on: today() }, trimester: undefined })}
        onEmpty={() => set({ pregnancy: undefined })}
      />
      <p className="text-sm text-soft">
        {week !== null
          ? 'The week updates by itself, and their blends are checked for it.'
          : person.pregnancy
            ? 'The pregnancy is past week 42. Update it; until then weeks 1 to 13 apply.'
            : 'The week then updates by itself.'}
      </p>
    </div>
  );
};

/** What their skin did not bear: from then on as an allergy. */
export const Reactions = ({ person, set }: Props) => {
  const catalog = useCatalog();
  const reactions = person.reactions ?? [];
  return (
    <section aria-label="Past reactions" className="grid gap-2">
      <h2 className="text-lg">Past reactions</h2>
      <ul className="grid gap-2">
        {reactions.map((reaction) => (
          <li key={reaction.materialId} className="flex flex-wrap items-end gap-3">
            <span className="min-w-36 pb-1.5">
              <b>{nameIn(catalog, reaction.materialId)}</b>
              {reaction.suspected && (
                <span className="block text-sm text-soft">{peopleWords.suspectedTestItAlone}</span>
              )}
            </span>
            <TextField
              label="On"
              type="date"
              max={today()}
              value={reaction.on}
              onChange={(event) => {
                if (!event.target.value) return;
                set({
                  reactions: reactions.map((entry) =>
                    entry === reaction ? { ...entry, on: event.target.value } : entry,
                  ),
                });
              }}
            />
            <TextField
              label="What happened"
              maxLength={500}
              className="w-64"
              value={reaction.what}
              onChange={(event) =>
                set({
                  reactions: reactions.map((entry) =>
                    entry === reaction ? { ...entry, what: event.target.value } : entry,
                  ),
                })
              }
            />
            <Button
              look="quiet"
              aria-label={`Remove the reaction to ${nameIn(catalog, reaction.materialId)}`}
              onClick={() => set({ reactions: reactions.filter((entry) => entry !== reaction) })}
            >
              Remove
            </Button>
          </li>
        ))}
      </ul>
      <div className="max-w-md">
        <PickByName<Oil | Base>
          label={peopleWords.theirSkinReactedTo}
          placeholder={peopleWords.theirSkinReactedToAn}
          search={(query) => [...searchOils(catalog, query), ...searchBases(catalog, query)]}
          isTaken={({ id }) => reactions.some(({ materialId }) => materialId === id)}
          describe={botanicalOf}
          onPick={({ id }) =>
            set({ reactions: [...reactions, { materialId: id, on: today(), what: '' }] })
          }
        />
      </div>
    </section>
  );
};
