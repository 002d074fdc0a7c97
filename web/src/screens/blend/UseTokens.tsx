import { changeBrief } from './changes';
import { Choices } from '../../parts/Choices';
import type { TokenProps } from './tokenProps';
import { Token } from './Token';

export const UseToken = ({ draft, change }: TokenProps) => (
  <Token
    label="Left on or rinsed off"
    text={draft.brief.use === 'leave-on' ? 'left on' : 'rinsed off'}
  >
    {() => (
      <Choices
        legend="After it is put on, it is"
        name="use"
        value={draft.brief.use}
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

export const SunToken = ({ draft, change }: TokenProps) => (
  <Token
    label="Sun"
    text={draft.brief.sun === 'exposed' ? 'open to the sun' : 'kept under clothes'}
  >
    {() => (
      <Choices
        legend="For the next 24 hours that skin is"
        name="sun"
        value={draft.brief.sun}
        choices={[
          { value: 'exposed', text: 'open to the sun', more: 'or to a sunbed, or behind a window' },
          { value: 'covered', text: 'kept under clothes' },
        ]}
        onChoose={(sun) => change(changeBrief({ sun }))}
      />
    )}
  </Token>
);
