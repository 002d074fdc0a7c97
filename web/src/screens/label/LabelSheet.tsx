import { Notice } from '../../ui/Notice';
import { formatList, type LabelText, labelFaces, tooSmallWords } from '@jubbet/core/words';
import type { LabelSize } from '@jubbet/core/label';
import { useLayoutEffect, useRef, useState } from 'react';
import { BackLabel, ContainerLabel } from './ContainerLabel';

/** Type sizes that are tried, largest first, in points. Smaller than the last no one reads. */
const points = [8, 7.5, 7, 6.5, 6, 5.5, 5];
const smallest = 5;

interface Fit {
  readonly points: number;
  /** What may be on the back has a label of its own. */
  readonly split: boolean;
  /** What there is no room for, even so. */
  readonly left: readonly string[];
}

const isTooFull = ({ scrollHeight, clientHeight, scrollWidth, clientWidth }: HTMLElement) =>
  scrollHeight > clientHeight || scrollWidth > clientWidth;

const setIn = (element: HTMLElement, pt: number): HTMLElement => {
  element.style.fontSize = `${pt}pt`;
  return element;
};

/** What a label that is too full says below its edge. */
const belowEdge = (element: HTMLElement): readonly string[] => {
  const { bottom } = element.getBoundingClientRect();
  return [...element.querySelectorAll<HTMLElement>('[data-about]')].flatMap((paragraph) =>
    paragraph.getBoundingClientRect().bottom > bottom ? [paragraph.dataset['about'] ?? ''] : [],
  );
};

const paper =
  'overflow-hidden rounded-sm border border-dashed border-pad-faint bg-white text-black leading-[1.22] break-inside-avoid flex flex-col justify-between';

const style = (size: LabelSize, pt: number) => ({
  width: `${size.width}mm`,
  height: `${size.height}mm`,
  padding: '1.5mm',
  fontSize: `${pt}pt`,
});

/**
 * Labels at their true size. The type shrinks until all fits; where even the
 * smallest does not, what may be on the back gets a label of its own.
 */
export const LabelSheet = ({
  label,
  size,
  count,
  heading = 'Labels',
}: {
  label: LabelText;
  size: LabelSize;
  count: number;
  /** Which of several it is. */
  heading?: string;
}) => {
  const whole = useRef<HTMLDivElement>(null);
  const front = useRef<HTMLDivElement>(null);
  const behind = useRef<HTMLDivElement>(null);
  const wanted = JSON.stringify([label, size]);
  const { back } = labelFaces(label);
  const hasBack = back.length > 0;
  const [fit, setFit] = useState<Fit>({ points: 8, split: false, left: [] });
  useLayoutEffect(() => {
    const ways = [[whole], ...(hasBack ? [[front, behind]] : [])].map((way) =>
      way.flatMap(({ current }) => (current ? [current] : [])),
    );
    for (const [n, way] of ways.entries()) {
      const pt = points.find((point) => !way.some((element) => isTooFull(setIn(element, point))));
      if (pt !== undefined) {
        setFit({ points: pt, split: n > 0, left: [] });
        return;
      }
    }
    const last = ways[ways.length - 1] ?? [];
    setFit({ points: smallest, split: hasBack, left: last.flatMap(belowEdge) });
  }, [wanted, hasBack]);
  const numbers = Array.from({ length: count }, (_, n) => n);
  return (
    <>
      <div aria-hidden className="invisible fixed top-0 left-0 -z-10 print:hidden">
        <div ref={whole} className={paper} style={style(size, 8)}>
          <ContainerLabel label={label} isSplit={false} />
        </div>
        <div ref={front} className={paper} style={style(size, 8)}>
          <ContainerLabel label={label} isSplit />
        </div>
        <div ref={behind} className={paper} style={style(size, 8)}>
          <BackLabel label={label} />
        </div>
      </div>
      {(fit.left.length > 0 || fit.split) && (
        <Notice tone="caution" className="screen-only">
          {fit.left.length > 0
            ? tooSmallWords(fit.left)
            : `It does not fit on one label, so a second one for the back has ${formatList(back.map(({ about }) => about))}.`}
        </Notice>
      )}
      <div
        aria-label={heading}
        role="group"
        tabIndex={0}
        className="flex max-w-full flex-wrap gap-[4mm] overflow-x-auto screen-zoom print:overflow-visible"
      >
        {numbers.map((n) => (
          <div key={n} className={n === 0 ? 'contents' : 'hidden print:contents'}>
            <div className={paper} style={style(size, fit.points)}>
              <ContainerLabel label={label} isSplit={fit.split} />
            </div>
            {fit.split && (
              <div className={paper} style={style(size, fit.points)}>
                <BackLabel label={label} />
              </div>
            )}
          </div>
        ))}
      </div>
    </>
  );
};
