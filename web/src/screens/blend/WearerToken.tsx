import { isVisible, shownName } from '@jubbet/core/quantity';
import { type Edit, changeBrief, setWearer } from '@jubbet/core/recipe';
import { wearerOn, type Wearer } from '@jubbet/core/brief';
import { wearerWords, blendWords } from '@jubbet/core/words';
import { useState } from 'react';
import { useOpenedWith } from '../../parts/openedWith';
import { Link } from 'react-router';
import { Choices } from '../../ui/Choices';
import type { PersonRecord } from '../../store/database';
import { today } from '../../store/now';
import { people } from '../../store/people';
import { useStored } from '../../store/useStored';
import { Token } from '../../parts/Token';
import type { TokenProps } from './tokenProps';
import { WearerForm, type WearerDraft } from './WearerForm';
import { Tick } from '../../ui/Tick';

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
const me = 'me';

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
  { value: me, text: me },
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
  const who = useOpenedWith()?.who;
  const [aside, setAside] = useState<WearerDraft>(blank);
  // Who is said, before the age is known: oneself, or someone else.
  const [said, setSaid] = useState<typeof me | typeof other | null>(
    who === undefined || who === 'anyone' ? null : who === 'me' ? me : other,
  );
  const shown = recipe.brief.personId === null ? (written(recipe.brief) ?? aside) : aside;
  const known = choiceOf(recipe.brief);
  const choice = known === other || known === null ? (said ?? known) : known;
  const isNamed = (value: string | null): value is typeof me | typeof other =>
    value === other || value === me;
  const choose = (value: string): void => {
    setSaid(isNamed(value) ? value : null);
    if (isNamed(choice)) setAside(shown);
    if (isNamed(value)) {
      change(wornBy(whole(isNamed(choice) ? shown : aside), null));
      return;
    }
    const person = house.find(({ id }) => id === value);
    if (person) change(wornBy(wearerOn(person.person, today()), person.id));
    else change(setWearer('anyone', null));
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
              if (!isNamed(value)) answered();
            }}
          />
          {isNamed(choice) && (
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
            <span className="block text-sm text-soft">{blendWords.alsoChecksEuCosmeticsRules}</span>
          </Tick>
          {recipe.brief.personId !== null && (
            <p className="border-t border-line pt-3 text-sm">
              <Link to={`/people/${recipe.brief.personId}`} className="text-press">
                {blendWords.changeWhatMattersForTheir}
              </Link>{' '}
              <span className="text-soft">{blendWords.inPeopleTheirAgeUpdates}</span>
            </p>
          )}
        </div>
      )}
    </Token>
  );
};
