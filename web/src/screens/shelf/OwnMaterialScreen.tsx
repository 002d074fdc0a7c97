import { Panel } from '../../ui/Panel';
import { shelfWords } from '@jubbet/core/words';
import { ownMaterialSchema, type OwnMaterial } from '@jubbet/core/catalog';
import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { StoredScreen } from '../../parts/StoredScreen';
import { TextField } from '../../ui/Field';
import { Missing } from '../../parts/Missing';
import { RecordPage } from '../../parts/RecordPage';
import { useRecordForm, type FieldWords } from '../../parts/useRecordForm';
import { materials } from '../../store/materials';
import { useStored } from '../../store/useStored';
import { AnalysisField } from './AnalysisField';
import { BaseFields } from './OwnBaseFields';
import { CommonFields, FragranceFields, OilFields, ReadyMadeFields } from './OwnMaterialFields';
import { newId } from '../../store/newId';

type Kind = 'oil' | 'ready-made' | 'fragrance' | 'base';

const titles: Record<Kind, string> = {
  oil: 'An oil of your own',
  'ready-made': 'A ready-made blend',
  fragrance: 'A fragrance oil',
  base: 'A base of your own',
};

const leads: Record<Kind, string> = {
  oil: 'Anything you leave empty counts as not known, and the verdict says so.',
  'ready-made':
    'It counts with the percentage of essential oil on its label. If its oils are listed, they are checked; if not, it can’t be checked.',
  fragrance:
    'Its certificate gives its limits by kind of product. Without one it can’t be checked.',
  base: 'A carrier oil, butter, wax or any other base.',
};

const isKind = (text: string | undefined): text is Kind => text !== undefined && text in titles;

const common = () => ({
  id: `own-${newId()}`,
  name: '',
  botanical: '',
  // What is not typed is not known: nothing is made up here.
  densityGPerMl: null,
  shelfYears: 0,
  note: 'middle' as const,
  viscosity: 'thin' as const,
  source: '',
});

/** A material, not a figure of one. */
type Made = Exclude<OwnMaterial, { kind: 'figure' | 'check' }>;

const blank = (kind: Kind): Made => {
  switch (kind) {
    case 'oil':
      return { kind, ...common(), maximumPercent: null, lightPercent: null, contents: null };
    case 'ready-made':
      return { kind, ...common(), essentialPercent: null, parts: [], proportionsKnown: false };
    case 'fragrance':
      return {
        kind,
        ...common(),
        certificate: { face: null, body: null, rinseOff: null, lips: null, underarm: null },
      };
    case 'base': {
      const { id, name, source } = common();
      return {
        kind,
        id,
        name,
        source,
        inci: '',
        baseKind: 'oil',
        densityGPerMl: 0,
        meltC: null,
        shelfMonths: 0,
        allergens: [],
      };
    }
  }
};

const words: FieldWords = {
  name: 'Give it a name.',
  source: 'Say where its figures come from.',
  densityGPerMl: 'Its density is between 0.5 and 2 g/ml. A supplier’s sheet has it.',
  shelfYears: 'Say how long it keeps once opened.',
  shelfMonths: 'Say how long it keeps once opened.',
};

const Form = ({ begun: given, isNew }: { begun: Made; isNew: boolean }) => {
  const { kind } = given;
  const [begun] = useState(given);
  // From a blend it goes back there, with what was typed beside its name.
  const [asked] = useSearchParams();
  const blend = asked.get('blend');
  const toBlend = new URLSearchParams({ add: begun.id, amount: asked.get('amount') ?? '' });
  const {
    form,
    value: own,
    set: setAny,
    line,
    problemAt,
  } = useRecordForm(ownMaterialSchema, begun, words, isNew);
  const set = (part: object) => setAny(part);
  if (own.kind === 'figure' || own.kind === 'check') return null;
  return (
    <RecordPage
      title={isNew ? titles[kind] : `Change ${begun.name}`}
      form={form}
      save="Save"
      onSave={() => materials.put(own)}
      removal={null}
      back={blend ? `/blends/${blend}` : isNew ? '/shelf' : `/materials/${begun.id}`}
      saved={blend ? `/blends/${blend}?${toBlend.toString()}` : `/materials/${own.id}`}
    >
      <p className="text-sm text-soft">{leads[kind]}</p>
      <section className="grid gap-4 rounded-xl border border-line bg-sheet px-5 py-4">
        <div className="flex flex-wrap gap-4">
          <TextField label="Name" maxLength={120} className="w-64" {...line('name')} />
          <TextField
            label={shelfWords.sourceOfItsFigures}
            hint={shelfWords.suppliersSheetALabelA}
            maxLength={200}
            className="w-72"
            {...line('source')}
          />
        </div>
        <div className="flex flex-wrap gap-4">
          {own.kind === 'oil' && <OilFields own={own} set={set} />}
          {own.kind === 'ready-made' && <ReadyMadeFields own={own} set={set} />}
          {own.kind === 'fragrance' && <FragranceFields own={own} set={set} />}
          {own.kind === 'base' && <BaseFields own={own} set={set} problemAt={problemAt} />}
        </div>
        {own.kind !== 'base' && (
          <TextField
            label="Botanical name"
            hint={shelfWords.forAllergiesToItsPlant}
            maxLength={200}
            className="w-72"
            {...line('botanical')}
          />
        )}
        {(own.kind === 'oil' || own.kind === 'ready-made' || own.kind === 'fragrance') && (
          <CommonFields own={own} set={set} problemAt={problemAt} />
        )}
      </section>
      {own.kind === 'oil' && (
        <Panel aria-label="Composition" className="grid gap-3 px-5 py-4">
          <h2 className="text-lg">Composition</h2>
          <p className="text-sm text-soft">{shelfWords.withItLimitsByAge}</p>
          <AnalysisField
            lot=""
            analysis={own.contents && { source: own.source, contents: own.contents }}
            onChange={(analysis) => set({ contents: analysis?.contents ?? null })}
          />
        </Panel>
      )}
    </RecordPage>
  );
};

/** A material that the library does not hold. */
export const OwnMaterialScreen = () => {
  const { kind } = useParams();
  const [asked] = useSearchParams();
  const [id] = useState(() => newId());
  return isKind(kind) ? (
    <Form
      key={kind}
      isNew
      begun={{
        ...blank(kind),
        id: `own-${id}`,
        name: (asked.get('name') ?? '').slice(0, 120),
      }}
    />
  ) : (
    <Missing title={shelfWords.unknownKindOfMaterial} text={shelfWords.goBackToTheShelf} />
  );
};

/** A material of the house's own, to be changed: every blend that uses it is judged anew. */
export const EditMaterialScreen = () => {
  const { materialId = '' } = useParams();
  const found = useStored(['own material', materialId], async () => {
    const own = (await materials.list()).find(({ id }) => id === materialId)?.own;
    return own && own.kind !== 'figure' && own.kind !== 'check' ? own : null;
  });
  return (
    <StoredScreen of={found} what="Material">
      {(own) => <Form key={materialId} isNew={false} begun={own} />}
    </StoredScreen>
  );
};
