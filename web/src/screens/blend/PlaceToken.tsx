import { placeWords, type PlaceId } from '@jubbet/core';
import { changeBrief } from './changes';
import { Choices } from '../../parts/Choices';
import type { TokenProps } from './tokenProps';
import { Token } from './Token';

const places = Object.keys(placeWords) as PlaceId[];

export const PlaceToken = ({ draft, change }: TokenProps) => {
  const { place } = draft.brief;
  return (
    <Token
      label="Place"
      text={place === null ? '… where?' : placeWords[place]}
      gap={place === null}
      wide
    >
      {() => (
        <Choices
          columns
          legend="It is worn on the"
          name="place"
          value={place}
          choices={places.map((value) => ({ value, text: placeWords[value] }))}
          onChoose={(value) => change(changeBrief({ place: value }))}
        />
      )}
    </Token>
  );
};
