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
}: {
  value: Range;
  limit: number;
  verdict: FindingVerdict;
}) => {
  const id = useId();
  const most = Math.max(limit, Math.min(value.high, 1.6 * limit));
  const at = (amount: number) => (limit === 0 ? 100 : Math.min(100, (100 * amount) / most));
  const mark = limit === 0 ? 0 : at(limit);
  return (
    <svg
      aria-hidden
      className={clsx('block h-3 w-full', fills[verdict])}
      viewBox="0 0 100 12"
      preserveAspectRatio="none"
    >
      <defs>
        <pattern
          id={id}
          width="1.6"
          height="12"
          patternUnits="userSpaceOnUse"
          patternTransform="skewX(-30)"
        >
          <rect width="0.7" height="12" fill="var(--hatch)" opacity="0.4" />
        </pattern>
      </defs>
      <rect x="0" y="2" width="100" height="8" className="fill-line" />
      <rect x="0" y="2" width={at(value.likely)} height="8" />
      <rect
        x={at(value.low)}
        y="2"
        width={Math.max(0, at(value.high) - at(value.low))}
        height="8"
        fill={`url(#${id})`}
      />
      <rect x={Math.min(99.2, mark)} y="0" width="0.8" height="12" className="fill-ink" />
    </svg>
  );
};
