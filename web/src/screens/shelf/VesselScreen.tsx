import { ownVesselSchema, usualVessels, vesselKinds, type OwnVessel } from '@jubbet/core';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { Button, ButtonLink } from '../../parts/Button';
import { SelectField, TextField } from '../../parts/Field';
import { Glass } from '../../parts/Glass';
import { Missing } from '../../parts/Missing';
import { useNotice } from '../../parts/notice';
import { ScreenTitle } from '../../parts/ScreenTitle';
import { VesselMeasures } from '../../parts/VesselMeasures';
import { vessels } from '../../store/vessels';
import { useStored } from '../../store/useStored';

const kinds = Object.keys(vesselKinds).map((kind) => [kind, kind] as const);

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
  const [failure, setFailure] = useState<string | null>(null);
  const navigate = useNavigate();
  const tell = useNotice();
  const named = vessel.name.trim() !== '';
  const keep = async () => {
    try {
      if (id === null) await vessels.add(vessel);
      else await vessels.write(id, vessel);
      await navigate('/shelf');
    } catch (error) {
      setFailure(error instanceof Error ? error.message : String(error));
    }
  };
  const remove = async () => {
    if (id === null) return;
    await vessels.remove(id);
    await navigate('/shelf');
    tell({ text: `“${vessel.name}” is off the shelf.`, undo: () => void vessels.restore(id) });
  };
  return (
    <form
      className="mx-auto grid max-w-3xl gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        if (named) void keep();
      }}
    >
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle title={vessel.name.trim() || 'New vessel'} />
        <div className="flex gap-2">
          {id !== null && (
            <Button look="quiet" onClick={() => void remove()}>
              Delete
            </Button>
          )}
          <ButtonLink to="/shelf">Leave it</ButtonLink>
          <Button
            look="first"
            type="submit"
            disabled={!named || !ownVesselSchema.safeParse(vessel).success}
          >
            {id === null ? 'Put it on the shelf' : 'Keep'}
          </Button>
        </div>
      </div>
      {failure && (
        <p role="alert" className="rounded-lg bg-brick-wash px-4 py-2 text-brick">
          It was not kept: {failure}. What you typed still stands here.
        </p>
      )}
      {!named && <p className="text-sm text-amber">Give it a name by which you know it.</p>}
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
    </form>
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
