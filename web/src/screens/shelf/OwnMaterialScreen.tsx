import { useCatalog } from '../../parts/catalog';
import { botanicalOf, ownMaterialSchema, searchOils, type OwnMaterial } from '@jubbet/core/catalog';
import { useState } from 'react';
import { useParams } from 'react-router';
import { Button } from '../../parts/Button';
import { NumberUnder, SelectField, TextField } from '../../parts/Field';
import { KeepForm } from '../../parts/KeepForm';
import { Missing } from '../../parts/Missing';
import { NumberField } from '../../parts/NumberField';
import { OilName } from '../../parts/OilName';
import { PickByName } from '../../parts/PickByName';
import { materials } from '../../store/materials';

type Kind = 'oil' | 'ready-made' | 'fragrance' | 'base';
type Of<K extends OwnMaterial['kind']> = Extract<OwnMaterial, { kind: K }>;

const titles: Record<Kind, string> = {
  oil: 'An oil of your own',
  'ready-made': 'A ready-made blend',
  fragrance: 'A fragrance oil',
  base: 'A base of your own',
};

const leads: Record<Kind, string> = {
  oil: 'What you leave empty is not known, and the verdict says so.',
  'ready-made':
    'It counts at the share of essential oil that its label states. With its parts, their limits count; without, it cannot be cleared.',
  fragrance:
    'Its limits stand in its certificate, by kind of product. Without one it cannot be cleared.',
  base: 'Whatever carries the oils.',
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
      return { kind, ...common(), essentialPercent: null, parts: [] };
    case 'fragrance':
      return { kind, ...common(), certificate: { face: null, body: null, rinseOff: null } };
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

/** A number that may stay empty: then it is not known. */
const Maybe = ({
  label,
  unit,
  value,
  most = 100,
  onChange,
}: {
  label: string;
  unit: string;
  value: number | null;
  most?: number;
  onChange: (value: number | null) => void;
}) => (
  <NumberUnder
    name={label}
    className="w-20"
    unit={unit}
    placeholder="?"
    value={value}
    rule={{ least: 0, most }}
    onNumber={onChange}
    onEmpty={() => onChange(null)}
  />
);

const notes = [
  ['top', 'top'],
  ['middle', 'middle'],
  ['base', 'base'],
] as const;
const thickness = [
  ['thin', 'thin'],
  ['medium', 'medium'],
  ['thick', 'thick'],
  ['very thick', 'very thick'],
] as const;
const baseKinds = [
  ['oil', 'a carrier that pours'],
  ['butter', 'a butter'],
  ['wax', 'a wax'],
  ['antioxidant', 'an antioxidant'],
  ['dry', 'dry matter'],
  ['aqueous', 'watery'],
  ['solubiliser', 'a solubiliser'],
  ['alcohol', 'alcohol'],
] as const;

interface Setting<T> {
  readonly own: T;
  readonly set: (part: Partial<T>) => void;
}

const OilFields = ({ own, set }: Setting<Of<'oil'>>) => (
  <>
    <Maybe
      label="Dermal maximum"
      unit="%"
      value={own.maximumPercent}
      onChange={(maximumPercent) => set({ maximumPercent })}
    />
    <Maybe
      label="Light limit"
      unit="%"
      value={own.lightPercent}
      onChange={(lightPercent) => set({ lightPercent: lightPercent === 0 ? null : lightPercent })}
    />
  </>
);

const FragranceFields = ({ own, set }: Setting<Of<'fragrance'>>) => {
  const put = (part: Partial<Of<'fragrance'>['certificate']>) =>
    set({ certificate: { ...own.certificate, ...part } });
  return (
    <>
      <Maybe
        label="Left on the face, at most"
        unit="%"
        value={own.certificate.face}
        onChange={(face) => put({ face })}
      />
      <Maybe
        label="Left on the body, at most"
        unit="%"
        value={own.certificate.body}
        onChange={(body) => put({ body })}
      />
      <Maybe
        label="Rinsed off, at most"
        unit="%"
        value={own.certificate.rinseOff}
        onChange={(rinseOff) => put({ rinseOff })}
      />
    </>
  );
};

const ReadyMadeFields = ({ own, set }: Setting<Of<'ready-made'>>) => {
  const catalog = useCatalog();
  return (
    <div className="grid w-full gap-3">
      <Maybe
        label="Essential oil in it, by its label"
        unit="%"
        value={own.essentialPercent}
        onChange={(essentialPercent) => set({ essentialPercent })}
      />
      <ul className="grid gap-1">
        {own.parts.map(({ id, parts }) => (
          <li key={id} className="flex items-baseline gap-2">
            <NumberField
              label={`Parts of ${catalog.oil(id)?.name ?? id}`}
              framed
              className="w-16"
              unit={parts === 1 ? 'part' : 'parts'}
              value={parts}
              rule={{ least: 0, above: true, most: 1_000_000 }}
              onNumber={(count) =>
                set({ parts: own.parts.map((one) => (one.id === id ? { id, parts: count } : one)) })
              }
            />
            <OilName name={catalog.oil(id)?.name ?? id} />
            <Button
              look="quiet"
              aria-label={`Take out ${catalog.oil(id)?.name ?? id}`}
              onClick={() => set({ parts: own.parts.filter((one) => one.id !== id) })}
            >
              Take out
            </Button>
          </li>
        ))}
      </ul>
      <div className="max-w-md">
        <PickByName
          label="An oil in it"
          placeholder="Its oils, where they are known"
          search={(one) => searchOils(catalog, one)}
          isTaken={({ id }) => own.parts.some((one) => one.id === id)}
          describe={botanicalOf}
          onPick={({ id }) => set({ parts: [...own.parts, { id, parts: 1 }] })}
        />
      </div>
    </div>
  );
};

const BaseFields = ({ own, set }: Setting<Of<'base'>>) => (
  <>
    <SelectField
      label="It is"
      value={own.baseKind}
      choices={baseKinds}
      onChoose={(baseKind) => set({ baseKind })}
    />
    <TextField
      label="Name on a label (INCI)"
      maxLength={200}
      className="w-64"
      value={own.inci}
      onChange={(event) => set({ inci: event.target.value })}
    />
    <NumberUnder
      name="Density"
      className="w-20"
      unit="g/ml"
      value={own.densityGPerMl || null}
      rule={{ least: 0.5, most: 2 }}
      onNumber={(densityGPerMl) => set({ densityGPerMl })}
    />
    <Maybe
      label="Melts at"
      unit="°C"
      most={200}
      value={own.meltC}
      onChange={(meltC) => set({ meltC })}
    />
    <NumberUnder
      name="Keeps, once opened"
      label="Keeps, once opened, in months"
      className="w-16"
      unit="months"
      value={own.shelfMonths || null}
      rule={{ least: 0, above: true, most: 600 }}
      onNumber={(shelfMonths) => set({ shelfMonths })}
    />
  </>
);

const CommonFields = ({ own, set }: Setting<Of<'oil' | 'ready-made' | 'fragrance'>>) => (
  <div className="flex flex-wrap gap-4">
    <Maybe
      label="Density"
      unit="g/ml"
      most={2}
      value={own.densityGPerMl}
      onChange={(densityGPerMl) => set({ densityGPerMl })}
    />
    <NumberUnder
      name="Keeps, once opened"
      label="Keeps, once opened, in years"
      className="w-16"
      unit="years"
      value={own.shelfYears || null}
      rule={{ least: 0, above: true, most: 50 }}
      onNumber={(shelfYears) => set({ shelfYears })}
    />
    <SelectField label="Note" value={own.note} choices={notes} onChoose={(note) => set({ note })} />
    <SelectField
      label="Thickness"
      value={own.viscosity}
      choices={thickness}
      onChoose={(viscosity) => set({ viscosity })}
    />
  </div>
);

const Form = ({ kind }: { kind: Kind }) => {
  const [own, setOwn] = useState(() => blank(kind));
  const set = (part: object) => setOwn((before) => ({ ...before, ...part }));
  if (own.kind === 'figure') return null;
  const missing = `It needs a name, who says so,${own.kind === 'base' ? ' its density' : ''} and how long it keeps.`;
  return (
    <KeepForm
      title={titles[kind]}
      problem={ownMaterialSchema.safeParse(own).success ? null : missing}
      keep="Keep it"
      onKeep={() => materials.put(own)}
      removal={null}
      back="/shelf"
      kept={`/materials/${own.id}`}
    >
      <p className="text-sm text-soft">{leads[kind]}</p>
      <section className="grid gap-4 rounded-xl border border-line bg-sheet px-5 py-4">
        <div className="flex flex-wrap gap-4">
          <TextField
            label="Name"
            maxLength={120}
            className="w-64"
            value={own.name}
            onChange={(event) => set({ name: event.target.value })}
          />
          <TextField
            label="Who says so"
            hint="a supplier’s sheet, a label, a certificate"
            maxLength={200}
            className="w-72"
            value={own.source}
            onChange={(event) => set({ source: event.target.value })}
          />
        </div>
        <div className="flex flex-wrap gap-4">
          {own.kind === 'oil' && <OilFields own={own} set={set} />}
          {own.kind === 'ready-made' && <ReadyMadeFields own={own} set={set} />}
          {own.kind === 'fragrance' && <FragranceFields own={own} set={set} />}
          {own.kind === 'base' && <BaseFields own={own} set={set} />}
        </div>
        {own.kind !== 'base' && <CommonFields own={own} set={set} />}
      </section>
    </KeepForm>
  );
};

/** A material that the library does not hold. */
export const OwnMaterialScreen = () => {
  const { kind } = useParams();
  return isKind(kind) ? (
    <Form key={kind} kind={kind} />
  ) : (
    <Missing title="No such kind of material" text="Go back to the shelf and choose one there." />
  );
};
