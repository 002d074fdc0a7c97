import { useEffect, useState } from 'react';

/** So long one slice takes before the page may answer a hand, in ms. */
const slice = 12;

/**
 * Works through a list some at a time, so that nothing waits for it; from the start where the list
 * or the work is another.
 *
 * @param work the same function as long as it is the same work; null where nothing is asked
 * @returns what has come of it so far, in the order of the list, and the share of it, 0 to 1
 */
export const useInSlices = <T, R>(
  items: readonly T[],
  work: ((item: T) => R) | null,
): { readonly done: readonly R[]; readonly share: number } => {
  const [state, setState] = useState<{
    readonly items: readonly T[];
    readonly work: ((item: T) => R) | null;
    readonly done: readonly R[];
  } | null>(null);
  useEffect(() => {
    if (work === null) return undefined;
    const done: R[] = [];
    let timer: ReturnType<typeof setTimeout>;
    const go = (): void => {
      const until = performance.now() + slice;
      while (done.length < items.length && performance.now() < until) {
        done.push(work(items[done.length] as T));
      }
      setState({ items, work, done: [...done] });
      if (done.length < items.length) timer = setTimeout(go);
    };
    timer = setTimeout(go);
    return () => clearTimeout(timer);
  }, [items, work]);
  const current = state?.items === items && state.work === work ? state.done : [];
  return {
    done: current,
    share: items.length === 0 || work === null ? 1 : current.length / items.length,
  };
};
