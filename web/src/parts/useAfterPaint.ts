import { startTransition, useEffect, useState } from 'react';

/** False until the first render has been painted: what is to be seen first is not kept waiting. */
export const useAfterPaint = (): boolean => {
  const [painted, setPainted] = useState(false);
  useEffect(() => startTransition(() => setPainted(true)), []);
  return painted;
};
