import { findingVerdictWords, verdictWords } from '@jubbet/core/words';
import type { FindingVerdict, Verdict } from '@jubbet/core/limits';
import { clsx } from 'clsx';

/** Shape and word carry the meaning; colour only helps. A note has no shape: it is no verdict. */
export const verdictShapes: Record<FindingVerdict, string> = {
  within: '●',
  caution: '▲',
  over: '■',
  unknown: '○',
  note: '',
};

export const verdictInk: Record<FindingVerdict, string> = {
  within: 'text-moss',
  caution: 'text-amber',
  over: 'text-brick',
  unknown: 'text-slate',
  note: 'text-soft',
};

export const verdictWash: Record<Verdict, string> = {
  within: 'bg-moss-wash',
  caution: 'bg-amber-wash',
  over: 'bg-brick-wash',
  unknown: 'bg-slate-wash',
};

/** `▲ caution`; of what has no oil in it yet only that there is nothing, without a shape. */
export const VerdictMark = ({
  verdict,
  word,
}: {
  verdict: FindingVerdict | null;
  word?: string;
}) => (
  <span className={clsx('whitespace-nowrap', verdict ? verdictInk[verdict] : 'text-soft')}>
    {verdict && verdict !== 'note' && <span aria-hidden>{verdictShapes[verdict]} </span>}
    {word ?? (verdict ? findingVerdictWords(verdict) : verdictWords(null))}
  </span>
);
