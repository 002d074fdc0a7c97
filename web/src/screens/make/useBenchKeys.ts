import { useLayoutEffect, useRef } from 'react';
import type { Intent } from './useBench';

const keys: Readonly<Record<string, Intent>> = {
  ' ': 'drop',
  '+': 'drop',
  Backspace: 'take-back',
  Enter: 'go-on',
  ArrowLeft: 'step-back',
  ArrowRight: 'later',
};

/** A control that has its own use for space and enter: a key on a button is that button. */
const isControl = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('a, button:not([data-pad]), summary') !== null;

/** Where keys write. */
const isWriting = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('input, textarea, select') !== null;

/** Keys of the bench; one press is one drop however long it is held. */
export const useBenchKeys = (act: (intent: Intent, source: 'key') => void): void => {
  const latest = useRef(act);
  useLayoutEffect(() => {
    latest.current = act;
  });
  useLayoutEffect(() => {
    const isOurs = ({ key, target }: KeyboardEvent): boolean =>
      // While something is being reported, nothing is counted.
      document.querySelector('[role="dialog"]') === null &&
      !isWriting(target) &&
      !((key === ' ' || key === 'Enter') && isControl(target));
    const onDown = (event: KeyboardEvent): void => {
      const intent = keys[event.key];
      if (!intent || event.ctrlKey || event.metaKey || event.altKey || !isOurs(event)) return;
      event.preventDefault();
      if (!event.repeat) latest.current(intent, 'key');
    };
    // Letting go of space would press the pad a second time.
    const onUp = (event: KeyboardEvent): void => {
      if (event.key === ' ' && isOurs(event)) event.preventDefault();
    };
    window.addEventListener('keydown', onDown, { capture: true });
    window.addEventListener('keyup', onUp, { capture: true });
    return () => {
      window.removeEventListener('keydown', onDown, { capture: true });
      window.removeEventListener('keyup', onUp, { capture: true });
    };
  }, []);
};
