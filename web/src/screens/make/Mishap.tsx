import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import type { Base, Oil } from '@jubbet/core/catalog';
import type { BenchEvent, SomethingElse, Tally } from '@jubbet/core/making';
import { somethingElseWords, spilledWords, makeWords } from '@jubbet/core/words';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { Choices } from '../../ui/Choices';
import { NumberUnder, SelectField, TextField } from '../../ui/Field';
import { MaterialAmount, type AmountUnit } from '../../parts/MaterialAmount';
import { useFromBottle } from '../../parts/useFromBottle';

interface Telling {
  /** The container at which the maker is. */
  readonly container: number;
  readonly onTell: (event: BenchEvent) => void;
}

/** Something that the recipe does not have: what, and how much where that is known. */
const SomethingElseForm = ({ container, onTell }: Telling) => {
  const [material, setMaterial] = useState<Oil | Base | null>(null);
  const [words, setWords] = useState('');
  const [value, setValue] = useState<number | null>(null);
  const [unit, setUnit] = useState<AmountUnit>('drops');
  const from = useFromBottle(material?.id ?? null);
  const isComplete = material !== null || words.trim() !== '';
  const amount: SomethingElse['amount'] =
    value === null ? null : { unit, value: unit === 'drops' ? Math.round(value) : value };
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (!isComplete) return;
        onTell({
          kind: 'something-else',
          container,
          ingredient: material?.id ?? null,
          bottleId: from.bottleId,
          source: 'typed',
          amount,
          words: words.trim(),
        });
      }}
    >
      <MaterialAmount
        what="What went in"
        placeholder={makeWords.whatWentInAnOil}
        materialId={material?.id ?? null}
        onMaterial={setMaterial}
        howMuch={makeWords.howMuchIfYouKnow}
        unit={unit}
        value={value}
        onUnit={setUnit}
        onValue={setValue}
        otherwise={
          <TextField
            label={makeWords.orInYourOwnWords}
            maxLength={200}
            placeholder={makeWords.splashOfCoffee}
            value={words}
            onChange={(event) => setWords(event.target.value)}
            hint={makeWords.freeTextIsntCheckedAnd}
          />
        }
      >
        {material && (
          <SelectField
            label="out of"
            value={from.value}
            choices={from.choices}
            onChoose={from.choose}
          />
        )}
      </MaterialAmount>
      <div>
        <Button look="first" type="submit" disabled={!isComplete}>
          Save it
        </Button>
      </div>
    </form>
  );
};

const SpilledForm = ({
  container,
  inItMl,
  onTell,
  onDiscard,
}: Telling & { inItMl: number; onDiscard: () => void }) => {
  const [words, setWords] = useState('');
  const [ml, setMl] = useState<number | null>(null);
  if (inItMl === 0) return <p>{makeWords.nothingIsInItYet}</p>;
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (words.trim() === '') return;
        onTell({ kind: 'spilled', container, source: 'typed', ml, words: words.trim() });
      }}
    >
      <TextField
        label="What was spilled"
        maxLength={200}
        placeholder={makeWords.halfOfItOverThe}
        value={words}
        onChange={(event) => setWords(event.target.value)}
      />
      <NumberUnder
        name={makeWords.aboutHowMuchIfYou}
        className="w-20"
        unit="ml"
        value={ml}
        rule={{ least: 0, above: true, most: Math.max(0.01, Math.ceil(100 * inItMl) / 100) }}
        onNumber={setMl}
        onEmpty={() => setMl(null)}
      />
      <p className="text-sm text-soft">{makeWords.thisIsSavedWithThe}</p>
      <div className="flex flex-wrap gap-2">
        <Button look="first" type="submit" disabled={words.trim() === ''}>
          Save it
        </Button>
        <Button onClick={onDiscard}>{makeWords.throwItAwayAndStart}</Button>
      </div>
    </form>
  );
};

/** What was reported so far of this container; a mistake is taken back here. */
const Told = ({ tally, container, onTell }: Telling & { tally: Tally }) => {
  const catalog = useCatalog();
  const list = [
    ...tally.additions
      .filter((addition) => addition.container === container)
      .map((addition) => ({
        seq: addition.seq,
        text: `Went in: ${somethingElseWords(catalog, addition)}`,
      })),
    ...tally.spilled
      .filter((spill) => spill.container === container)
      .map((spill) => ({ seq: spill.seq, text: `Spilled: ${spilledWords(spill)}` })),
  ];
  return list.length === 0 ? null : (
    <ul className="grid gap-1">
      {list.map(({ seq, text }) => (
        <li key={seq} className="flex flex-wrap items-center gap-2">
          <span className="flex-1">{text}</span>
          <Button
            aria-label={`Undo: ${text}`}
            onClick={() => onTell({ kind: 'struck', undoes: seq })}
          >
            Undo this
          </Button>
        </li>
      ))}
    </ul>
  );
};

/** Tells what the steps do not foresee: something else went in, or some of it was spilled. */
export const Mishap = ({
  tally,
  container,
  inItMl,
  place,
  onTell,
  onClose,
}: {
  tally: Tally;
  container: number;
  /** All that is in it, in ml: no more can be spilled. */
  inItMl: number;
  /** `bottle 2 of 3`; empty where there is only one. */
  place: string;
  onTell: (event: BenchEvent) => void;
  onClose: () => void;
}) => {
  const [what, setWhat] = useState<'something-else' | 'spilled'>('something-else');
  const tell = (event: BenchEvent): void => {
    onTell(event);
    onClose();
  };
  return (
    <Dialog open onClose={onClose} className="relative z-50">
      <div aria-hidden className="fixed inset-0 bg-night/60" />
      <div className="fixed inset-0 flex items-start justify-center overflow-y-auto p-4 pt-[8vh]">
        <DialogPanel className="grid w-full max-w-lg gap-4 rounded-xl border border-line bg-sheet p-5 text-ink">
          <DialogTitle className="text-xl">What happened{place && `, ${place}`}?</DialogTitle>
          <Told tally={tally} container={container} onTell={onTell} />
          <Choices
            legend="It was"
            name="mishap"
            value={what}
            choices={[
              { value: 'something-else', text: 'Something else went in' },
              { value: 'spilled', text: 'Some was spilled' },
            ]}
            onChoose={setWhat}
          />
          {what === 'spilled' ? (
            <SpilledForm
              container={container}
              inItMl={inItMl}
              onTell={tell}
              onDiscard={() => tell({ kind: 'discarded', container })}
            />
          ) : (
            <SomethingElseForm container={container} onTell={tell} />
          )}
          <div>
            <Button look="quiet" onClick={onClose}>
              Cancel
            </Button>
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  );
};
