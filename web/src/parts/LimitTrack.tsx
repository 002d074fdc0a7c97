import type { Range } from '@jubbet/core/quantity';
import type { FindingVerdict } from '@jubbet/core/limits';
import { clsx } from 'clsx';
import { useId } from 'react';

const fills: Record<FindingVerdict, string> = {
  within: 'fill-moss',
  caution: 'fill-amber',
  over: 'fill-brick',
  unknown: 'fill-slate',
  note: 'fill-slate',
};

/**
 * A track that ends at the limit, with the hatched range that the size of a drop
 * leaves open. What is past the limit runs on beyond the mark.
 */
export const LimitTrack = ({
  value,
  limit,
  verdict,
  recommended = null,
  words,
}: {
  value: Range;
  limit: number;
  verdict: FindingVerdict;
  /** What is recommended, where that is less than the limit; null where nothing is. */
  recommended?: number | null;
  /** A figure in words, for what is written under the marks. */
  words?: (amount: number) => string;
}) => {
  const id = useId();
  const most = Math.max(limit, Math.min(value.high, 1.6 * limit));
  const at = (amount: number) => (limit === 0 ? 100 : Math.min(100, (100 * amount) / most));
  const mark = limit === 0 ? 0 : at(limit);
  const advice =
    recommended !== null && recommended > 0 && recommended < limit ? recommended : null;
  return (
    <div aria-hidden>
      <svg
        className={clsx('block h-4 w-full', fills[verdict])}
        viewBox="0 0 100 16"
        preserveAspectRatio="none"
      >
        <defs>
          <pattern
            id={id}
            width="1.6"
            height="16"
            patternUnits="userSpaceOnUse"
            patternTransform="skewX(-30)"
          >
            <rect width="0.7" height="16" fill="var(--hatch)" opacity="0.4" />
          </pattern>
        </defs>
        <rect x="0" y="2" width="100" height="12" className="fill-line" />
        <rect x="0" y="2" width={at(value.likely)} height="12" />
        <rect
          x={at(value.low)}
          y="2"
          width={Math.max(0, at(value.high) - at(value.low))}
          height="12"
          fill={`url(#${id})`}
        />
        {advice !== null && (
          <rect x={at(advice)} y="0" width="0.5" height="16" className="fill-ink" opacity="0.75" />
        )}
        <rect x={Math.min(99.2, mark)} y="0" width="0.8" height="16" className="fill-ink" />
      </svg>
      {advice !== null && words && (
        <span className="relative block h-4 text-[11px] leading-4 text-soft">
          <span
            className="absolute -translate-x-1/2 whitespace-nowrap"
            style={{ left: `${Math.min(74, Math.max(22, at(advice)))}%` }}
          >
            recommended {words(advice)}
          </span>
          {at(advice) < 60 && (
            <span className="absolute right-0 whitespace-nowrap">at most {words(limit)}</span>
          )}
        </span>
      )}
    </div>
  );
};
