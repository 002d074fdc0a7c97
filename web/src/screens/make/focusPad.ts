/** The keys belong to the pad again: what was pressed beside it is done. */
export const focusPad = (): void =>
  document.querySelector<HTMLElement>('[data-pad]')?.focus({ preventScroll: true });
