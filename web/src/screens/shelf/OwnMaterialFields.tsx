import { shelfWords } from '@jubbet/core/words';
import { oilsToAsk } from '@jubbet/core/advice';
import { useCatalog } from '../../parts/catalog';
import { botanicalOf, searchBases, searchOils, type OwnMaterial } from '@jubbet/core/catalog';
import { Button } from '../../ui/Button';
import { NumberUnder, SelectField } from '../../ui/Field';
import { NumberField } from '../../ui/NumberField';
import { OilName } from '../../parts/OilName';
import { PickByName } from '../../parts/PickByName';
import { Tick } from '../../ui/Tick';
export type Of<K extends OwnMaterial['kind']> = Extract<OwnMaterial, { kind: K }>;

/** A figure that may be left empty: then it is not known. */
export const Maybe = ({
  label,
  unit,
  value,
  least = 0,
  most = 100,
  problem,
  onChange,
}: {
  label: string;
  unit: string;
  value: number | null;
  least?: number;
  most?: number;
  problem?: string | undefined;
  onChange: (value: number | null) => void;
}) => (
  <NumberUnder
    name={label}
    className="w-20"
    unit={unit}
    placeholder="?"
    value={value}
    rule={{ least, most }}
    problem={problem}
    onNumber={onChange}
    onEmpty={() => onChange(null)}
  />
);

/** How long it keeps once it is opened: without it nothing has a best before. */
export const Keeps = ({
  unit,
  most,
  value,
  problem,
  onNumber,
}: {
  unit: 'months' | 'years';
  most: number;
  /** 0 while nothing was typed. */
  value: number;
  problem: string | undefined;
  onNumber: (value: number) => void;
}) => (
  <NumberUnder
    name="Keeps, once opened"
    label={`Keeps, once opened, in ${unit}`}
    className="w-16"
    unit={unit}
    value={value || null}
    rule={{ least: 0, above: true, most }}
    problem={problem}
    onNumber={onNumber}
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
export interface Setting<T> {
  readonly own: T;
  readonly set: (part: Partial<T>) => void;
}

/** What its form says of a field. */
export interface Checked {
  readonly problemAt: (name: string) => string | undefined;
}

export const OilFields = ({ own, set }: Setting<Of<'oil'>>) => (
  <>
    <Maybe
      label="Dermal maximum"
      unit="%"
      value={own.maximumPercent}
      onChange={(maximumPercent) => set({ maximumPercent })}
    />
    <Maybe
      label="Phototoxic limit"
      unit="%"
      value={own.lightPercent}
      onChange={(lightPercent) => set({ lightPercent: lightPercent === 0 ? null : lightPercent })}
    />
  </>
);

export const FragranceFields = ({ own, set }: Setting<Of<'fragrance'>>) => {
  const put = (part: Partial<Of<'fragrance'>['certificate']>) =>
    set({ certificate: { ...own.certificate, ...part } });
  return (
    <>
      <Maybe
        label={shelfWords.leftOnTheFaceAt}
        unit="%"
        value={own.certificate.face}
        onChange={(face) => put({ face })}
      />
      <Maybe
        label={shelfWords.leftOnTheBodyAt}
        unit="%"
        value={own.certificate.body}
        onChange={(body) => put({ body })}
      />
      <Maybe
        label={shelfWords.rinsedOffAtMost}
        unit="%"
        value={own.certificate.rinseOff}
        onChange={(rinseOff) => put({ rinseOff })}
      />
      <Maybe
        label={shelfWords.onLipsAtMost}
        unit="%"
        value={own.certificate.lips ?? null}
        onChange={(lips) => put({ lips })}
      />
      <Maybe
        label={shelfWords.underTheArmAtMost}
        unit="%"
        value={own.certificate.underarm ?? null}
        onChange={(underarm) => put({ underarm })}
      />
    </>
  );
};

export const ReadyMadeFields = ({ own, set }: Setting<Of<'ready-made'>>) => {
  const catalog = useCatalog();
  const carriers = own.carriers ?? [];
  const isProportionKnown = own.proportionsKnown !== false || own.parts.length === 1;
  return (
    <div className="grid w-full gap-3">
      <Maybe
        label={shelfWords.essentialOilInItBy}
        unit="%"
        value={own.essentialPercent}
        onChange={(essentialPercent) => set({ essentialPercent })}
      />
      {own.parts.length > 1 && (
        <Tick isOn={isProportionKnown} onTick={(proportionsKnown) => set({ proportionsKnown })}>
          {shelfWords.iKnowHowMuchOf}
        </Tick>
      )}
      <ul className="grid gap-1">
        {own.parts.map(({ id, parts }) => (
          <li key={id} className="flex items-baseline gap-2">
            {isProportionKnown && (
              <NumberField
                label={`Parts of ${catalog.oil(id)?.name ?? id}`}
                framed
                className="w-16"
                unit={parts === 1 ? 'part' : 'parts'}
                value={parts}
                rule={{ least: 0, above: true, most: 1_000_000 }}
                onNumber={(count) =>
                  set({
                    parts: own.parts.map((part) => (part.id === id ? { id, parts: count } : part)),
                  })
                }
              />
            )}
            <OilName name={catalog.oil(id)?.name ?? id} />
            <Button
              look="quiet"
              aria-label={`Remove ${catalog.oil(id)?.name ?? id}`}
              onClick={() => set({ parts: own.parts.filter((part) => part.id !== id) })}
            >
              Remove
            </Button>
          </li>
        ))}
      </ul>
      <div className="max-w-md">
        <PickByName
          label={shelfWords.oilInIt}
          meaningsOf={(name) => oilsToAsk(catalog, null, name)}
          placeholder={shelfWords.itsOilsWhereTheyAre}
          search={(text) => searchOils(catalog, text)}
          isTaken={({ id }) => own.parts.some((part) => part.id === id)}
          describe={botanicalOf}
          onPick={({ id }) => set({ parts: [...own.parts, { id, parts: 1 }] })}
        />
      </div>
      <ul className="grid gap-1">
        {carriers.map(({ id }) => (
          <li key={id} className="flex items-baseline gap-2">
            in <OilName name={catalog.base(id)?.name ?? id} />
            <Button
              look="quiet"
              aria-label={`Remove ${catalog.base(id)?.name ?? id}`}
              onClick={() => set({ carriers: carriers.filter((carrier) => carrier.id !== id) })}
            >
              Remove
            </Button>
          </li>
        ))}
      </ul>
      <div className="max-w-md">
        <PickByName
          label="Its carrier"
          placeholder={shelfWords.itsCarrierWhereItHas}
          search={(text) => searchBases(catalog, text)}
          isTaken={({ id }) => carriers.some((carrier) => carrier.id === id)}
          describe={botanicalOf}
          onPick={({ id }) => set({ carriers: [...carriers, { id, parts: 1 }] })}
        />
      </div>
    </div>
  );
};

export const CommonFields = ({
  own,
  set,
  problemAt,
}: Setting<Of<'oil' | 'ready-made' | 'fragrance'>> & Checked) => (
  <div className="flex flex-wrap gap-4">
    <Maybe
      label="Density"
      unit="g/ml"
      most={2}
      problem={problemAt('densityGPerMl')}
      value={own.densityGPerMl}
      onChange={(densityGPerMl) => set({ densityGPerMl })}
    />
    <Keeps
      unit="years"
      most={50}
      value={own.shelfYears}
      problem={problemAt('shelfYears')}
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
