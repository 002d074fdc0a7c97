import type { PlaceId } from '@jubbet/core/catalog';
import { placeWords, blendWords } from '@jubbet/core/words';
import { useEffect, useId, useRef } from 'react';
import { Tick } from '../../../ui/Tick';
import { Body } from './Body';

/** Places that nothing may go to: the list shows one only where a blend has it already. */
const never: ReadonlySet<PlaceId> = new Set([
  'eyes-inner-nose-ear-canal-mucosa',
  'intimate',
  'nipple',
  'nappy',
]);

const places = (Object.keys(placeWords) as PlaceId[]).filter((place) => !never.has(place));

const Named = ({
  place,
  name,
  chosen,
  onChoose,
}: {
  place: PlaceId;
  name: string;
  chosen: PlaceId | null;
  onChoose: (place: PlaceId) => void;
}) => (
  <label className="flex min-h-8 cursor-pointer items-center gap-2 rounded-md px-1 hover:bg-slate-wash max-sm:min-h-12 pointer-coarse:min-h-11">
    <input
      type="radio"
      name={name}
      className="size-4.5 accent-press max-sm:size-6"
      checked={place === chosen}
      onChange={() => onChoose(place)}
    />
    {placeWords[place]}
  </label>
);

/** Where it is used: a body to point at, and every place by its name. */
export const PlacePanel = ({
  chosen,
  alsoOn,
  onChoose,
  onAlso,
}: {
  chosen: PlaceId | null;
  /** Other places that it is put on. */
  alsoOn: readonly PlaceId[];
  onChoose: (place: PlaceId) => void;
  onAlso: (place: PlaceId) => void;
}) => {
  const name = useId();
  const list = useRef<HTMLFieldSetElement>(null);
  useEffect(() => {
    // The keys begin at what is chosen, not at the first of the list.
    const frame = requestAnimationFrame(() =>
      list.current?.querySelector<HTMLInputElement>('input:checked')?.focus(),
    );
    return () => cancelAnimationFrame(frame);
  }, []);
  return (
    <div className="grid gap-4 sm:grid-cols-[auto_minmax(0,1fr)]">
      <div>
        <Body chosen={chosen} onChoose={onChoose} />
        <p className="mt-3 max-w-md text-sm text-soft">{blendWords.dashedAreasTakeNoEssential}</p>
      </div>
      <fieldset ref={list}>
        <legend className="mb-1 text-sm text-soft">{blendWords.pointAtItOrChoose}</legend>
        {places.map((place) => (
          <Named key={place} {...{ place, name, chosen, onChoose }} />
        ))}
        {chosen !== null && never.has(chosen) && (
          <Named {...{ place: chosen, name, chosen, onChoose }} />
        )}
      </fieldset>
      {chosen !== null && (
        <details open={alsoOn.length > 0} className="border-t border-line pt-2 sm:col-span-2">
          <summary className="py-1 font-semibold">
            Also put on
            {alsoOn.length > 0 && (
              <span className="font-normal text-soft">
                : {alsoOn.map((place) => placeWords[place]).join(', ')}. The strictest counts.
              </span>
            )}
          </summary>
          <div className="grid gap-x-4 sm:grid-cols-2">
            {places
              .filter((place) => place !== chosen)
              .map((place) => (
                <Tick
                  key={place}
                  className="min-h-8 max-sm:min-h-12"
                  isOn={alsoOn.includes(place)}
                  onTick={() => onAlso(place)}
                >
                  {placeWords[place]}
                </Tick>
              ))}
          </div>
        </details>
      )}
    </div>
  );
};
