/** Opens a part of the sentence by what it is about. */
export const openPart = (label: string): void => {
  document.querySelector<HTMLButtonElement>(`[aria-label^="${label}:"]`)?.click();
};

/** The same, where it is still a gap; the container is none, and is opened. */
export const openAsked = (label: string): void => {
  const part = document.querySelector<HTMLButtonElement>(`[aria-label^="${label}:"]`);
  if (part && (part.dataset['gap'] === 'true' || label === 'Container')) part.click();
};
