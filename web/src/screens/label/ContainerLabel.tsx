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
      <p className="font-serif text-[1.7em] leading-[1.05] font-semibold">{label.name}</p>
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
