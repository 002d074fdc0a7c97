import { onPlacesWords } from '@jubbet/core/words';
import { choosePlace, toggleAlsoOn } from '@jubbet/core/recipe';
import { PlacePanel } from './place/PlacePanel';
import type { TokenProps } from './tokenProps';
import { Token } from '../../parts/Token';

export const PlaceToken = ({ recipe, change }: TokenProps) => {
  const { place } = recipe.brief;
  return (
    <Token
      label="Place"
      text={place === null ? '… where?' : onPlacesWords({ ...recipe.brief, place })}
      gap={place === null}
      wide="most"
    >
      {(answered) => (
        <PlacePanel
          chosen={place}
          alsoOn={recipe.brief.alsoOn ?? []}
          onAlso={(value) => change(toggleAlsoOn(value))}
          onChoose={(value) => {
            change(choosePlace(value));
            answered();
          }}
        />
      )}
    </Token>
  );
};
