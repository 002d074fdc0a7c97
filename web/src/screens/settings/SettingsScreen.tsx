import { dropFigures, guidelines, measures } from '@jubbet/core/catalog';
import { formatMl, settingsWords } from '@jubbet/core/words';
import { readAmount, spoonCountries, type SpoonCountry } from '@jubbet/core/quantity';
import type { Guideline } from '@jubbet/core/recipe';
import { useState } from 'react';
import { StoredScreen } from '../../parts/StoredScreen';
import { Choices } from '../../ui/Choices';
import { TextField } from '../../ui/Field';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { chooseScheme } from '../../parts/scheme';
import { spoonSets } from '../../parts/useSpoons';
import { useWrite } from '../../parts/useWrite';
import { settings, type Settings } from '../../store/settings';
import { useStored } from '../../store/useStored';
import { DataSection } from './DataSection';
import { Tick } from '../../ui/Tick';

const section = 'grid gap-3 rounded-xl border border-line bg-sheet px-5 py-4';

/** What the usual measures hold here, of those that there are. */
const spoonWords = (country: SpoonCountry): string =>
  ['teaspoon', 'tablespoon', 'cup', 'fl oz']
    .flatMap((unit) => {
      const read = readAmount(`1 ${unit}`, country, measures, { fillMl: 1, liquid: true });
      return read.ok && read.amount.kind === 'ml' ? [`${unit} ${formatMl(read.amount.ml, 3)}`] : [];
    })
    .join(', ');

const choicesOfGuideline = guidelines.all.flatMap(({ id, name, why, usableAsLimit }) =>
  usableAsLimit && id !== 'strong' ? [{ value: id, text: name, more: why }] : [],
);

const Form = ({ stored: first }: { stored: Settings }) => {
  const [stored, setStored] = useState(first);
  const write = useWrite();
  const keep = <K extends keyof Settings>(key: K, value: Settings[K]): void => {
    setStored((before) => ({ ...before, [key]: value }));
    void write('This setting', () => settings.write(key, value));
  };
  return (
    <div className="mx-auto grid max-w-3xl gap-4">
      <ScreenTitle title="Settings" aside={settingsWords.savedAsYouChangeThem} />
      <section aria-label="Labels and batches" className={section}>
        <h2 className="text-lg">Labels and batches</h2>
        <TextField
          label={settingsWords.madeByAsPrintedOn}
          maxLength={120}
          className="w-full max-w-md"
          defaultValue={stored.maker}
          onChange={(event) => keep('maker', event.target.value)}
        />
        <TextField
          label={`Before the year in batch numbers, as in ${stored.batchPrefix}2026-017`}
          maxLength={8}
          className="w-32"
          placeholder="nothing"
          defaultValue={stored.batchPrefix}
          onChange={(event) => keep('batchPrefix', event.target.value)}
        />
        <TextField
          label={settingsWords.yourMoneyAsASign}
          maxLength={8}
          className="w-20"
          defaultValue={stored.currency}
          onChange={(event) => keep('currency', event.target.value)}
        />
      </section>
      <section aria-label={settingsWords.howNewBlendsStart} className={section}>
        <h2 className="text-lg">{settingsWords.howNewBlendsStart}</h2>
        <Choices<Guideline>
          legend="Guideline"
          name="guideline"
          value={stored.guideline}
          choices={choicesOfGuideline}
          onChoose={(guideline) => keep('guideline', guideline)}
        />
        <Choices<Settings['dropSize']>
          legend={settingsWords.dropsPerMlIfNot}
          name="drops"
          value={stored.dropSize}
          choices={dropFigures.sizes.map(({ id, perMl, source }) => ({
            value: id,
            text: `${perMl} drops per ml`,
            more: source,
          }))}
          onChoose={(dropSize) => keep('dropSize', dropSize)}
        />
        <p className="text-sm text-soft">{settingsWords.existingBlendsStayAsThey}</p>
      </section>
      <section aria-label="Look" className={section}>
        <h2 className="text-lg">Look</h2>
        <Choices<Settings['scheme']>
          legend="Colours"
          name="scheme"
          value={stored.scheme}
          choices={[
            { value: 'system', text: 'as this device is set' },
            { value: 'light', text: 'light' },
            { value: 'dark', text: 'dark' },
          ]}
          onChoose={(scheme) => {
            chooseScheme(scheme);
            keep('scheme', scheme);
          }}
        />
      </section>
      <section aria-label="Units" className={section}>
        <h2 className="text-lg">Units</h2>
        <Choices<Settings['degrees']>
          legend="Temperatures"
          name="degrees"
          value={stored.degrees}
          choices={[
            { value: 'celsius', text: '°C' },
            { value: 'fahrenheit', text: '°F' },
          ]}
          onChoose={(degrees) => keep('degrees', degrees)}
        />
        <Choices<'metric' | 'both'>
          legend="Amounts shown"
          name="ounces"
          value={stored.ounces ? 'both' : 'metric'}
          choices={[
            { value: 'metric', text: 'ml and g' },
            {
              value: 'both',
              text: `ml and g, with ${stored.spoons === 'us' || stored.spoons === 'ask' ? 'US' : 'imperial'} fl oz and oz beside them`,
            },
          ]}
          onChoose={(shown) => keep('ounces', shown === 'both')}
        />
        <Choices<Settings['spoons']>
          legend={settingsWords.spoonsCupsAndFluidOunces}
          name="spoons"
          value={stored.spoons}
          choices={[
            { value: 'ask', text: 'ask me the first time' },
            ...spoonCountries.map((country) => ({
              value: country,
              text: spoonSets[country],
              more: spoonWords(country),
            })),
          ]}
          onChoose={(spoons) => keep('spoons', spoons)}
        />
        <p className="text-sm text-soft">{settingsWords.youCanType2Tsp}</p>
      </section>
      <section aria-label="Keys" className={section}>
        <h2 className="text-lg">Keys</h2>
        <Tick isOn={stored.singleKeys} onTick={(isOn) => keep('singleKeys', isOn)}>
          Single-key shortcuts
          <span className="block text-sm text-soft">{settingsWords.turnOffIfYouUse}</span>
        </Tick>
      </section>
      <DataSection lastExport={first.lastExport} />
    </div>
  );
};

export const SettingsScreen = () => (
  <StoredScreen of={useStored(['settings'], () => settings.read())}>
    {(stored) => <Form stored={stored} />}
  </StoredScreen>
);
