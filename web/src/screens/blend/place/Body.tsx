import type { PlaceId } from '@jubbet/core/catalog';
import { placeWords } from '@jubbet/core/words';
import { clsx } from 'clsx';
import { back, face, front, palm, type Figure } from './regions';

const Drawn = ({
  figure: { name, viewBox, regions, lines },
  chosen,
  onChoose,
  onPhone = true,
  className,
}: {
  figure: Figure;
  chosen: PlaceId | null;
  onChoose: (place: PlaceId) => void;
  /** False where a phone has no room for it. */
  onPhone?: boolean;
  className: string;
}) => (
  <figure
    className={clsx('grid content-start justify-items-center gap-1', !onPhone && 'max-sm:hidden')}
  >
    <svg viewBox={viewBox} className={className}>
      {regions.map(({ place, d }) => (
        <path
          key={d}
          d={d}
          className={clsx(
            'body-part',
            place === null ? 'body-never' : 'cursor-pointer',
            place !== null && place === chosen && 'body-chosen',
          )}
          onClick={place === null ? undefined : () => onChoose(place)}
        >
          <title>{place === null ? 'takes no essential oil' : placeWords[place]}</title>
        </path>
      ))}
      {lines.map((d) => (
        <path key={d} d={d} className="body-line" />
      ))}
    </svg>
    <figcaption className="text-xs text-soft">{name}</figcaption>
  </figure>
);

/**
 * A body to point at. Whoever does not point chooses by name: nothing is here that does not
 * are in that list.
 */
export const Body = ({
  chosen,
  onChoose,
}: {
  chosen: PlaceId | null;
  onChoose: (place: PlaceId) => void;
}) => (
  <div aria-hidden className="flex justify-center gap-3">
    <Drawn
      figure={front}
      chosen={chosen}
      onChoose={onChoose}
      className="h-[372px] w-auto max-sm:h-[330px]"
    />
    <Drawn
      figure={back}
      chosen={chosen}
      onChoose={onChoose}
      onPhone={false}
      className="h-[372px] w-auto"
    />
    <div className="grid content-start gap-2">
      <Drawn
        figure={face}
        chosen={chosen}
        onChoose={onChoose}
        className="h-[178px] w-auto max-sm:h-[160px]"
      />
      <Drawn
        figure={palm}
        chosen={chosen}
        onChoose={onChoose}
        className="h-[152px] w-auto max-sm:h-[140px]"
      />
    </div>
  </div>
);
