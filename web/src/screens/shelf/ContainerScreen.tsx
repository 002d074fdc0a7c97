import { StoredScreen } from '../../parts/StoredScreen';
import { containers } from '../../store/containers';
import { oneOf, shelfWords } from '@jubbet/core/words';
import {
  ownContainerSchema,
  usualContainers,
  type OwnContainer,
  containerKinds,
} from '@jubbet/core/catalog';
import { useParams } from 'react-router';
import { SelectField, TextField } from '../../ui/Field';
import { Glass } from '../../parts/Glass';
import { RecordPage } from '../../parts/RecordPage';
import { useRecordForm, type FieldWords } from '../../parts/useRecordForm';
import { ContainerMeasures } from '../../parts/ContainerMeasures';
import { useStored } from '../../store/useStored';

const kinds = containerKinds.map((kind) => [kind, oneOf(kind)] as const);

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

const words: FieldWords = { name: 'Give it a name that you will know it by.' };

const ContainerForm = ({ id, stored }: { id: string | null; stored: OwnContainer }) => {
  const isNew = id === null;
  const {
    form,
    value: container,
    set,
    line,
  } = useRecordForm(ownContainerSchema, stored, words, isNew);
  return (
    <RecordPage
      title={container.name.trim() || 'New container'}
      form={form}
      save={isNew ? 'Add to shelf' : 'Save'}
      onSave={() =>
        isNew ? containers.add(measuresOf(container)) : containers.write(id, measuresOf(container))
      }
      removal={
        isNew
          ? null
          : {
              text: `“${stored.name}” is deleted.`,
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
              label={shelfWords.whatYouCallIt}
              maxLength={60}
              className="w-64"
              {...line('name')}
            />
            <SelectField
              label="Kind"
              value={container.kind}
              choices={kinds}
              onChoose={(kind) => set({ kind, workingFillPercent: usualFill(kind) })}
            />
          </div>
          <ContainerMeasures
            container={container}
            onContainer={(next) => set({ brimfulMl: undefined, ...next })}
          />
        </div>
        <Glass container={{ id: null, ...measuresOf(container) }} mixture={null} />
      </section>
      {id !== null && <p className="text-sm text-soft">{shelfWords.blendsThatUseItAlready}</p>}
    </RecordPage>
  );
};

export const NewContainerScreen = () => <ContainerForm id={null} stored={blank} />;

export const ContainerScreen = () => {
  const { containerId = '' } = useParams();
  const found = useStored(['container', containerId], () => containers.get(containerId));
  return (
    <StoredScreen of={found} what="Container">
      {({ container }) => <ContainerForm key={containerId} id={containerId} stored={container} />}
    </StoredScreen>
  );
};
