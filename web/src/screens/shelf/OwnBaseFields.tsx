import { shippedCatalog } from '@jubbet/core/catalog';
import { celsiusOf, fahrenheitOf } from '@jubbet/core/quantity';
import { allergyWords, shelfWords } from '@jubbet/core/words';
import { NumberUnder, SelectField, TextField } from '../../ui/Field';
import { useUnits } from '../../parts/useUnits';
import { Ticks } from '../../ui/Ticks';
import { Keeps, Maybe, type Checked, type Of, type Setting } from './OwnMaterialFields';
import { Tick } from '../../ui/Tick';

const baseKinds = [
  ['oil', 'a liquid carrier'],
  ['butter', 'a butter'],
  ['wax', 'a wax'],
  ['antioxidant', 'an antioxidant'],
  ['dry', 'a dry ingredient'],
  ['aqueous', 'watery'],
  ['solubiliser', 'a solubiliser'],
  ['alcohol', 'alcohol'],
  ['emulsion', 'a lotion or cream'],
  ['emulsifier', 'an emulsifying wax'],
  ['thickener', 'a thickener'],
  ['soap', 'a soap'],
  ['humectant', 'a humectant'],
  ['preservative', 'a preservative'],
] as const;

/** What carriers, butters and waxes are known to bring. */
const broughtByBases = [
  'tree nut',
  'stone fruit',
  'coconut',
  'sesame',
  'gluten',
  'soy',
  'bee product',
  'daisy family',
  'latex fruit',
  'peanut',
  'lanolin',
] as const;

/** The most that a base may melt at, in °C. */
const hottestC = 200;

/** Where it melts, typed in the degrees that are shown, kept in °C. */
const MeltsAt = ({
  meltC,
  onMeltC,
}: {
  meltC: number | null;
  onMeltC: (meltC: number | null) => void;
}) => {
  const units = useUnits();
  if (units.degrees === 'celsius') {
    return <Maybe label="Melts at" unit="°C" most={hottestC} value={meltC} onChange={onMeltC} />;
  }
  const toTenth = (degrees: number) => Math.round(10 * degrees) / 10;
  return (
    <Maybe
      label="Melts at"
      unit="°F"
      least={fahrenheitOf(0)}
      most={fahrenheitOf(hottestC)}
      value={meltC === null ? null : toTenth(fahrenheitOf(meltC))}
      // To a hundredth, so that what was typed comes back as it was.
      onChange={(typed) =>
        onMeltC(typed === null ? null : Math.round(100 * celsiusOf(typed)) / 100)
      }
    />
  );
};

/** What is asked of a base alone. */
export const BaseFields = ({ own, set, problemAt }: Setting<Of<'base'>> & Checked) => (
  <>
    <SelectField
      label="It is"
      value={own.baseKind}
      choices={baseKinds}
      onChoose={(baseKind) => set({ baseKind })}
    />
    <TextField
      label={shelfWords.nameOnALabelInci}
      hint={shelfWords.nameThatCosmeticsLabelsUse}
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
      problem={problemAt('densityGPerMl')}
      onNumber={(densityGPerMl) => set({ densityGPerMl })}
    />
    <MeltsAt meltC={own.meltC} onMeltC={(meltC) => set({ meltC })} />
    <Keeps
      unit="months"
      most={600}
      value={own.shelfMonths}
      problem={problemAt('shelfMonths')}
      onNumber={(shelfMonths) => set({ shelfMonths })}
    />
    <div className="w-full">
      <Ticks
        title={shelfWords.mayBringAnAllergyTo}
        ownWords={shelfWords.anotherInYourOwnWords}
        known={broughtByBases}
        nameOf={(id) => allergyWords(shippedCatalog, id)}
        chosen={own.allergens}
        onChange={(allergens) => set({ allergens, allergensKnown: true })}
      />
      <Tick
        className="mt-1"
        isOn={own.allergensKnown ?? false}
        onTick={(isOn) => set({ allergensKnown: isOn })}
      >
        {shelfWords.thatIsAllItMay}
      </Tick>
    </div>
  </>
);
