import { looksOf, type Oil } from '@jubbet/core/catalog';
import { useId } from 'react';
import { OilPattern } from './OilPattern';

/** An oil as a small field of its colour and its pattern: the same wherever it is. */
export const OilSwatch = ({
  oil,
  className = 'h-7 w-3.5',
}: {
  oil: Pick<Oil, 'id' | 'madeOf'>;
  className?: string;
}) => {
  const id = useId();
  const { colour, family } = looksOf(oil);
  return (
    <svg aria-hidden className={`flex-none rounded-xs ${className}`}>
      {family && <OilPattern id={id} family={family} colour={colour} tile={7} />}
      <rect width="100%" height="100%" fill={colour} />
      {family && <rect width="100%" height="100%" fill={`url(#${id})`} />}
    </svg>
  );
};
