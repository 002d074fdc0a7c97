/** Opens a part of the sentence by what it is about. */
export const openPart = (label: string): void => {
  document.querySelector<HTMLButtonElement>(`[aria-label^="${label}:"]`)?.click();
};

/** The same, where it is still a gap; the container is none, and is opened. */
export const openAsked = (label: string): void => {
  const part = document.querySelector<HTMLButtonElement>(`[aria-label^="${label}:"]`);
  if (part && (part.dataset['gap'] === 'true' || label === 'Container')) part.click();
};

/** Opens what the sentence still lacks; where it lacks nothing, the next is an oil. */
export const openFirstGap = (): void => {
  const gap = document.querySelector<HTMLButtonElement>(
    '[data-gap=true]:not([aria-expanded=true])',
  );
  if (gap) gap.click();
  else document.querySelector<HTMLInputElement>('input[aria-label="Add an oil"]')?.focus();
};
