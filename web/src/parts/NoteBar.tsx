import { noteShares, type Mixture } from '@jubbet/core/mixture';

const fill: Readonly<Record<string, string>> = {
  top: 'bg-note-top',
  middle: 'bg-note-middle',
  base: 'bg-note-base',
};

/** Top, middle and base of a blend as one bar: lighter to darker, as they evaporate. */
export const NoteBar = ({
  mixture,
  words: isWritten = false,
  className,
}: {
  mixture: Mixture;
  /** True where the shares are under it too. */
  words?: boolean;
  className?: string;
}) => {
  const shares = noteShares(mixture).filter(({ percent }) => percent > 0);
  if (shares.length === 0) return null;
  const words = shares.map(({ note, percent }) => `${note} ${Math.round(percent)} %`).join(', ');
  const bar = (
    <div
      role="img"
      aria-label={`Notes: ${words}`}
      title={words}
      className={`flex h-1.5 forced-color-adjust-none overflow-hidden rounded-full ${className ?? ''}`}
    >
      {shares.map(({ note, percent }) => (
        <span key={note} className={fill[note]} style={{ width: `${percent}%` }} />
      ))}
    </div>
  );
  return isWritten ? (
    <>
      {bar}
      <p aria-hidden className="mt-1 text-xs text-soft">
        {words}
      </p>
    </>
  ) : (
    bar
  );
};
