import { dayOfMoment } from '@jubbet/core/quantity';
import { dayWords, batchesWords } from '@jubbet/core/words';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { useWrite } from '../../parts/useWrite';
import { batches } from '../../store/batches';
import type { BatchRecord } from '../../store/database';
import { now } from '../../store/now';

const marks = [
  [1, 'not again'],
  [2, 'so-so'],
  [3, 'fine'],
  [4, 'good'],
  [5, 'the best'],
] as const;

/** How a batch turned out, once it was worn for some days. */
export const Review = ({ batch: { id, review } }: { batch: BatchRecord }) => {
  const write = useWrite();
  const [mark, setMark] = useState<number | null>(review?.mark ?? null);
  const [words, setWords] = useState(review?.words ?? '');
  return (
    <form
      aria-label="How it was"
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (mark === null) return;
        void write('How it was', () =>
          batches.review(id, { mark, words: words.trim(), at: now() }),
        );
      }}
    >
      <fieldset className="flex flex-wrap gap-2">
        <legend className="mb-1 font-semibold">
          How it was
          {review && (
            <span className="font-normal text-soft">
              {batchesWords.asYouSaidOn(dayWords(dayOfMoment(review.at)))}
            </span>
          )}
        </legend>
        {marks.map(([value, label]) => (
          <label
            key={value}
            className="flex min-h-10 cursor-pointer items-center gap-2 rounded-lg border border-line px-3 has-checked:border-press has-checked:bg-slate-wash"
          >
            <input
              type="radio"
              name="mark"
              className="accent-press"
              checked={mark === value}
              onChange={() => setMark(value)}
            />
            <b>{value}</b> {label}
          </label>
        ))}
      </fieldset>
      <div className="flex flex-wrap items-end gap-2">
        <label className="grid min-w-64 flex-1 gap-1">
          <span className="text-sm text-soft">{batchesWords.inAFewWords}</span>
          <input
            className="rounded-md border border-field bg-transparent px-2 py-1.5"
            maxLength={2000}
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
        </label>
        <Button
          type="submit"
          disabled={mark === null || (mark === review?.mark && words.trim() === review.words)}
        >
          {batchesWords.saveHowItWas}
        </Button>
      </div>
    </form>
  );
};
