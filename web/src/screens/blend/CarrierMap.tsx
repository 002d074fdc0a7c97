import { Panel } from '../../ui/Panel';
import {
  carrierAbsorptions,
  carrierBodies,
  carrierFeel,
  type CarrierAbsorption,
  type CarrierOnShelf,
} from '@jubbet/core/stock';
import { blendWords, someOfWords } from '@jubbet/core/words';
import { clsx } from 'clsx';

const absorbs: Readonly<Record<CarrierAbsorption, string>> = {
  fast: 'absorbs fast',
  medium: 'absorbs in a while',
  slow: 'absorbs slowly',
};

/**
 * Carriers by how heavy they feel and how fast they absorb; pressing one adds or removes it.
 *
 * @param mustAvoid true of what this person must avoid: it cannot be added
 */
export const CarrierMap = ({
  rows,
  isIn,
  mustAvoid,
  onToggle,
}: {
  rows: readonly CarrierOnShelf[];
  isIn: (baseId: string) => boolean;
  mustAvoid: (row: CarrierOnShelf) => boolean;
  onToggle: (baseId: string) => void;
}) => {
  const placed = rows.map((row) => ({ row, feel: carrierFeel(row.base.id) }));
  const elsewhere = placed.filter(({ feel }) => feel === null).map(({ row }) => row.base.name);
  if (elsewhere.length === rows.length) return null;
  return (
    <Panel aria-label={blendWords.carriersByFeelAndAbsorption} className="px-4 py-3">
      <h2 className="text-lg">{blendWords.byFeelAndAbsorption}</h2>
      <p className="text-sm text-soft">{blendWords.pressOneToAddIt}</p>
      <div
        role="group"
        aria-label={blendWords.fromLightToRichFrom}
        className="mt-2 grid grid-cols-[minmax(0,1fr)] sm:grid-cols-[auto_repeat(3,minmax(0,1fr))]"
      >
        <span className="max-sm:hidden" />
        {carrierAbsorptions.map((absorption) => (
          <p key={absorption} className="pb-1 text-sm font-semibold max-sm:hidden">
            {absorbs[absorption]}
          </p>
        ))}
        {carrierBodies.map((body) => (
          <div key={body} className="contents">
            <p className="border-t border-line pt-3 pr-4 text-sm font-semibold">feels {body}</p>
            {carrierAbsorptions.map((absorption) => (
              <div
                key={absorption}
                role="group"
                aria-label={`Feels ${body}, ${absorbs[absorption]}`}
                className="flex flex-wrap content-start gap-1.5 py-2 pr-3 max-sm:not-has-[button]:hidden sm:border-t sm:border-line"
              >
                <p className="basis-full text-sm text-soft sm:hidden">{absorbs[absorption]}</p>
                {placed
                  .filter(({ feel }) => feel?.body === body && feel.absorption === absorption)
                  .map(({ row }) => {
                    const { base, left } = row;
                    const is = isIn(base.id);
                    return (
                      <button
                        key={base.id}
                        type="button"
                        aria-pressed={is}
                        disabled={!is && mustAvoid(row)}
                        className={clsx(
                          'min-h-8 rounded-full border px-3 text-[14.5px] pointer-coarse:min-h-11',
                          is
                            ? 'border-press bg-press text-sheet'
                            : 'border-field text-ink hover:border-press',
                          'disabled:border-dashed disabled:text-soft disabled:hover:border-field',
                        )}
                        onClick={() => onToggle(base.id)}
                      >
                        {base.name}
                        {left && (
                          <>
                            <span aria-hidden> ●</span>
                            <span className="sr-only">, on the shelf</span>
                          </>
                        )}
                      </button>
                    );
                  })}
              </div>
            ))}
          </div>
        ))}
      </div>
      {elsewhere.length > 0 && (
        <p className="text-sm text-soft">{blendWords.feelNotKnown(someOfWords(elsewhere))}</p>
      )}
    </Panel>
  );
};
