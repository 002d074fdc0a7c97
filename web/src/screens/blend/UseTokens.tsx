import { placeFacts } from '@jubbet/core/catalog';
import { changeBrief } from '@jubbet/core/recipe';
import { timesWords, blendWords } from '@jubbet/core/words';
import { NumberField } from '../../ui/NumberField';
import { Tick } from '../../ui/Tick';
import { Choices } from '../../ui/Choices';
import type { TokenProps } from './tokenProps';
import { Token } from '../../parts/Token';

export const UseToken = ({ recipe, change }: TokenProps) => (
  <Token
    label={blendWords.leftOnOrRinsedOff}
    text={recipe.brief.use === 'leave-on' ? 'left on' : 'rinsed off'}
  >
    {() => (
      <Choices
        legend={blendWords.afterApplyingItIs}
        name="use"
        value={recipe.brief.use}
        choices={[
          { value: 'leave-on', text: 'left on' },
          {
            value: 'rinse-off',
            text: 'rinsed off',
            more: 'The same limits apply, to be careful. No sun limits.',
            disabled: recipe.brief.place !== null && !placeFacts(recipe.brief.place).isRinsed,
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
    text={recipe.brief.sun === 'exposed' ? 'open to the sun' : 'covered by clothes'}
  >
    {() => (
      <Choices
        legend={blendWords.forTheNext24Hours}
        name="sun"
        value={recipe.brief.sun}
        choices={[
          { value: 'exposed', text: 'open to the sun', more: 'or to a sunbed, or behind glass' },
          {
            value: 'covered',
            text: 'covered by clothes',
            ...(recipe.brief.place !== null && !placeFacts(recipe.brief.place).isCovered
              ? { disabled: true, more: 'Clothes do not cover this area.' }
              : {}),
          },
        ]}
        onChoose={(sun) => change(changeBrief({ sun }))}
      />
    )}
  </Token>
);

/** How often it is put on, and how much at once: for directions, and how long it lasts. */
export const OftenToken = ({ recipe, change }: TokenProps) => (
  <Token
    label="How often"
    text={`${recipe.brief.timesPerDay === null ? 'as needed' : timesWords(recipe.brief.timesPerDay)}${recipe.brief.nightOnly ? ', at night only' : ''}`}
  >
    {() => (
      <div className="grid gap-3">
        <label className="flex items-baseline gap-2">
          Up to
          <NumberField
            label="Times a day"
            framed
            className="w-16"
            unit="times a day"
            value={recipe.brief.timesPerDay}
            rule={{ least: 1, most: 48, whole: true }}
            onNumber={(timesPerDay) => change(changeBrief({ timesPerDay }))}
            onEmpty={() => change(changeBrief({ timesPerDay: null }))}
          />
        </label>
        <Tick
          isOn={recipe.brief.nightOnly ?? false}
          onTick={(nightOnly) => change(changeBrief({ nightOnly }))}
        >
          At night only
        </Tick>
        <label className="flex items-baseline gap-2">
          One use is
          <NumberField
            label={blendWords.howManyPressesSpraysDrops}
            framed
            className="w-16"
            unit={blendWords.pressesSpraysDropsOrFingertips}
            value={recipe.useCount ?? 1}
            rule={{ least: 1, most: 100, whole: true }}
            onNumber={(useCount) => change((before) => ({ ...before, useCount }))}
          />
        </label>
        <label className="flex items-baseline gap-2">
          {blendWords.orAsYouMeasuredIt}
          <NumberField
            label={blendWords.oneUseInMl}
            framed
            className="w-16"
            unit="ml"
            placeholder="?"
            value={recipe.useMl}
            rule={{ least: 0, above: true, most: 1000 }}
            onNumber={(useMl) => change((before) => ({ ...before, useMl }))}
            onEmpty={() => change((before) => ({ ...before, useMl: null }))}
          />
        </label>
        <p className="text-sm text-soft">{blendWords.usedForTheLabelsDirections}</p>
      </div>
    )}
  </Token>
);
