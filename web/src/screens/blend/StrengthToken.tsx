import {
  dropFigures,
  formatList,
  formatPercent,
  guidelines,
  strengthBy,
  strengthWords,
  wholeBlendLimit,
  type DropSchoolId,
  type Mixture,
  type School,
} from '@jubbet/core';
import { Button } from '../../parts/Button';
import { NumberField } from '../../parts/NumberField';
import { askFor } from './changes';
import { Choices } from '../../parts/Choices';
import type { TokenProps } from './tokenProps';
import { Token } from './Token';

const limitOf = ({ brief, school }: TokenProps['draft']) =>
  brief.wearer === null || brief.place === null
    ? null
    : wholeBlendLimit({ ...brief, wearer: brief.wearer, place: brief.place }, school);

const schoolNames: Record<School, string> = { clinical: 'clinical', cautious: 'cautious' };

const usableSchools = guidelines.schools.filter(
  (school): school is typeof school & { id: School } =>
    school.usableAsLimit && school.id in schoolNames,
);

/** Oils that were asked for and came to no drop: one is already too much. */
const withoutWords = (draft: TokenProps['draft'], mixture: Mixture): string => {
  const names = draft.oils.flatMap(({ parts }, index) => {
    const mixed = mixture.oils[index];
    return parts !== undefined && mixed?.drops === 0 ? [mixed.oil.name.toLowerCase()] : [];
  });
  return names.length > 0 ? `, without ${formatList(names)}` : '';
};

/** `2 %`; where it comes to something else, `1.6 % (target 1 %), without vetiver`. */
const textOf = (draft: TokenProps['draft'], mixture: Mixture | null): string => {
  if (draft.target) {
    const target = formatPercent(draft.target.percent, 3);
    if (!mixture || mixture.oils.length === 0) {
      return `${target}${draft.by === 'weight' ? ' by weight' : ''}`;
    }
    const real = strengthWords(mixture, draft.by);
    const isMet =
      formatPercent(strengthBy(mixture, draft.by).likely) === formatPercent(draft.target.percent);
    return `${isMet ? real : `${real} (target ${target})`}${withoutWords(draft, mixture)}`;
  }
  return mixture && mixture.oils.length > 0
    ? `${strengthWords(mixture, draft.by)} as counted`
    : '… how strong?';
};

export const StrengthToken = ({
  draft,
  change,
  mixture,
}: TokenProps & { mixture: Mixture | null }) => {
  const limit = limitOf(draft);
  return (
    <Token
      label="Strength"
      text={textOf(draft, mixture)}
      gap={!draft.target && !mixture?.oils.length}
      wide
    >
      {() => (
        <div className="grid gap-3">
          <label className="flex items-baseline gap-2">
            Essential oil, in all
            <NumberField
              label="Essential oil, in percent"
              framed
              className="w-20"
              unit="%"
              value={draft.target?.percent ?? null}
              rule={{ least: 0, above: true, most: 100 }}
              onNumber={(percent) => change(askFor(percent))}
              // Parts share a target: beside them it cannot be left empty.
              {...(draft.oils.every(({ parts }) => parts === undefined)
                ? { onEmpty: () => change(askFor(null)) }
                : {})}
            />
          </label>
          {limit && (
            <div className="flex flex-wrap items-center gap-2 text-sm">
              <span className="text-soft">For this wearer and place:</span>
              {limit.recommended > 0 && (
                <Button onClick={() => change(askFor(limit.recommended))}>
                  recommended {formatPercent(limit.recommended)}
                </Button>
              )}
              <span>
                {limit.maximum > 0 ? `at most ${formatPercent(limit.maximum)}` : 'none at all'}
              </span>
            </div>
          )}
          <Choices<School>
            legend="By the guidance that is called"
            name="school"
            value={draft.school}
            choices={usableSchools.map(({ id, name, why }) => ({
              value: id,
              text: name,
              more: why,
            }))}
            onChoose={(school) => change((before) => ({ ...before, school }))}
          />
          <label className="grid gap-1 border-t border-line pt-3">
            <span className="text-sm text-soft">A drop, where it was not measured</span>
            <select
              className="min-h-10 rounded-md border border-line bg-sheet px-2"
              value={draft.dropSchool}
              onChange={(event) => {
                const dropSchool = event.target.value as DropSchoolId;
                change((before) => ({ ...before, dropSchool }));
              }}
            >
              {dropFigures.schools.map(({ id, perMl, source }) => (
                <option key={id} value={id}>
                  {perMl} to the ml: {source}
                </option>
              ))}
            </select>
          </label>
        </div>
      )}
    </Token>
  );
};
