import { useLayoutEffect, useRef } from 'react';
import { settings } from '../store/settings';
import { useStored } from '../store/useStored';

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));

/**
 * Single keys that do something on this screen. They rest while something is being
 * typed, while a panel is open, with a modifier held, and where Settings say so. They are there
 * as soon as the screen is seen.
 */
export const useKeys = (keys: Readonly<Record<string, () => void>>): void => {
  const latest = useRef(keys);
  const on = useStored(['settings'], () => settings.read()).data?.singleKeys !== false;
  useLayoutEffect(() => {
    latest.current = keys;
  });
  useLayoutEffect(() => {
    if (!on) return;
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
      if (isTyping(event.target) || document.querySelector('[role="dialog"]')) return;
      const act = latest.current[event.key];
      if (!act || event.defaultPrevented) return;
      event.preventDefault();
      act();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [on]);
};
