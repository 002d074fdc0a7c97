import {
  fillMl,
  formatMl,
  pouringKinds,
  usualVessels,
  usualVessel,
  vesselKind,
  vesselWords,
  type Vessel,
} from '@jubbet/core';
import { SelectField } from '../../parts/Field';
import { NumberField } from '../../parts/NumberField';
import { Choices } from '../../parts/Choices';
import type { TokenProps } from './tokenProps';
import { Token } from './Token';

const kinds = Object.keys(pouringKinds).map((kind) => [kind, kind] as const);

const own = 'own';

/** The vessel of a draft, with its measures. */
export const vesselOfDraft = (vessel: TokenProps['draft']['vessel']): Vessel =>
  'id' in vessel
    ? (usualVessel(vessel.id) ?? {
        id: null,
        kind: 'roll-on',
        nominalMl: 10,
        workingFillPercent: 95,
      })
    : { id: null, ...vessel };

export const VesselToken = ({ draft, change }: TokenProps) => {
  const vessel = vesselOfDraft(draft.vessel);
  const text =
    draft.count > 1
      ? `${draft.count} ${vesselKind(vessel.kind).plural} of ${formatMl(vessel.nominalMl, 4)}`
      : vesselWords(vessel);
  const ownNow = (nominalMl: number, workingFillPercent: number) =>
    change((before) => ({
      ...before,
      vessel: { kind: vessel.kind, nominalMl, workingFillPercent },
    }));
  const sizes = usualVessels.filter(({ kind }) => kind === vessel.kind);
  /** The vessel of another kind that is nearest in size. */
  const ofKind = (kind: string) => {
    const [nearest] = usualVessels
      .filter((entry) => entry.kind === kind)
      .sort(
        (a, b) =>
          Math.abs(a.nominalMl - vessel.nominalMl) - Math.abs(b.nominalMl - vessel.nominalMl),
      );
    if (nearest) change((before) => ({ ...before, vessel: { id: nearest.id } }));
  };
  return (
    <Token label="Vessel" text={text}>
      {() => (
        <div className="grid gap-3">
          <SelectField label="Kind" value={vessel.kind} choices={kinds} onChoose={ofKind} />
          <Choices
            legend="It goes into"
            name="vessel"
            value={vessel.id ?? own}
            choices={[
              ...sizes.map((entry) => ({
                value: entry.id,
                text: `a ${vesselWords(entry)}`,
                more: `takes ${formatMl(fillMl(entry), 3)}; ${entry.suits}`,
              })),
              { value: own, text: 'one of my own, measured with water' },
            ]}
            onChoose={(id) =>
              id === own
                ? ownNow(vessel.nominalMl, vessel.workingFillPercent)
                : change((before) => ({ ...before, vessel: { id } }))
            }
          />
          {vessel.id === null && (
            <p className="flex flex-wrap gap-x-4 gap-y-2">
              <label className="flex items-baseline gap-2">
                Holds
                <NumberField
                  label="Holds, in ml"
                  framed
                  className="w-20"
                  unit="ml"
                  value={vessel.nominalMl}
                  rule={{ least: 0, above: true, most: 20_000 }}
                  onNumber={(ml) => ownNow(ml, vessel.workingFillPercent)}
                />
              </label>
              <label className="flex items-baseline gap-2">
                filled to
                <NumberField
                  label="Filled to, in percent"
                  framed
                  className="w-16"
                  unit="%"
                  value={vessel.workingFillPercent}
                  rule={{ least: 0, above: true, most: 100 }}
                  onNumber={(percent) => ownNow(vessel.nominalMl, percent)}
                />
              </label>
            </p>
          )}
          <label className="flex items-baseline gap-2 border-t border-line pt-3">
            How many of them
            <NumberField
              label="How many of them"
              framed
              className="w-16"
              value={draft.count}
              rule={{ least: 1, most: 1000, whole: true }}
              onNumber={(count) => change((before) => ({ ...before, count }))}
            />
          </label>
        </div>
      )}
    </Token>
  );
};
