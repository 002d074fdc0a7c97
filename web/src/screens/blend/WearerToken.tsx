import { wearerWords, type Wearer } from '@jubbet/core';
import { useState } from 'react';
import { changeBrief } from './changes';
import { Choices } from './Choices';
import type { TokenProps } from './tokenProps';
import { Token } from './Token';
import { WearerForm, type WearerDraft } from './WearerForm';

const blank: WearerDraft = {
  name: '',
  ageMonths: null,
  pregnant: false,
  nursing: false,
  conditions: [],
  allergies: [],
  skin: 'normal',
};

/** A wearer is told only once the age is: no rule can do without it. */
const whole = ({ ageMonths, name, ...rest }: WearerDraft): Wearer | null =>
  ageMonths === null ? null : { ...rest, ageMonths, ...(name.trim() ? { name: name.trim() } : {}) };

const written = ({ wearer }: TokenProps['draft']['brief']): WearerDraft | null =>
  wearer === null || wearer === 'anyone' ? null : { ...blank, ...wearer, name: wearer.name ?? '' };

export const WearerToken = ({ draft, change }: TokenProps) => {
  const { wearer } = draft.brief;
  // What was typed before the age was known, or before "anyone" was chosen.
  const [aside, setAside] = useState<WearerDraft>(blank);
  const [who, setWho] = useState<'someone' | null>(null);
  const shown = written(draft.brief) ?? aside;
  const kind = wearer === 'anyone' ? 'anyone' : wearer !== null ? 'someone' : who;
  const settle = (next: WearerDraft): void => {
    setAside(next);
    const known = whole(next);
    change(
      changeBrief({
        wearer: known && {
          ...known,
          conditions: [...known.conditions],
          allergies: [...known.allergies],
        },
      }),
    );
  };
  return (
    <Token
      label="Wearer"
      text={wearer === null ? '… whom?' : wearerWords(wearer)}
      gap={wearer === null}
      wide
    >
      {() => (
        <div className="grid max-h-[min(70vh,40rem)] gap-3 overflow-y-auto">
          <Choices<'someone' | 'anyone'>
            legend="It is for"
            name="wearer"
            value={kind}
            choices={[
              { value: 'someone', text: 'someone I know' },
              {
                value: 'anyone',
                text: 'anyone',
                more: 'A gift or a stall: a careful strength, and every caution on the label.',
              },
            ]}
            onChoose={(value) => {
              setWho(value === 'someone' ? 'someone' : null);
              if (value === 'anyone') {
                setAside(shown);
                change(changeBrief({ wearer: 'anyone' }));
              } else settle(shown);
            }}
          />
          {kind === 'someone' && <WearerForm wearer={shown} onChange={settle} />}
        </div>
      )}
    </Token>
  );
};
