import { useEffect } from 'react';

type TextBox = HTMLInputElement | HTMLTextAreaElement;

const isTextBox = (target: EventTarget | null): target is TextBox =>
  target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement;

/** How long a field would be with what is put in, selection replaced. */
const lengthWith = ({ value, selectionStart, selectionEnd }: TextBox, added: string): number =>
  value.length - ((selectionEnd ?? 0) - (selectionStart ?? 0)) + added.length;

/** Says so where a field takes only the beginning of what is typed or pasted into it. */
export const useCutNotice = (tell: (longest: number) => void): void => {
  useEffect(() => {
    const watch = (event: InputEvent): void => {
      const { target } = event;
      if (!isTextBox(target) || target.maxLength < 0) return;
      const added = event.data ?? event.dataTransfer?.getData('text/plain') ?? '';
      if (added !== '' && lengthWith(target, added) > target.maxLength) tell(target.maxLength);
    };
    document.addEventListener('beforeinput', watch);
    return () => document.removeEventListener('beforeinput', watch);
  }, [tell]);
};
