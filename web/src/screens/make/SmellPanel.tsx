import { searchOils, botanicalOf, type Oil } from '@jubbet/core/catalog';
import type { Blend } from '@jubbet/core/drops';
import {
  adjustedBy,
  mostLooked,
  roomLeft,
  takenBack,
  type RoomLeft,
  type Step,
  type Tally,
} from '@jubbet/core/making';
import { findingMessage, formatDrops, somethingElseWords, verdictWords } from '@jubbet/core/words';
import { useMemo, useState } from 'react';
import { useCatalog } from '../../parts/catalog';
import { OilName } from '../../parts/OilName';
import { OilSwatch } from '../../parts/OilSwatch';
import { PickByName } from '../../parts/PickByName';
import { SmellNotes } from '../../parts/SmellNotes';
import { nonBreaking } from '../../parts/nonBreaking';
import { panel, panelButton } from './panel';
import type { Choose } from './useBench';

const roomWords = ({ drops, then }: RoomLeft): string => {
  if (drops >= mostLooked) return `room for ${mostLooked} drops and more`;
  if (drops === 0) return `one more: ${verdictWords(then)}`;
  return `room for ${formatDrops(drops)} more, then ${verdictWords(then)}`;
};

/** One oil, what room it has left, and a drop more of it. */
const OilLine = ({
  oil,
  room,
  isBlocking,
  onMore,
  onBack,
}: {
  oil: Oil;
  room: RoomLeft;
  /** One drop more must not be used on this person. */
  isBlocking: boolean;
  onMore: () => void;
  /** Null where none of it can be taken back here. */
  onBack: (() => void) | null;
}) => {
  const catalog = useCatalog();
  return (
    <li className="flex items-center gap-2.5">
      <OilSwatch oil={oil} />
      <span className="min-w-0 flex-1 text-[15px]">
        <OilName name={oil.name} />
        <span className="block text-sm text-soft">
          {roomWords(room)}
          {room.drops === 0 && room.stoppedBy && (
            <> · {nonBreaking(findingMessage(catalog, room.stoppedBy))}</>
          )}
        </span>
      </span>
      {onBack && (
        <button
          type="button"
          className={panelButton}
          aria-label={`Undo one drop of ${oil.name}`}
          onClick={onBack}
        >
          −
        </button>
      )}
      <button
        type="button"
        className={panelButton}
        aria-label={`One more drop of ${oil.name}`}
        disabled={isBlocking}
        onClick={onMore}
      >
        + 1
      </button>
    </li>
  );
};

/** How it smells, and what is added until it is right; each drop judged before it falls. */
export const SmellPanel = ({
  blend,
  steps,
  tally,
  bottleOf,
  onEvents,
}: {
  blend: Blend;
  steps: readonly Step[];
  tally: Tally;
  bottleOf: (materialId: string) => string | null;
  onEvents: Choose;
}) => {
  const { catalog } = blend;
  const [fresh, setFresh] = useState<readonly string[]>([]);
  const numbers = blend.inOne ? [0] : Array.from({ length: blend.count }, (_, n) => n);
  const [chosen, setChosen] = useState<number | 'all'>('all');
  const into = chosen === 'all' ? numbers : [chosen];
  const first = chosen === 'all' ? 0 : chosen;
  const oils = useMemo(
    () =>
      [
        ...new Set([
          ...blend.formula.oils.map(({ oil }) => oil.id),
          ...tally.additions.flatMap(({ ingredient, intended }) =>
            intended && ingredient ? [ingredient] : [],
          ),
          ...fresh,
        ]),
      ].flatMap((id) => catalog.oil(id) ?? []),
    [blend, tally.additions, fresh, catalog],
  );
  const rooms = useMemo(
    () => oils.map((oil) => roomLeft(blend, steps, tally, first, oil.id)),
    [blend, steps, tally, first, oils],
  );
  // An oil that the recipe does not have comes out of the bottle that is open.
  const openBottle = (oilId: string): string | null => catalog.openBottle(oilId)?.id ?? null;
  const add = (oilId: string): void =>
    // From where the batch is by then: two quick presses are two drops.
    onEvents((now) =>
      into.flatMap((number) =>
        adjustedBy(steps, now, number, oilId, 1, bottleOf(oilId) ?? openBottle(oilId)),
      ),
    );
  const back = (oilId: string): void =>
    onEvents((now) => into.flatMap((number) => takenBack(steps, now, number, oilId)));
  const added = tally.additions.filter(
    ({ intended, container }) => intended && into.includes(container),
  );
  return (
    <section aria-label="Smell and adjust" className={`${panel} grid gap-3`}>
      <h2 className="font-sans text-base font-bold">Smell and adjust</h2>
      {numbers.length > 1 && (
        <label className="flex items-center gap-2 text-[15px]">
          Into
          <select
            className="min-h-10 rounded-md border border-night-field bg-night px-2"
            value={String(chosen)}
            onChange={({ target: { value } }) => setChosen(value === 'all' ? 'all' : Number(value))}
          >
            <option value="all">each of the {numbers.length}</option>
            {numbers.map((number) => (
              <option key={number} value={number}>
                bottle {number + 1} only
              </option>
            ))}
          </select>
        </label>
      )}
      <ul className="grid gap-2">
        {oils.map((oil, n) => {
          const room = rooms[n];
          return (
            room && (
              <OilLine
                key={oil.id}
                oil={oil}
                room={room}
                isBlocking={room.drops === 0 && (room.stoppedBy?.blocking ?? false)}
                onMore={() => add(oil.id)}
                onBack={
                  takenBack(steps, tally, first, oil.id).length > 0 ? () => back(oil.id) : null
                }
              />
            )
          );
        })}
      </ul>
      <div className="text-ink">
        <PickByName<Oil>
          label="Another oil"
          placeholder="Another oil"
          search={(query) => searchOils(catalog, query)}
          isTaken={({ id }) => oils.some((oil) => oil.id === id)}
          describe={botanicalOf}
          onPick={({ id }) => setFresh((before) => [...before, id])}
        />
      </div>
      {added.length > 0 && (
        <ul className="grid gap-1 text-[15px]">
          {added.map((addition) => (
            <li key={addition.seq} className="flex items-center gap-2">
              <span className="flex-1">
                Added: {somethingElseWords(catalog, addition)}
                {numbers.length > 1 && `, bottle ${addition.container + 1}`}
              </span>
              <button
                type="button"
                className={panelButton}
                onClick={() => onEvents([{ kind: 'struck', undoes: addition.seq }])}
              >
                Undo
              </button>
            </li>
          ))}
        </ul>
      )}
      <SmellNotes tally={tally} onEvents={onEvents} />
    </section>
  );
};
