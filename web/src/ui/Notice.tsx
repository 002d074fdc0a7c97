import { clsx } from 'clsx';
import type { HTMLAttributes } from 'react';

const tones = {
  over: 'bg-brick-wash text-brick',
  caution: 'bg-amber-wash text-amber',
  note: 'bg-slate-wash',
} as const;

/**
 * Something to know, where it matters, in the colour of how much it matters. It stands between
 * other things and covers none of them. With `isUrgent` it is announced at once.
 */
export const Notice = ({
  tone,
  isUrgent = false,
  className,
  ...rest
}: HTMLAttributes<HTMLElement> & {
  tone: keyof typeof tones;
  isUrgent?: boolean;
}) => (
  <div
    {...(isUrgent ? { role: 'alert' } : {})}
    // The line shows where colours are forced.
    className={clsx('rounded-lg border border-transparent px-4 py-2', tones[tone], className)}
    {...rest}
  />
);
