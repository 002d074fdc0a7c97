import { startTransition, useEffect, useState } from 'react';

/** What has been painted once since the application was opened is quick to paint again. */
const before = new Set<string>();

/**
 * False until the first render has been painted, so that what is to be seen first is not kept
 * waiting; true at once where the same was painted before.
 */
export const useAfterPaint = (what: string): boolean => {
  const [painted, setPainted] = useState(before.has(what));
  useEffect(() => {
    before.add(what);
    startTransition(() => setPainted(true));
  }, [what]);
  return painted;
};
