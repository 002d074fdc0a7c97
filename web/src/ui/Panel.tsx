import { clsx } from 'clsx';
import type { HTMLAttributes } from 'react';

/** A sheet on the page: a region of its own where it has a name, else a group of things. */
export const Panel = ({ className, ...rest }: HTMLAttributes<HTMLElement>) => {
  const Tag = (rest['aria-label'] ?? rest['aria-labelledby']) ? 'section' : 'div';
  return <Tag className={clsx('rounded-xl border border-line bg-sheet', className)} {...rest} />;
};
