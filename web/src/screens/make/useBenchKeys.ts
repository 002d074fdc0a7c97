import { useEffect, useRef } from 'react';
import type { Intent } from './useBench';

const keys: Readonly<Record<string, Intent>> = {
  ' ': 'drop',
  '+': 'drop',
  Backspace: 'take-back',
  Enter: 'go-on',
  ArrowLeft: 'step-back',
};

/** A control that has its own use for Enter. */
const hasOwnEnter = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('a, button:not([data-pad])') !== null;

/** Space counts whatever has the focus; one press is one drop however long it is held. */
export const useBenchKeys = (act: (intent: Intent) => void): void => {
  const latest = useRef(act);
  useEffect(() => {
    latest.current = act;
  });
  useEffect(() => {
    const onDown = (event: KeyboardEvent): void => {
      const intent = keys[event.key];
      if (!intent || event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.key === 'Enter' && hasOwnEnter(event.target)) return;
      event.preventDefault();
      if (!event.repeat) latest.current(intent);
    };
    // Letting go of space would press the button that has the focus.
    const onUp = (event: KeyboardEvent): void => {
      if (event.key === ' ') event.preventDefault();
    };
    window.addEventListener('keydown', onDown, { capture: true });
    window.addEventListener('keyup', onUp, { capture: true });
    return () => {
      window.removeEventListener('keydown', onDown, { capture: true });
      window.removeEventListener('keyup', onUp, { capture: true });
    };
  }, []);
};
