import { useLayoutEffect } from 'react';

/** Words being typed have an undo of their own, given by the browser. */
const isWords = (target: EventTarget | null): boolean =>
  target instanceof HTMLTextAreaElement ||
  (target instanceof HTMLInputElement && target.type === 'text' && target.inputMode === '');

/** Ctrl (or Cmd) and Z takes a change of the sheet back; with Shift, or with Y, makes it again. */
export const useUndoKeys = (undo: () => void, redo: () => void): void => {
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (!(event.ctrlKey || event.metaKey) || event.altKey || isWords(event.target)) return;
      const key = event.key.toLowerCase();
      const act = key === 'y' || (key === 'z' && event.shiftKey) ? redo : key === 'z' ? undo : null;
      if (!act) return;
      event.preventDefault();
      act();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [undo, redo]);
};
