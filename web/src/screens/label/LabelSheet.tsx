import type { LabelText } from '@jubbet/core/words';
import type { LabelSize } from '@jubbet/core/label';
import { useLayoutEffect, useRef, useState } from 'react';
import { ContainerLabel } from './ContainerLabel';

/** Type sizes that are tried, largest first, in points. Smaller than the last nobody reads. */
const points = [8, 7.5, 7, 6.5, 6, 5.5, 5];

interface Fit {
  readonly points: number;
  /** The cautions stand on a label of their own. */
  readonly split: boolean;
}

const paper =
  'overflow-hidden rounded-sm border border-dashed border-[#8b8f9c] bg-white text-black leading-[1.22] break-inside-avoid flex flex-col justify-between';

const style = (size: LabelSize, pt: number) => ({
  width: `${size.width}mm`,
  height: `${size.height}mm`,
  padding: '1.5mm',
  fontSize: `${pt}pt`,
});

/**
 * Labels at their true size. The type shrinks until all fits; where even the
 * smallest does not, the cautions get a label of their own. Nothing is cut.
 */
export const LabelSheet = ({
  label,
  size,
  count,
}: {
  label: LabelText;
  size: LabelSize;
  count: number;
}) => {
  const probe = useRef<HTMLDivElement>(null);
  const second = useRef<HTMLDivElement>(null);
  const wanted = JSON.stringify([label, size]);
  const [fit, setFit] = useState<Fit>({ points: 8, split: false });
  const [tight, setTight] = useState(false);
  useLayoutEffect(() => {
    const front = probe.current;
    const back = second.current;
    if (!front || !back) return;
    const fits = (element: HTMLElement, pt: number): boolean => {
      element.style.fontSize = `${pt}pt`;
      return (
        element.scrollHeight <= element.clientHeight && element.scrollWidth <= element.clientWidth
      );
    };
    const try_ = (split: boolean): number | undefined => {
      front.dataset['split'] = String(split);
      return points.find((pt) => fits(front, pt) && (!split || fits(back, pt)));
    };
    const whole = try_(false);
    const halves = whole ?? try_(true);
    setFit({ points: halves ?? 5, split: whole === undefined });
    setTight(halves === undefined);
  }, [wanted]);
  const numbers = Array.from({ length: count }, (_, n) => n);
  return (
    <>
      <div
        aria-hidden
        className="invisible fixed top-0 left-0 -z-10 print:hidden [&_[data-split=true]_.cautions]:hidden"
      >
        <div ref={probe} className={paper} style={style(size, 8)}>
          <ContainerLabel label={label} cautions={[]} />
          {!label.doNotUse && <p className="cautions">{label.cautions.join(' ')}</p>}
        </div>
        <div ref={second} className={paper} style={style(size, 8)}>
          <p className="font-semibold">{label.name}</p>
          <p>{label.cautions.join(' ')}</p>
        </div>
      </div>
      {count > 1 && (
        <p className="screen-only text-soft">One of {count}; all of them are printed.</p>
      )}
      {fit.split && (
        <p className="screen-only rounded-lg bg-amber-wash px-4 py-2 text-amber">
          {tight
            ? 'This does not fit on a label of this size. Use a larger one, or tie on a tag.'
            : 'It does not fit on one label, so the cautions are on a second one for the back.'}
        </p>
      )}
      <div
        aria-label="Labels"
        role="group"
        tabIndex={0}
        className="flex max-w-full flex-wrap gap-[4mm] overflow-x-auto screen-zoom print:overflow-visible"
      >
        {numbers.map((n) => (
          <div key={n} className={n === 0 ? 'contents' : 'hidden print:contents'}>
            <div className={paper} style={style(size, fit.points)}>
              <ContainerLabel label={label} cautions={fit.split ? [] : label.cautions} />
            </div>
            {fit.split && (
              <div className={paper} style={style(size, fit.points)}>
                <p className="font-semibold">{label.name}</p>
                <p>{label.cautions.join(' ')}</p>
              </div>
            )}
          </div>
        ))}
      </div>
    </>
  );
};
