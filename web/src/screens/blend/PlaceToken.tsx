import { onPlaceWords } from '@jubbet/core/words';
import { choosePlace } from '@jubbet/core/recipe';
import { PlacePanel } from './place/PlacePanel';
import type { TokenProps } from './tokenProps';
import { Token } from './Token';

export const PlaceToken = ({ recipe, change }: TokenProps) => {
  const { place } = recipe.brief;
  return (
    <Token
      label="Place"
      text={place === null ? '… where?' : onPlaceWords(place)}
      gap={place === null}
      wide="most"
    >
      {(answered) => (
        <PlacePanel
          chosen={place}
          onChoose={(value) => {
            change(choosePlace(value));
            answered();
          }}
        />
      )}
    </Token>
  );
};
