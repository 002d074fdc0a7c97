import { dropFigures, guidelines, measures } from '@jubbet/core/catalog';
import { formatMl } from '@jubbet/core/words';
import { readAmount, type SpoonCountry } from '@jubbet/core/quantity';
import type { Guideline } from '@jubbet/core/recipe';
import { useState } from 'react';
import { Choices } from '../../parts/Choices';
import { ScreenTitle } from '../../parts/ScreenTitle';
import { settings, type Settings } from '../../store/settings';
import { useStored } from '../../store/useStored';
import { DataSection } from './DataSection';

const field = 'rounded-md border border-line bg-transparent px-2 py-1.5';
const section = 'grid gap-3 rounded-xl border border-line bg-sheet px-5 py-4';

/** What the usual measures hold here, of those that there are. */
const spoonWords = (country: SpoonCountry): string =>
  ['teaspoon', 'tablespoon', 'cup', 'fl oz']
    .flatMap((unit) => {
      const read = readAmount(`1 ${unit}`, country, measures, { fillMl: 1, liquid: true });
      return read.ok && read.amount.kind === 'ml' ? [`${unit} ${formatMl(read.amount.ml, 3)}`] : [];
    })
    .join(', ');

const schools = guidelines.all.flatMap(({ id, name, why, usableAsLimit }) =>
  usableAsLimit && id !== 'strong' ? [{ value: id, text: name, more: why }] : [],
);

const Form = ({ stored: first }: { stored: Settings }) => {
  const [stored, setStored] = useState(first);
  const [failure, setFailure] = useState<string | null>(null);
  const keep = <K extends keyof Settings>(key: K, value: Settings[K]): void => {
    setStored((before) => ({ ...before, [key]: value }));
    settings
      .write(key, value)
      .then(() => setFailure(null))
      .catch((error: unknown) =>
        setFailure(error instanceof Error ? error.message : String(error)),
      );
  };
  return (
    <div className="mx-auto grid max-w-3xl gap-4">
      <ScreenTitle title="Settings" aside="kept as you change them" />
      {failure && (
        <p role="alert" className="rounded-lg bg-brick-wash px-4 py-2 text-brick">
          This setting was not kept: {failure}. The one before still holds.
        </p>
      )}
      <section aria-label="Labels and batches" className={section}>
        <h2 className="text-lg">Labels and batches</h2>
        <label className="grid max-w-md gap-1">
          <span className="text-sm text-soft">Made by, as it stands on labels</span>
          <input
            className={field}
            maxLength={120}
            defaultValue={stored.maker}
            onChange={(event) => keep('maker', event.target.value)}
          />
        </label>
        <label className="grid max-w-md gap-1">
          <span className="text-sm text-soft">
            Before the year in batch numbers, as in {stored.batchPrefix}2026-017
          </span>
          <input
            className={`${field} w-32`}
            maxLength={8}
            placeholder="nothing"
            defaultValue={stored.batchPrefix}
            onChange={(event) => keep('batchPrefix', event.target.value)}
          />
        </label>
      </section>
      <section aria-label="How new blends start" className={section}>
        <h2 className="text-lg">How new blends start</h2>
        <Choices<Guideline>
          legend="By the guidance that is called"
          name="school"
          value={stored.school}
          choices={schools}
          onChoose={(school) => keep('school', school)}
        />
        <Choices<Settings['dropSchool']>
          legend="A drop, where it was not measured"
          name="drops"
          value={stored.dropSchool}
          choices={dropFigures.sizes.map(({ id, perMl, source }) => ({
            value: id,
            text: `${perMl} to the ml`,
            more: source,
          }))}
          onChoose={(dropSchool) => keep('dropSchool', dropSchool)}
        />
        <p className="text-sm text-soft">Blends that are in the book stay as they are.</p>
      </section>
      <section aria-label="Units" className={section}>
        <h2 className="text-lg">Units</h2>
        <p className="text-sm text-soft">
          Jubbet shows ml and g. Where you type an amount you may say 2 tsp, 0.5 fl oz, 15 g or 30
          drops.
        </p>
        <Choices<SpoonCountry>
          legend="Your spoons, cups and fluid ounces are"
          name="spoons"
          value={stored.spoons}
          choices={[
            { value: 'metric', text: 'metric', more: spoonWords('metric') },
            { value: 'us', text: 'of the United States', more: spoonWords('us') },
            { value: 'australian', text: 'Australian', more: spoonWords('australian') },
            { value: 'imperial', text: 'imperial', more: spoonWords('imperial') },
          ]}
          onChoose={(spoons) => keep('spoons', spoons)}
        />
      </section>
      <section aria-label="Keys" className={section}>
        <h2 className="text-lg">Keys</h2>
        <label className="flex items-baseline gap-2">
          <input
            type="checkbox"
            className="translate-y-px accent-press"
            checked={stored.singleKeys}
            onChange={(event) => keep('singleKeys', event.target.checked)}
          />
          <span>
            Single keys act on screens
            <span className="block text-sm text-soft">
              Off for those who speak to their machine. The bench keeps space and enter.
            </span>
          </span>
        </label>
      </section>
      <DataSection lastExport={first.lastExport} />
    </div>
  );
};

export const SettingsScreen = () => {
  const { data, error } = useStored(['settings'], () => settings.read());
  if (error) throw error;
  return data ? <Form stored={data} /> : null;
};
