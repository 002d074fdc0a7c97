/** The field that adds an oil. */
export const addOilField = 'input[aria-label="Add an oil"]';

/** Opens what the sentence still lacks; where it lacks nothing, the next is an oil. */
export const openFirstGap = (): void => {
  const gap = document.querySelector<HTMLButtonElement>(
    '[data-gap=true]:not([aria-expanded=true])',
  );
  if (gap) gap.click();
  else document.querySelector<HTMLInputElement>(addOilField)?.focus();
};
