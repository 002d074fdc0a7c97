import { signPaths, signStroke, signWords } from './signs';
import { type LabelText, dayWords, doNotUseWords } from '@jubbet/core/words';

/** What the front says; cautions may stand here or on a label of their own. */
export const ContainerLabel = ({
  label,
  cautions,
}: {
  label: LabelText;
  cautions: readonly string[];
}) =>
  label.doNotUse ? (
    <p className="m-auto text-center text-[2em] leading-none font-bold">{doNotUseWords}</p>
  ) : (
    <>
      <div className="flex items-start justify-between gap-[0.4em]">
        <p className="font-serif text-[1.7em] leading-[1.05] font-semibold">{label.name}</p>
        {label.signs.length > 0 && (
          <span className="flex shrink-0 gap-[0.3em]">
            {label.signs.map((sign) => (
              <svg
                key={sign}
                role="img"
                aria-label={signWords[sign]}
                viewBox="0 0 24 24"
                className="size-[1.85em]"
                fill="none"
                stroke="black"
                strokeWidth={signStroke}
                strokeLinecap="round"
              >
                <path d={signPaths[sign]} />
              </svg>
            ))}
          </span>
        )}
      </div>
      <p>
        <b className="text-[1.15em]">{label.strength}</b> · {label.what} · <b>{label.forWhom}</b>
      </p>
      <p>
        {label.purpose && (
          <>
            <i>{label.purpose}</i>
            {'. '}
          </>
        )}
        <b>{label.directions}</b>
      </p>
      <p>Ingredients: {[...label.bases, ...label.oils].join('; ')}.</p>
      {cautions.length > 0 && <p>{cautions.join(' ')}</p>}
      <p>
        Made {dayWords(label.madeOn)} · <b>Best before {dayWords(label.bestBefore.date)}</b> · Batch{' '}
        {label.batch || '________'}
        {label.maker && ` · ${label.maker}`}
      </p>
    </>
  );
