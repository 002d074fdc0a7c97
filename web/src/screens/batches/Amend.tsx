import { Notice } from '../../ui/Notice';
import {
  addedMl,
  amendedEvents,
  amendedMade,
  dropsToStrength,
  largerFor,
  roomMl,
  type Added,
  type Made,
} from '@jubbet/core/batch';
import { nameIn } from '@jubbet/core/catalog';
import type { BenchEvent } from '@jubbet/core/making';
import {
  containerWords,
  correctedAmountWords,
  dayWords,
  formatDrops,
  formatMl,
  formatPercent,
  piecesWords,
  strengthWords,
  verdictWords,
  batchesWords,
} from '@jubbet/core/words';
import { madePieces } from '@jubbet/core/label';
import { useState } from 'react';
import { Button, ButtonLink } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { SelectField, TextField } from '../../ui/Field';
import { MaterialAmount, type AmountUnit } from '../../parts/MaterialAmount';
import { useWrite } from '../../parts/useWrite';
import { verdictShapes } from '../../parts/VerdictMark';
import { batches } from '../../store/batches';
import type { BatchRecord } from '../../store/database';
import { CameOut } from '../../parts/CameOut';
import { Correct } from './Correct';

/** What was added after the end, and that printed labels no longer tell the truth. */
export const Amended = ({ batch, made }: { batch: BatchRecord; made: Made }) => {
  const catalog = useCatalog();
  const { amended, corrected, cameOut } = made.tally;
  const cameOutLater = cameOut !== null && cameOut.words !== '';
  if (amended.length + corrected.length === 0 && !cameOutLater) return null;
  return (
    <Notice tone="caution" role="region" aria-label="Corrections">
      <p>
        <b>{batchesWords.replaceThePrintedLabels}</b> {batchesWords.thisBatchWasChangedAfter}
      </p>
      <ul>
        {amended.map((amendment) => (
          <li key={amendment.seq}>
            {correctedAmountWords(amendment.amount)} of {nameIn(catalog, amendment.ingredient)}{' '}
            added
            {made.blend.count > 1 && ` to bottle ${amendment.container + 1}`}: {amendment.words}
          </li>
        ))}
        {corrected.map((correction) => (
          <li key={correction.seq}>
            {nameIn(catalog, correction.ingredient)}
            {made.blend.count > 1 && ` in bottle ${correction.container + 1}`}{' '}
            {correction.amount
              ? `was ${correctedAmountWords(correction.amount)}`
              : 'came out of another bottle'}
            : {correction.words}
          </li>
        ))}
        {cameOutLater && (
          <li>
            {piecesWords(madePieces(made))} came out: {cameOut.words}
          </li>
        )}
      </ul>
      <p className="mt-1">
        {batch.made && `Checked again on ${dayWords(batch.made.judgedOn)}. `}
        <ButtonLink to={`/batches/${batch.id}/label`}>New labels</ButtonLink>
      </p>
    </Notice>
  );
};

/** Strength and verdict of a container, in a line. */
const cameTo = (made: Made, number: number): string => {
  const madeContainer = made.containers.find((found) => found.number === number);
  if (!madeContainer) return '';
  const { verdict, mixture, blocking } = madeContainer.evaluation;
  return `${strengthWords(mixture, made.blend.formula.by)} ${verdict ? verdictShapes[verdict] : ''} ${verdictWords(verdict)}${blocking ? ', do not use on the person it is for' : ''}`;
};

/** Something is added to a finished batch: what it is then, before it is saved. */
const Add = ({
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
  const filled = made.containers.filter(({ isEmpty }) => !isEmpty).map(({ number }) => number);
  const [ingredient, setIngredient] = useState<string | null>(null);
  const [unit, setUnit] = useState<AmountUnit>('ml');
  const [value, setValue] = useState<number | null>(null);
  const [to, setTo] = useState('all');
  const [into, setInto] = useState('');
  const [words, setWords] = useState('');
  const containers = to === 'all' ? filled : [Number(to)];
  const first = containers[0] ?? 0;
  const isWhole = unit !== 'drops' || Number.isInteger(value);
  const amount = value !== null && value > 0 && isWhole ? { unit, value } : null;
  const ml = ingredient === null || amount === null ? 0 : (addedMl(made, ingredient, amount) ?? 0);
  const isFull = containers.some((number) => ml > roomMl(made, number) + 1e-6);
  const larger = isFull ? largerFor(made, first, ml) : [];
  const chosen = larger.find(({ id }) => id === into) ?? larger[0];
  const added: Added | null =
    ingredient !== null && amount !== null && (!isFull || chosen)
      ? {
          ingredient,
          bottleId: catalog.openBottle(ingredient)?.id ?? null,
          amount,
          words: words.trim(),
          containers,
          into: isFull ? (chosen?.id ?? null) : null,
        }
      : null;
  const after = added ? amendedMade(made, events, { ...added, words: 'to see' }) : null;
  const target = batch.targetPercent;
  const more = after && target ? dropsToStrength(after, first, target) : null;
  const save = async (): Promise<void> => {
    if (!added || !added.words) return;
    const saved = await write('The change', async () => {
      await batches.amend(batch.id, amendedEvents(made, added));
      return true;
    });
    if (saved) onDone();
  };
  return (
    <form
      aria-label={batchesWords.addToThisBatch}
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <div className="flex flex-wrap items-end gap-3">
        <MaterialAmount
          what="What was added"
          placeholder={batchesWords.whatWasAddedTypeThree}
          materialId={ingredient}
          onMaterial={(material) => {
            setIngredient(material?.id ?? null);
            if (material) setUnit(catalog.oil(material.id) ? 'drops' : 'ml');
          }}
          howMuch="How much"
          howMuchInFull={filled.length > 1 && to === 'all' ? 'How much, to each' : 'How much'}
          unit={unit}
          value={value}
          onUnit={setUnit}
          onValue={setValue}
        />
        {filled.length > 1 && (
          <SelectField
            label="Added to"
            value={to}
            choices={[
              ['all', 'each of them'],
              ...filled.map((number) => [String(number), `bottle ${number + 1}`] as const),
            ]}
            onChoose={setTo}
          />
        )}
        {isFull && larger.length > 0 && (
          <SelectField
            label="Moved to"
            value={chosen?.id ?? ''}
            choices={larger.map(
              (container) => [container.id ?? '', containerWords(container)] as const,
            )}
            onChoose={setInto}
          />
        )}
        <TextField
          label="Why"
          className="w-64"
          maxLength={500}
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
      </div>
      <p role="status">
        {isFull && !chosen
          ? `There is room for ${formatMl(roomMl(made, first), 3)} more in it, and no larger one of its kind in the library.`
          : after && (
              <>
                Now {cameTo(made, first)}; with it <b>{cameTo(after, first)}</b>.
                {more !== null &&
                  target !== null &&
                  ` ${formatDrops(more)} more of its oils, in proportion, bring it to ${formatPercent(target, 3)}.`}
              </>
            )}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button type="submit" look="first" disabled={!added || !words.trim()}>
          {batchesWords.saveWhatWasAdded}
        </Button>
        <Button look="quiet" onClick={onDone}>
          Cancel
        </Button>
      </div>
    </form>
  );
};

/** Corrections of a finished batch: never overwritten, added with a reason. */
export const Amend = ({
  batch,
  made,
  events,
}: {
  batch: BatchRecord;
  made: Made;
  events: readonly BenchEvent[];
}) => {
  const write = useWrite();
  const [open, setOpen] = useState<'add' | 'correct' | 'came-out' | null>(null);
  const close = () => setOpen(null);
  return (
    <div className="grid gap-2">
      {open === 'add' && <Add batch={batch} made={made} events={events} onDone={close} />}
      {open === 'correct' && <Correct batch={batch} made={made} events={events} onDone={close} />}
      {open === 'came-out' && (
        <CameOut
          made={made}
          isAfterEnd
          onSave={async (event) =>
            (await write('What came out', () =>
              batches.amend(batch.id, [event]).then(() => true),
            )) ?? false
          }
          onDone={close}
        />
      )}
      {open === null && (
        <div className="flex flex-wrap gap-2">
          <Button onClick={() => setOpen('add')}>{batchesWords.somethingWasAddedToIt}</Button>
          <Button onClick={() => setOpen('correct')}>
            {batchesWords.somethingWasCountedWrong}
          </Button>
          {made.blend.inOne && !made.isEmpty && (
            <Button onClick={() => setOpen('came-out')}>{batchesWords.moreOrFewerCameOut}</Button>
          )}
        </div>
      )}
    </div>
  );
};
