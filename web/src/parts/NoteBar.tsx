import type { Mixture } from '@jubbet/core/mixture';

const notes = ['top', 'middle', 'base'] as const;

/** How much of the oils is top, middle and base note, in percent of their volume. */
const sharesOf = (mixture: Mixture): readonly (readonly [string, number])[] => {
  const whole = mixture.oils.reduce((total, { ml }) => total + ml.likely, 0);
  return notes.map((note) => [
    note,
    whole === 0
      ? 0
      : (100 *
          mixture.oils
            .filter(({ oil }) => oil.note === note)
            .reduce((total, { ml }) => total + ml.likely, 0)) /
        whole,
  ]);
};

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
  /** True where the shares stand under it too. */
  words?: boolean;
  className?: string;
}) => {
  const shares = sharesOf(mixture).filter(([, share]) => share > 0);
  if (shares.length === 0) return null;
  const words = shares.map(([note, share]) => `${note} ${Math.round(share)} %`).join(', ');
  const bar = (
    <div
      role="img"
      aria-label={`Notes: ${words}`}
      title={words}
      className={`flex h-1.5 forced-color-adjust-none overflow-hidden rounded-full ${className ?? ''}`}
    >
      {shares.map(([note, share]) => (
        <span key={note} className={fill[note]} style={{ width: `${share}%` }} />
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
