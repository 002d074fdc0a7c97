import { useEffect, useRef, useState, type ChangeEvent } from 'react';

/** After this long without a key, in ms, what is typed is kept. */
const restMs = 700;

/**
 * A text that is kept while it is typed: after a short rest, and at the latest when its field is
 * left, when the field goes, and when the page is hidden or closed.
 *
 * @param stored the text as it is kept
 * @param keep writes it, without spaces around it
 * @param left called with when someone leaves the field
 */
export const useAutosavedText = (
  stored: string,
  keep: (text: string) => void,
  left?: () => void,
) => {
  const [typed, setTyped] = useState<string | null>(null);
  const [isHere, setHere] = useState(false);
  // Once it is kept, the field follows what is stored: another tab may write it too.
  if (typed !== null && !isHere && typed.trim() === stored) setTyped(null);

  const requested = useRef<string | null>(null);
  const flush = useRef(() => undefined);
  useEffect(() => {
    flush.current = () => {
      const text = typed?.trim() ?? stored;
      if (text !== stored && text !== requested.current) {
        requested.current = text;
        keep(text);
      }
      return undefined;
    };
  });
  useEffect(() => {
    if (typed === null) {
      requested.current = null;
      return undefined;
    }
    const timer = setTimeout(() => flush.current(), restMs);
    return () => clearTimeout(timer);
  }, [typed]);
  useEffect(() => {
    const now = (): void => flush.current();
    window.addEventListener('pagehide', now);
    document.addEventListener('visibilitychange', now);
    return () => {
      window.removeEventListener('pagehide', now);
      document.removeEventListener('visibilitychange', now);
      now();
    };
  }, []);

  return {
    value: typed ?? stored,
    onChange: ({ target }: ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) =>
      setTyped(target.value),
    onFocus: () => setHere(true),
    onBlur: () => {
      setHere(false);
      flush.current();
      left?.();
    },
  };
};
