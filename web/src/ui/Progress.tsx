import { Button } from './Button';

/** How far something is that takes its time, and the way to stop it. */
export const Progress = ({
  what,
  share,
  stop = 'Stop',
  onStop,
}: {
  what: string;
  /** From 0 to 1; null where it cannot be said. */
  share: number | null;
  stop?: string;
  onStop: () => void;
}) => (
  <div
    role="status"
    className="flex flex-wrap items-center gap-3 rounded-lg bg-slate-wash px-4 py-2 print:hidden"
  >
    <span className="min-w-40">
      {what}
      {share !== null && `: ${Math.round(100 * share)} %`}
    </span>
    <progress
      aria-label={what}
      className="h-2 flex-1 accent-press"
      max={1}
      {...(share === null ? {} : { value: share })}
    />
    <Button onClick={onStop}>{stop}</Button>
  </div>
);
