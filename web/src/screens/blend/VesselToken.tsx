import {
  fillMl,
  fillingsOf,
  fillingsWords,
  formatMl,
  isMixedInOne,
  standingDensity,
  textureFigures,
  oneOf,
  usualVessels,
  vesselKinds,
  workOut,
  type BlendDraft,
  type Vessel,
} from '@jubbet/core';
import { Plus, X } from 'lucide-react';
import { useMemo } from 'react';
import { Button } from '../../parts/Button';
import { AmountField } from '../../parts/AmountField';
import { SelectField, TextField } from '../../parts/Field';
import { useNotice } from '../../parts/notice';
import { useWrite } from '../../parts/useWrite';
import { NumberField } from '../../parts/NumberField';
import { VesselMeasures } from '../../parts/VesselMeasures';
import { useStored } from '../../store/useStored';
import { vessels } from '../../store/vessels';
import { linesOf, setLines, setMixing, type Line } from './changes';
import type { TokenProps } from './tokenProps';
import { Token } from './Token';

const kinds = Object.keys(vesselKinds).map((kind) => [kind, oneOf(kind)] as const);

const own = 'own';

const densityOf = (draft: BlendDraft): number | null => {
  const worked = workOut(draft);
  return worked.state === 'done' ? standingDensity(worked.blend, worked.evaluation.mixture) : null;
};

const ownId = (id: string): string => `${own}:${id}`;

/** A vessel as it is written where it is not one of the library. */
type Measured = Exclude<BlendDraft['vessel'], { id: string }>;

const measuredOf = (vessel: Vessel): Measured => {
  const { id: _id, ...measures } = vessel;
  return measures;
};

const isSame = (a: Measured, b: Vessel): boolean =>
  a.name === b.name &&
  a.nominalMl === b.nominalMl &&
  a.workingFillPercent === b.workingFillPercent &&
  a.brimfulMl === b.brimfulMl;

/** The vessel of a draft, with its measures. */
export const vesselOfDraft = (vessel: BlendDraft['vessel']): Vessel => {
  const [filling] = fillingsOf({ vessel, count: 1 });
  return filling?.vessel ?? { id: null, kind: 'roll-on', nominalMl: 10, workingFillPercent: 95 };
};

const nearestOf = (kind: string, nominalMl: number) =>
  usualVessels
    .filter((entry) => entry.kind === kind)
    .sort((a, b) => Math.abs(a.nominalMl - nominalMl) - Math.abs(b.nominalMl - nominalMl))[0];

/** A vessel of one's own on this sheet, which can be kept for every other. */
const OwnVesselFields = ({
  vessel,
  name,
  onVessel,
}: {
  vessel: Measured;
  name: string;
  onVessel: (vessel: Measured) => void;
}) => {
  const tell = useNotice();
  const write = useWrite();
  const shelved = useStored(['vessels'], () => vessels.list()).data ?? [];
  const calledSo = (vessel.name ?? '').trim();
  const there = shelved.some(({ vessel: one }) => one.name === calledSo);
  const keep = async () => {
    const id = await write('The vessel', () => vessels.add({ ...vessel, name: calledSo }));
    if (!id) return;
    tell({
      text: `“${calledSo}” is on the shelf.`,
      undo: () => void write('The vessel', () => vessels.remove(id)),
    });
  };
  return (
    <div className="grid gap-2 rounded-md bg-slate-wash px-3 py-2 text-sm">
      <VesselMeasures vessel={vessel} name={name} onVessel={onVessel} />
      <div className="flex flex-wrap items-end gap-2">
        <TextField
          label={`What you call it${name}`}
          maxLength={60}
          className="w-48"
          value={vessel.name ?? ''}
          onChange={(event) => {
            const { name: _name, ...rest } = vessel;
            onVessel(event.target.value.trim() ? { ...rest, name: event.target.value } : rest);
          }}
        />
        {calledSo !== '' && !there && (
          <Button onClick={() => void keep()}>Keep it for other blends</Button>
        )}
        {there && <span className="pb-2 text-soft">on the shelf</span>}
      </div>
    </div>
  );
};

/** One line of vessels: how many, of which kind, of which size. */
const VesselLine = ({
  line,
  name,
  onLine,
  onRemove,
}: {
  line: Line;
  /** Added to the names of its fields, so that lines can be told apart. */
  name: string;
  onLine: (line: Line) => void;
  onRemove: (() => void) | null;
}) => {
  const vessel = vesselOfDraft(line.vessel);
  const sizes = usualVessels.filter(({ kind }) => kind === vessel.kind);
  const all = useStored(['vessels'], () => vessels.list()).data ?? [];
  const shelved = all.filter((one) => one.vessel.kind === vessel.kind);
  const isMine = vessel.id === null && shelved.find((one) => isSame(one.vessel, vessel));
  return (
    <li className="grid gap-2">
      <div className="flex flex-wrap items-end gap-2">
        <label className="grid gap-1.5">
          <span className="text-sm text-soft">How many</span>
          <NumberField
            label={`How many of them${name}`}
            framed
            className="w-14"
            value={line.count}
            rule={{ least: 1, most: 1000, whole: true }}
            onNumber={(count) => onLine({ ...line, count })}
          />
        </label>
        <SelectField
          label={`Kind${name}`}
          value={vessel.kind}
          choices={kinds}
          onChoose={(kind) => {
            const nearest = nearestOf(kind, vessel.nominalMl);
            if (nearest) onLine({ ...line, vessel: { id: nearest.id } });
          }}
        />
        <div className="min-w-0 flex-1">
          <SelectField
            label={`Size${name}`}
            value={vessel.id ?? (isMine ? ownId(isMine.id) : own)}
            choices={[
              ...sizes.map(
                (entry) => [entry.id, `${formatMl(entry.nominalMl, 4)}: ${entry.suits}`] as const,
              ),
              ...shelved.map(
                ({ id, vessel: one }) =>
                  [ownId(id), `${formatMl(one.nominalMl, 4)}: ${one.name}, my own`] as const,
              ),
              [own, 'another of my own, measured with water'] as const,
            ]}
            onChoose={(id) => {
              const mine = shelved.find((one) => ownId(one.id) === id);
              const { kind, nominalMl, workingFillPercent } = vessel;
              onLine({
                ...line,
                vessel:
                  mine?.vessel ?? (id === own ? { kind, nominalMl, workingFillPercent } : { id }),
              });
            }}
          />
        </div>
        {onRemove && (
          <button
            type="button"
            aria-label={`Take out this vessel${name}`}
            className="rounded p-2 text-soft hover:text-brick"
            onClick={onRemove}
          >
            <X aria-hidden size={16} />
          </button>
        )}
      </div>
      {vessel.id === null && (
        <OwnVesselFields
          vessel={measuredOf(vessel)}
          name={name}
          onVessel={(next) => onLine({ ...line, vessel: next })}
        />
      )}
      {vessel.id !== null && (
        <p className="text-sm text-soft">
          To its line {formatMl(fillMl(vessel), 3)}, brimful{' '}
          {vessel.brimfulMl === undefined ? 'not known' : formatMl(vessel.brimfulMl, 3)}.{' '}
          {usualVessels.find(({ id }) => id === vessel.id)?.note ?? ''}
        </p>
      )}
    </li>
  );
};

/** How it is mixed and parted, where there is something to choose. */
const MixingFields = ({ draft, change }: TokenProps) => {
  const { inOne: _inOne, ...rest } = draft;
  const forced = isMixedInOne(rest);
  const mixed = isMixedInOne(draft);
  const { whipGainPercent: gain } = textureFigures;
  const densityGPerMl = useMemo(() => densityOf(draft), [draft]);
  return (
    <div className="grid gap-2 border-t border-line pt-3">
      <label className="flex items-baseline gap-2">
        <input
          type="checkbox"
          className="translate-y-px accent-press"
          checked={mixed}
          disabled={forced}
          onChange={(event) => change(setMixing({ inOne: event.target.checked }))}
        />
        <span>
          Mixed in one {forced ? 'pan or jug' : 'jug'}, then filled
          {forced && <span className="text-soft">, as this must be</span>}
        </span>
      </label>
      {mixed && (
        <label className="flex flex-wrap items-baseline gap-2">
          More, for what stays in jug, pan and pipette
          <NumberField
            label="Loss allowance, in percent"
            framed
            className="w-14"
            unit="%"
            value={draft.lossPercent ?? 0}
            rule={{ least: 0, most: 50 }}
            onNumber={(lossPercent) => change(setMixing({ lossPercent }))}
          />
        </label>
      )}
      <label className="flex items-baseline gap-2">
        <input
          type="checkbox"
          className="translate-y-px accent-press"
          checked={draft.whipPercent !== undefined}
          onChange={(event) =>
            change(setMixing({ whipPercent: event.target.checked ? gain.typical : null }))
          }
        />
        Whipped
      </label>
      {draft.whipPercent !== undefined && (
        <label className="flex flex-wrap items-baseline gap-2 pl-6">
          It gains
          <NumberField
            label="Whipping adds, in percent of the volume"
            framed
            className="w-14"
            unit="%"
            value={draft.whipPercent}
            rule={{ least: 10, most: 200 }}
            onNumber={(whipPercent) => change(setMixing({ whipPercent }))}
          />
          <span className="text-sm text-soft">
            usually {gain.typical}, met from {gain.low} to {gain.high}
          </span>
        </label>
      )}
      <label className="flex flex-wrap items-baseline gap-2">
        One use takes
        <AmountField
          label="One use takes, in ml"
          framed
          className="w-16"
          of={{ unit: 'ml', densityGPerMl, liquid: true }}
          value={draft.useMl ?? null}
          placeholder="–"
          rule={{ least: 0, above: true, most: 1000 }}
          onNumber={(useMl) => change(setMixing({ useMl }))}
          onEmpty={() => change(setMixing({ useMl: null }))}
        />
        <span className="text-sm text-soft">
          or in g, if you have measured it: weigh before and after ten
        </span>
      </label>
    </div>
  );
};

export const VesselToken = ({ draft, change }: TokenProps) => {
  const lines = linesOf(draft);
  const put = (index: number, line: Line) =>
    change(setLines(lines.map((one, at) => (at === index ? line : one))));
  return (
    <Token label="Vessel" text={fillingsWords(fillingsOf(draft))} wide>
      {() => (
        <div className="grid gap-3">
          <ul className="grid gap-3">
            {lines.map((line, index) => (
              <VesselLine
                key={index}
                line={line}
                name={index === 0 ? '' : `, line ${index + 1}`}
                onLine={(next) => put(index, next)}
                onRemove={
                  lines.length > 1
                    ? () => change(setLines(lines.filter((_, at) => at !== index)))
                    : null
                }
              />
            ))}
          </ul>
          <Button
            className="justify-self-start"
            onClick={() => change(setLines([...lines, { vessel: { id: 'tin-15' }, count: 1 }]))}
          >
            <Plus aria-hidden size={16} /> Another kind of vessel
          </Button>
          <MixingFields draft={draft} change={change} />
        </div>
      )}
    </Token>
  );
};
