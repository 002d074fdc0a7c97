import { madeOf, type Made } from '@jubbet/core/batch';
import { nameIn } from '@jubbet/core/catalog';
import type { BenchEvent, EventOf, Step } from '@jubbet/core/making';
import {
  correctedAmountWords,
  strengthWords,
  verdictWords,
  batchesWords,
} from '@jubbet/core/words';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { NumberUnder, SelectField, TextField } from '../../ui/Field';
import { useFromBottle } from '../../parts/useFromBottle';
import { useWrite } from '../../parts/useWrite';
import { batches } from '../../store/batches';
import type { BatchRecord } from '../../store/database';

type Amount = NonNullable<EventOf<'corrected'>['amount']>;

/** A step at which something was counted or measured, and what it says now. */
interface Line {
  readonly step: Step;
  readonly ingredient: string;
  readonly container: number;
  readonly now: Amount;
}

const linesOf = ({ planned, tally, blend }: Made): Line[] =>
  planned.flatMap((step): Line[] => {
    const measured = tally.measured.get(step.id);
    switch (step.kind) {
      case 'count': {
        const value = tally.drops.get(step.id) ?? 0;
        const now = { unit: 'drops', value } as const;
        return [{ step, ingredient: step.oilId, container: step.container, now }];
      }
      case 'measure':
        return [
          {
            step,
            ingredient: step.oilId,
            container: step.container,
            now: measured ?? { unit: 'ml', value: step.ml },
          },
        ];
      case 'weigh':
        return [
          {
            step,
            ingredient: step.baseId,
            container: 0,
            now: measured ?? { unit: 'g', value: step.g },
          },
        ];
      case 'top-up': {
        const [first] = blend.formula.bases;
        return first
          ? [
              {
                step,
                ingredient: first.base.id,
                container: step.container,
                now: measured ?? { unit: 'ml', value: step.ml },
              },
            ]
          : [];
      }
      default:
        return [];
    }
  });

/** Something was counted, measured or written down wrong: beside what it says, what it really was. */
export const Correct = ({
  batch,
  made,
  events,
  onDone,
}: {
  batch: BatchRecord;
  made: Made;
  events: readonly BenchEvent[];
  onDone: () => void;
}) => {
  const catalog = useCatalog();
  const write = useWrite();
  const lines = linesOf(made);
  const [at, setAt] = useState('0');
  const [value, setValue] = useState<number | null>(null);
  const [isOtherBottle, setOtherBottle] = useState('no');
  const [words, setWords] = useState('');
  const line = lines[Number(at)] ?? lines[0];
  const from = useFromBottle(line?.ingredient ?? null);
  if (!line) return null;
  const named = ({ ingredient, container, step, now }: Line): string =>
    `${step.kind === 'top-up' ? 'Carrier' : nameIn(catalog, ingredient)}${made.blend.count > 1 && !made.blend.inOne ? `, bottle ${container + 1}` : ''}: ${correctedAmountWords(now)}`;
  const isWhole = line.now.unit !== 'drops' || value === null || Number.isInteger(value);
  const event: BenchEvent | null =
    (value === null && isOtherBottle === 'no') || !isWhole
      ? null
      : {
          kind: 'corrected',
          step: line.step.id,
          container: line.container,
          ingredient: line.ingredient,
          amount: value === null ? null : { unit: line.now.unit, value },
          ...(isOtherBottle === 'yes' ? { bottleId: from.bottleId } : {}),
          words: words.trim() || '…',
        };
  const after = event && madeOf(made.blend, [...events, event]);
  const then = after?.containers.find(({ number }) => number === line.container)?.evaluation;
  const save = async (): Promise<void> => {
    if (!event || words.trim() === '') return;
    const saved = await write('The correction', () =>
      batches.amend(batch.id, [event]).then(() => true),
    );
    if (saved) onDone();
  };
  return (
    <form
      aria-label="Correct this batch"
      className="grid gap-3"
      onSubmit={(submitted) => {
        submitted.preventDefault();
        void save();
      }}
    >
      <div className="flex flex-wrap items-end gap-3">
        <SelectField
          label="What is wrong"
          value={at}
          choices={lines.map((entry, n) => [String(n), named(entry)] as const)}
          onChoose={(n) => {
            setAt(n);
            setValue(null);
          }}
        />
        <NumberUnder
          name={`What it really was, in ${line.now.unit}`}
          className="w-24"
          value={value}
          rule={{ least: 0, most: 10_000, whole: line.now.unit === 'drops' }}
          onNumber={setValue}
          onEmpty={() => setValue(null)}
        />
        <SelectField
          label={batchesWords.outOfAnotherBottle}
          value={isOtherBottle}
          choices={[
            ['no', 'no'],
            ['yes', 'yes'],
          ]}
          onChoose={setOtherBottle}
        />
        {isOtherBottle === 'yes' && (
          <SelectField
            label="Out of"
            value={from.value}
            choices={from.choices}
            onChoose={from.choose}
          />
        )}
        <TextField
          label="Why"
          className="w-64"
          maxLength={500}
          value={words}
          onChange={(typed) => setWords(typed.target.value)}
        />
      </div>
      <p role="status">
        {then && (
          <>
            With it <b>{strengthWords(then.mixture, made.blend.formula.by)}</b>,{' '}
            {verdictWords(then.verdict)}.
          </>
        )}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button type="submit" look="first" disabled={!event || words.trim() === ''}>
          Save the correction
        </Button>
        <Button look="quiet" onClick={onDone}>
          Cancel
        </Button>
      </div>
    </form>
  );
};
