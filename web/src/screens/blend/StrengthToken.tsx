import {
  dropFigures,
  formatPercent,
  guidelines,
  strengthWords,
  toldBy,
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

const textOf = (draft: TokenProps['draft'], mixture: Mixture | null): string => {
  if (draft.target) {
    const by = mixture ? toldBy(mixture, draft.by) : draft.by;
    const words = draft.by !== 'weight' ? '' : ` by ${by}`;
    return `${formatPercent(draft.target.percent, 3)}${words}`;
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
              onEmpty={() => {
                if (draft.oils.every(({ parts }) => parts === undefined)) change(askFor(null));
              }}
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
