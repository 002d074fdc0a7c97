import { containers } from '../../store/vessels';
import { oneOf } from '@jubbet/core/words';
import {
  ownContainerSchema,
  usualContainers,
  type OwnContainer,
  usualContainerKinds,
} from '@jubbet/core/catalog';
import { useState } from 'react';
import { useParams } from 'react-router';
import { SelectField, TextField } from '../../parts/Field';
import { Glass } from '../../parts/Glass';
import { KeepForm } from '../../parts/KeepForm';
import { Missing } from '../../parts/Missing';
import { ContainerMeasures } from '../../parts/VesselMeasures';
import { useStored } from '../../store/useStored';

const kinds = usualContainerKinds.map((kind) => [kind, oneOf(kind)] as const);

/** How full the library fills a kind, in percent; another kind's figure never stays behind. */
const usualFill = (kind: string): number =>
  usualContainers.find((entry) => entry.kind === kind)?.workingFillPercent ?? 90;

const blank: OwnContainer = {
  name: '',
  kind: 'roll-on',
  nominalMl: 10,
  workingFillPercent: usualFill('roll-on'),
};

/** Without what is not known. */
const measuresOf = ({ brimfulMl, ...rest }: OwnContainer) => ({
  ...rest,
  ...(brimfulMl === undefined ? {} : { brimfulMl }),
});

const ContainerForm = ({ id, stored }: { id: string | null; stored: OwnContainer }) => {
  const [container, setContainer] = useState(stored);
  return (
    <KeepForm
      title={container.name.trim() || 'New vessel'}
      problem={
        ownContainerSchema.safeParse(container).success
          ? null
          : 'Give it a name by which you know it.'
      }
      keep={id === null ? 'Put it on the shelf' : 'Keep'}
      onKeep={() => (id === null ? containers.add(container) : containers.write(id, container))}
      removal={
        id === null
          ? null
          : {
              said: `“${stored.name}” is off the shelf.`,
              remove: () => containers.remove(id),
              restore: () => containers.restore(id),
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
              value={container.name}
              onChange={(event) => setContainer({ ...container, name: event.target.value })}
            />
            <SelectField
              label="Kind"
              value={container.kind}
              choices={kinds}
              onChoose={(kind) =>
                setContainer({ ...container, kind, workingFillPercent: usualFill(kind) })
              }
            />
          </div>
          <ContainerMeasures container={container} onContainer={setContainer} />
        </div>
        <Glass container={{ id: null, ...measuresOf(container) }} mixture={null} />
      </section>
      {id !== null && (
        <p className="text-sm text-soft">
          Blends that go into it already keep the measures with which they were written.
        </p>
      )}
    </KeepForm>
  );
};

export const NewContainerScreen = () => <ContainerForm id={null} stored={blank} />;

export const ContainerScreen = () => {
  const { containerId = '' } = useParams();
  const { data, error } = useStored(['vessel', containerId], () => containers.get(containerId));
  if (error) throw error;
  if (data === undefined) return null;
  if (data === null) {
    return <Missing title="This vessel is not on the shelf" text="It may have been taken off." />;
  }
  return <ContainerForm key={containerId} id={containerId} stored={data.vessel} />;
};
