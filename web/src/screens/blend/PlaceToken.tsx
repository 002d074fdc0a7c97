import { onPlaceWords, placeWords } from '@jubbet/core/words';
import type { PlaceId } from '@jubbet/core/catalog';
import { canBeCovered, canBeRinsed } from '@jubbet/core/limits';
import { choosePlace } from '@jubbet/core/recipe';
import { Choices } from '../../parts/Choices';
import type { TokenProps } from './tokenProps';
import { Token } from './Token';

const places = Object.keys(placeWords) as PlaceId[];

export const PlaceToken = ({ recipe, change }: TokenProps) => {
  const { place } = recipe.brief;
  return (
    <Token
      label="Place"
      text={place === null ? '… where?' : onPlaceWords(place)}
      gap={place === null}
      wide
    >
      {(answered) => (
        <Choices
          columns
          legend="Used on"
          name="place"
          value={place}
          choices={places.map((value) => ({ value, text: placeWords[value] }))}
          onChoose={(value) => {
            change(
              choosePlace(value, {
                canBeRinsed: canBeRinsed(value),
                canBeCovered: canBeCovered(value),
              }),
            );
            answered();
          }}
        />
      )}
    </Token>
  );
};
