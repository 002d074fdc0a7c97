import { verdictSaid, type Verdict } from '@jubbet/core';
import { clsx } from 'clsx';

/** Shape and word carry the meaning; colour only helps. */
export const verdictShapes: Record<Verdict, string> = {
  holds: '●',
  mind: '▲',
  over: '■',
  'not-known': '○',
};

export const verdictInk: Record<Verdict, string> = {
  holds: 'text-moss',
  mind: 'text-amber',
  over: 'text-brick',
  'not-known': 'text-slate',
};

export const verdictWash: Record<Verdict, string> = {
  holds: 'bg-moss-wash',
  mind: 'bg-amber-wash',
  over: 'bg-brick-wash',
  'not-known': 'bg-slate-wash',
};

/** `▲ mind`; of what has no oil in it yet only that there is nothing, without a shape. */
export const VerdictMark = ({ verdict, word }: { verdict: Verdict | null; word?: string }) => (
  <span className={clsx('whitespace-nowrap', verdict ? verdictInk[verdict] : 'text-soft')}>
    {verdict && <span aria-hidden>{verdictShapes[verdict]} </span>}
    {word ?? verdictSaid(verdict)}
  </span>
);
