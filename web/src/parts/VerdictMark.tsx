import { verdictWords, type Verdict } from '@jubbet/core';
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

/** `▲ mind` */
export const VerdictMark = ({ verdict, word }: { verdict: Verdict; word?: string }) => (
  <span className={clsx('whitespace-nowrap', verdictInk[verdict])}>
    <span aria-hidden>{verdictShapes[verdict]} </span>
    {word ?? verdictWords[verdict]}
  </span>
);
