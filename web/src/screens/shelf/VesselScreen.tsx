import { oneOf, ownVesselSchema, usualVessels, vesselKinds, type OwnVessel } from '@jubbet/core';
import { useState } from 'react';
import { useParams } from 'react-router';
import { SelectField, TextField } from '../../parts/Field';
import { Glass } from '../../parts/Glass';
import { KeepForm } from '../../parts/KeepForm';
import { Missing } from '../../parts/Missing';
import { VesselMeasures } from '../../parts/VesselMeasures';
import { vessels } from '../../store/vessels';
import { useStored } from '../../store/useStored';

const kinds = Object.keys(vesselKinds).map((kind) => [kind, oneOf(kind)] as const);

/** How full the library fills a kind, in percent; another kind's figure never stays behind. */
const usualFill = (kind: string): number =>
  usualVessels.find((entry) => entry.kind === kind)?.workingFillPercent ?? 90;

const blank: OwnVessel = {
  name: '',
  kind: 'roll-on',
  nominalMl: 10,
  workingFillPercent: usualFill('roll-on'),
};

/** Without what is not known. */
const measuresOf = ({ brimfulMl, ...rest }: OwnVessel) => ({
  ...rest,
  ...(brimfulMl === undefined ? {} : { brimfulMl }),
});

const VesselForm = ({ id, stored }: { id: string | null; stored: OwnVessel }) => {
  const [vessel, setVessel] = useState(stored);
  return (
    <KeepForm
      title={vessel.name.trim() || 'New vessel'}
      problem={
        ownVesselSchema.safeParse(vessel).success ? null : 'Give it a name by which you know it.'
      }
      keep={id === null ? 'Put it on the shelf' : 'Keep'}
      onKeep={() => (id === null ? vessels.add(vessel) : vessels.write(id, vessel))}
      removal={
        id === null
          ? null
          : {
              said: `“${stored.name}” is off the shelf.`,
              remove: () => vessels.remove(id),
              restore: () => vessels.restore(id),
            }
      }
      back="/shelf"
    >
      <section className="grid gap-4 rounded-xl border border-line bg-sheet px-5 py-4 sm:grid-cols-[minmax(0,1fr)_210px]">
        <div className="grid content-start gap-4">
          <div className="flex flex-wrap gap-4">
            <TextField
              label="What you call it"
              maxLength={60}
              className="w-64"
              value={vessel.name}
              onChange={(event) => setVessel({ ...vessel, name: event.target.value })}
            />
            <SelectField
              label="Kind"
              value={vessel.kind}
              choices={kinds}
              onChoose={(kind) =>
                setVessel({ ...vessel, kind, workingFillPercent: usualFill(kind) })
              }
            />
          </div>
          <VesselMeasures vessel={vessel} onVessel={setVessel} />
        </div>
        <Glass vessel={{ id: null, ...measuresOf(vessel) }} mixture={null} />
      </section>
      {id !== null && (
        <p className="text-sm text-soft">
          Blends that go into it already keep the measures with which they were written.
        </p>
      )}
    </KeepForm>
  );
};

export const NewVesselScreen = () => <VesselForm id={null} stored={blank} />;

export const VesselScreen = () => {
  const { vesselId = '' } = useParams();
  const { data, error } = useStored(['vessel', vesselId], () => vessels.get(vesselId));
  if (error) throw error;
  if (data === undefined) return null;
  if (data === null) {
    return <Missing title="This vessel is not on the shelf" text="It may have been taken off." />;
  }
  return <VesselForm key={vesselId} id={vesselId} stored={data.vessel} />;
};
