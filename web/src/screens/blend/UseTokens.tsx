import { changeBrief } from '@jubbet/core/recipe';
import { Choices } from '../../parts/Choices';
import type { TokenProps } from './tokenProps';
import { Token } from './Token';

export const UseToken = ({ recipe, change }: TokenProps) => (
  <Token
    label="Left on or rinsed off"
    text={recipe.brief.use === 'leave-on' ? 'left on' : 'rinsed off'}
  >
    {() => (
      <Choices
        legend="After it is put on, it is"
        name="use"
        value={recipe.brief.use}
        choices={[
          { value: 'leave-on', text: 'left on' },
          {
            value: 'rinse-off',
            text: 'rinsed off',
            more: 'Judged by the same figures, which is careful. Light does not count.',
          },
        ]}
        onChoose={(use) => change(changeBrief({ use }))}
      />
    )}
  </Token>
);

export const SunToken = ({ recipe, change }: TokenProps) => (
  <Token
    label="Sun"
    text={recipe.brief.sun === 'exposed' ? 'open to the sun' : 'kept under clothes'}
  >
    {() => (
      <Choices
        legend="For the next 24 hours that skin is"
        name="sun"
        value={recipe.brief.sun}
        choices={[
          { value: 'exposed', text: 'open to the sun', more: 'or to a sunbed, or behind a window' },
          { value: 'covered', text: 'kept under clothes' },
        ]}
        onChoose={(sun) => change(changeBrief({ sun }))}
      />
    )}
  </Token>
);
