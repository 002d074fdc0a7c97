import { useCatalog } from '../../parts/catalog';
import { findingMessage, makeWords } from '@jubbet/core/words';
import { isReason, pastLimits, type BenchEvent, type Gate } from '@jubbet/core/making';
import type { WearerOrAnyone } from '@jubbet/core/brief';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { nonBreaking } from '../../parts/nonBreaking';

const panel = 'rounded-xl border border-night-brick-line bg-night-brick-wash px-4 py-3';

type Closed = Exclude<Gate, { state: 'open' }>;

const Reasons = ({ findings }: Pick<Closed, 'findings'>) => {
  const catalog = useCatalog();
  return (
    <ul className="mt-1 grid gap-1 text-[15px]">
      {findings.slice(0, 3).map((entry) => (
        <li key={`${entry.rule}/${entry.subject}`}>
          {nonBreaking(findingMessage(catalog, entry))}
        </li>
      ))}
      {findings.length > 3 && <li>And {findings.length - 3} more.</li>}
    </ul>
  );
};

const nameOf = (wearer: WearerOrAnyone): string =>
  wearer === 'anyone' ? 'anyone' : (wearer.name ?? 'this person');

/** What must not be used by its wearer can be ended only so. Asked twice: it cannot be undone. */
const NotToBeUsed = ({ onEnd }: { onEnd: () => void }) => {
  const [isConfirming, setIsConfirming] = useState(false);
  return isConfirming ? (
    <div className="mt-3 grid gap-2">
      <p>{makeWords.thisEndsTheBatchFor}</p>
      <div className="flex flex-wrap gap-2">
        <Button look="first" className="min-h-11" onClick={onEnd}>
          {makeWords.yesNotToBeUsed}
        </Button>
        <Button className="min-h-11 text-pad-ink!" onClick={() => setIsConfirming(false)}>
          Cancel
        </Button>
      </div>
    </div>
  ) : (
    <Button className="mt-3 min-h-11 text-pad-ink!" onClick={() => setIsConfirming(true)}>
      {makeWords.finishAsNotToBe}
    </Button>
  );
};

const WriteReason = ({ onReason }: { onReason: (words: string) => void }) => {
  const [words, setWords] = useState('');
  return (
    <form
      className="mt-3 grid gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (isReason(words)) onReason(words.trim());
      }}
    >
      <label className="grid gap-1">
        <span className="font-bold">{makeWords.whyGoPastThisLimit}</span>
        <span className="text-sm">{makeWords.fewWordsTheyAreSavedWith}</span>
        <textarea
          rows={2}
          maxLength={2000}
          className="rounded-md border border-night-brick-line bg-transparent px-2 py-1.5"
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
      </label>
      <Button look="first" type="submit" className="min-h-11" disabled={!isReason(words)}>
        {makeWords.continueWithThisReason}
      </Button>
    </form>
  );
};

/** Why the bench does not go on, and what can be done. */
export const GatePanel = ({
  gate,
  wearer,
  step,
  onReason,
  onEnd,
}: {
  gate: Closed;
  wearer: WearerOrAnyone;
  /** The step at which it is. */
  step: string;
  onReason: (event: BenchEvent) => void;
  onEnd: () => void;
}) => (
  <section role="alert" aria-label="Stop" className={panel}>
    <h2 className="font-sans text-base font-bold text-night-brick">
      <span aria-hidden>■ </span>
      {gate.state === 'blocked' ? `Do not use on ${nameOf(wearer)}` : 'Over the limit'}
    </h2>
    <Reasons findings={gate.findings} />
    {gate.state === 'blocked' ? (
      <>
        <p className="mt-2 text-[15px]">{makeWords.youCantOverrideThisUndo}</p>
        <NotToBeUsed onEnd={onEnd} />
      </>
    ) : (
      <WriteReason
        onReason={(words) =>
          onReason({ kind: 'reason', step, words, over: pastLimits(gate.findings) })
        }
      />
    )}
  </section>
);
