import { isIn, setTarget, setTargetUpTo, type Guideline } from '@jubbet/core/recipe';
import {
  formatNumber,
  formatList,
  formatPercent,
  strengthWords,
  inSentence,
  blendWords,
} from '@jubbet/core/words';
import { dropFigures, guidelines } from '@jubbet/core/catalog';
import { strengthBy, type Mixture } from '@jubbet/core/mixture';
import { wholeBlendLimit } from '@jubbet/core/limits';
import { Button } from '../../ui/Button';
import { NumberField } from '../../ui/NumberField';
import { Choices } from '../../ui/Choices';
import type { TokenProps } from './tokenProps';
import { Token } from '../../parts/Token';

const limitOf = ({ brief, guideline }: TokenProps['recipe']) =>
  brief.wearer === null || brief.place === null
    ? null
    : wholeBlendLimit({ ...brief, wearer: brief.wearer, place: brief.place }, guideline);

const choices = guidelines.all.flatMap(({ id, name, why, usableAsLimit }) =>
  usableAsLimit && id !== 'strong' ? [{ value: id, text: name, more: why }] : [],
);

/** Oils that were asked for and came to no drop: one is already too much. */
const withoutWords = (recipe: TokenProps['recipe'], mixture: Mixture): string => {
  const names = recipe.oils.flatMap(({ amount }, index) => {
    const mixed = mixture.oils[index];
    return isIn(amount, 'parts') && mixed?.drops === 0 ? [inSentence(mixed.oil.name)] : [];
  });
  return names.length > 0 ? `, without ${formatList(names)}` : '';
};

/** `2 %`; where it comes to something else, `1.6 % (target 1 %), without vetiver`. */
const textOf = (recipe: TokenProps['recipe'], mixture: Mixture | null): string => {
  if (recipe.target) {
    const { percent, upTo } = recipe.target;
    const target =
      upTo === undefined
        ? formatPercent(percent, 3)
        : `${formatNumber(percent, 3)} to ${formatPercent(upTo, 3)}`;
    if (!mixture || mixture.oils.length === 0) {
      return `${target}${recipe.by === 'weight' ? ' by weight' : ''}`;
    }
    const real = strengthWords(mixture, recipe.by);
    const { likely } = strengthBy(mixture, recipe.by);
    const isMet =
      upTo === undefined
        ? formatPercent(likely) === formatPercent(percent)
        : likely >= percent - 1e-9 && likely <= upTo + 1e-9;
    return `${isMet ? real : `${real} (target ${target})`}${withoutWords(recipe, mixture)}`;
  }
  return mixture && mixture.oils.length > 0
    ? `${strengthWords(mixture, recipe.by)} as counted`
    : '… how strong?';
};

export const StrengthToken = ({
  recipe,
  change,
  mixture,
}: TokenProps & { mixture: Mixture | null }) => {
  const limit = limitOf(recipe);
  return (
    <Token
      label="Strength"
      text={textOf(recipe, mixture)}
      gap={!recipe.target && !mixture?.oils.length}
      wide
    >
      {(answered) => (
        <div className="grid grid-cols-[minmax(0,1fr)] gap-3">
          <label className="flex flex-wrap items-baseline gap-2">
            Essential oil, total
            <NumberField
              label={blendWords.essentialOilInPercent}
              framed
              className="w-20"
              unit="%"
              value={recipe.target?.percent ?? null}
              rule={{ least: 0, above: true, most: 100 }}
              onNumber={(percent) => change(setTarget(percent))}
              // Parts share a target: beside them it cannot be left empty.
              {...(!recipe.oils.some(({ amount }) => isIn(amount, 'parts'))
                ? { onEmpty: () => change(setTarget(null)) }
                : {})}
            />
            {recipe.target && (
              <>
                to
                <NumberField
                  label={blendWords.upToInPercent}
                  framed
                  className="w-20"
                  unit="%"
                  placeholder="–"
                  value={recipe.target.upTo ?? null}
                  rule={{ least: recipe.target.percent, above: true, most: 100 }}
                  onNumber={(upTo) => change(setTargetUpTo(upTo))}
                  onEmpty={() => change(setTargetUpTo(null))}
                />
              </>
            )}
          </label>
          {limit && (
            <div className="flex flex-wrap items-center gap-2 text-sm">
              <span className="text-soft">{blendWords.forThisPersonAndPlace}</span>
              {limit.recommended > 0 && (
                <Button
                  look={recipe.target ? 'plain' : 'first'}
                  onClick={() => {
                    change(setTarget(limit.recommended));
                    answered();
                  }}
                >
                  recommended {formatPercent(limit.recommended)}
                </Button>
              )}
              <span>
                {limit.maximum === 0
                  ? 'no essential oil at all'
                  : `${limit.recommended === 0 ? 'not recommended; ' : ''}at most ${formatPercent(limit.maximum)}`}
              </span>
            </div>
          )}
          <Choices<Guideline>
            legend="Guideline"
            name="guideline"
            value={recipe.guideline}
            choices={choices}
            onChoose={(guideline) => change((before) => ({ ...before, guideline }))}
          />
          <label className="grid gap-1 border-t border-line pt-3">
            <span className="text-sm text-soft">{blendWords.dropsPerMlIfNot}</span>
            <select
              className="min-h-10 w-full min-w-0 rounded-md border border-field bg-sheet px-2"
              value={recipe.dropsPerMl}
              onChange={(event) => {
                const dropsPerMl = Number(event.target.value);
                change((before) => ({ ...before, dropsPerMl }));
              }}
            >
              {dropFigures.sizes.map(({ id, perMl, source }) => (
                <option key={id} value={perMl}>
                  {perMl} drops per ml: {source}
                </option>
              ))}
              {dropFigures.sizes.every(({ perMl }) => perMl !== recipe.dropsPerMl) && (
                <option value={recipe.dropsPerMl}>
                  {blendWords.dropsPerMlAsSet(formatNumber(recipe.dropsPerMl, 3))}
                </option>
              )}
            </select>
          </label>
        </div>
      )}
    </Token>
  );
};
