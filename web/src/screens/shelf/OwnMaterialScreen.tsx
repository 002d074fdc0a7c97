import { ownMaterialSchema, type OwnMaterial } from '@jubbet/core/catalog';
import { useState } from 'react';
import { useParams } from 'react-router';
import { TextField } from '../../parts/Field';
import { Missing } from '../../parts/Missing';
import { RecordPage } from '../../parts/RecordPage';
import { useRecordForm, type FieldWords } from '../../parts/useRecordForm';
import { materials } from '../../store/materials';
import { AnalysisField } from './AnalysisField';
import { BaseFields } from './OwnBaseFields';
import { CommonFields, FragranceFields, OilFields, ReadyMadeFields } from './OwnMaterialFields';

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
  id: `own-${crypto.randomUUID()}`,
  name: '',
  botanical: '',
  // What is not typed is not known: nothing is made up here.
  densityGPerMl: null,
  shelfYears: 0,
  note: 'middle' as const,
  viscosity: 'thin' as const,
  source: '',
});

const blank = (kind: Kind): OwnMaterial => {
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

const Form = ({ kind }: { kind: Kind }) => {
  const [begun] = useState(() => blank(kind));
  const {
    form,
    value: own,
    set: setAny,
    line,
    problemAt,
  } = useRecordForm(ownMaterialSchema, begun, words, true);
  const set = (part: object) => setAny(part);
  if (own.kind === 'figure' || own.kind === 'check') return null;
  return (
    <RecordPage
      title={titles[kind]}
      form={form}
      save="Save"
      onSave={() => materials.put(own)}
      removal={null}
      back="/shelf"
      saved={`/materials/${own.id}`}
    >
      <p className="text-sm text-soft">{leads[kind]}</p>
      <section className="grid gap-4 rounded-xl border border-line bg-sheet px-5 py-4">
        <div className="flex flex-wrap gap-4">
          <TextField label="Name" maxLength={120} className="w-64" {...line('name')} />
          <TextField
            label="Source of its figures"
            hint="a supplier’s sheet, a label, a certificate"
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
            hint="for allergies to its plant family"
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
        <section
          aria-label="Composition"
          className="grid gap-3 rounded-xl border border-line bg-sheet px-5 py-4"
        >
          <h2 className="text-lg">Composition</h2>
          <p className="text-sm text-soft">
            With it, limits by age, pregnancy, condition and combined limits are checked. Without it
            they can’t be.
          </p>
          <AnalysisField
            lot=""
            analysis={own.contents && { source: own.source, contents: own.contents }}
            onChange={(analysis) => set({ contents: analysis?.contents ?? null })}
          />
        </section>
      )}
    </RecordPage>
  );
};

/** A material that the library does not hold. */
export const OwnMaterialScreen = () => {
  const { kind } = useParams();
  return isKind(kind) ? (
    <Form key={kind} kind={kind} />
  ) : (
    <Missing title="Unknown kind of material" text="Go back to the shelf and choose one there." />
  );
};
