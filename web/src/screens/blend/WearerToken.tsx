import { isVisible, shownName } from '@jubbet/core/quantity';
import { type Edit, changeBrief, setWearer } from '@jubbet/core/recipe';
import { wearerOn, type Wearer } from '@jubbet/core/brief';
import { wearerWords } from '@jubbet/core/words';
import { useState } from 'react';
import { Link } from 'react-router';
import { Choices } from '../../parts/Choices';
import type { PersonRecord } from '../../store/database';
import { today } from '../../store/now';
import { people } from '../../store/people';
import { useStored } from '../../store/useStored';
import { Token } from './Token';
import type { TokenProps } from './tokenProps';
import { WearerForm, type WearerDraft } from './WearerForm';
import { Tick } from '../../parts/Tick';

const blank: WearerDraft = {
  name: '',
  ageMonths: null,
  pregnant: false,
  breastfeeding: false,
  conditions: [],
  allergies: [],
  skin: 'normal',
};

/** A wearer is reported only once the age is: no rule can do without it. */
const whole = ({ ageMonths, name, ...rest }: WearerDraft): Wearer | null =>
  ageMonths === null
    ? null
    : { ...rest, ageMonths, ...(isVisible(name) ? { name: shownName(name) } : {}) };

const written = ({ wearer }: TokenProps['recipe']['brief']): WearerDraft | null =>
  wearer === null || wearer === 'anyone' ? null : { ...blank, ...wearer, name: wearer.name ?? '' };

const wornBy = (wearer: Wearer | null, personId: string | null): Edit =>
  setWearer(wearer, personId);

const other = 'someone else';

const choiceOf = ({ wearer, personId }: TokenProps['recipe']['brief']): string | null => {
  if (wearer === 'anyone') return 'anyone';
  if (personId !== null) return personId;
  return wearer === null ? null : other;
};

const choicesFrom = (house: readonly PersonRecord[]) => [
  ...house.map(({ id, person }) => ({
    value: id,
    text: wearerWords(wearerOn(person, today())),
  })),
  { value: other, text: house.length > 0 ? other : 'someone I know' },
  {
    value: 'anyone',
    text: 'anyone',
    more: 'A gift or a stall: a cautious strength, and every caution on the label.',
  },
];

export const WearerToken = ({ recipe, change }: TokenProps) => {
  const { wearer } = recipe.brief;
  const house = useStored(['people'], () => people.list()).data ?? [];
  // What was typed before the age was known, or before another was chosen.
  const [aside, setAside] = useState<WearerDraft>(blank);
  const [isConfirming, setIsConfirming] = useState(false);
  const shown = recipe.brief.personId === null ? (written(recipe.brief) ?? aside) : aside;
  const choice = choiceOf(recipe.brief) ?? (isConfirming ? other : null);
  const choose = (value: string): void => {
    setIsConfirming(value === other);
    if (choice === other) setAside(shown);
    const person = house.find(({ id }) => id === value);
    if (person) change(wornBy(wearerOn(person.person, today()), person.id));
    else if (value === 'anyone') change(setWearer('anyone', null));
    else change(wornBy(whole(choice === other ? shown : aside), null));
  };
  return (
    <Token
      label="Person"
      text={
        wearer === null
          ? '… who?'
          : `${wearerWords(wearer)}${recipe.brief.forSale ? ', for sale' : ''}`
      }
      gap={wearer === null}
      wide
    >
      {(answered) => (
        <div className="-m-1 grid max-h-[min(70vh,40rem)] gap-3 overflow-y-auto p-1">
          <Choices
            legend="It is for"
            name="wearer"
            value={choice}
            choices={choicesFrom(house)}
            onChoose={(value) => {
              choose(value);
              if (value !== other) answered();
            }}
          />
          {choice === other && (
            <WearerForm
              wearer={shown}
              onChange={(next) => {
                setAside(next);
                change(wornBy(whole(next), null));
              }}
            />
          )}
          <Tick
            className="border-t border-line pt-3"
            isOn={recipe.brief.forSale}
            onTick={(isOn) => change(changeBrief({ forSale: isOn }))}
          >
            for sale
            <span className="block text-sm text-soft">Also checks EU cosmetics rules.</span>
          </Tick>
          {recipe.brief.personId !== null && (
            <p className="border-t border-line pt-3 text-sm">
              <Link to={`/people/${recipe.brief.personId}`} className="text-press">
                Change what matters for their skin
              </Link>{' '}
              <span className="text-soft">in People. Their age updates by itself.</span>
            </p>
          )}
        </div>
      )}
    </Token>
  );
};
