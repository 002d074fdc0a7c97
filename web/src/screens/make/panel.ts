/** A panel beside the pad. */
export const panel = 'rounded-xl bg-night-panel px-4 py-3';

/** Something to press in a panel, large enough for a knuckle. */
export const panelButton =
  'min-h-11 rounded-lg border border-night-field px-3 py-1.5 text-left text-[15px] hover:border-night-ink disabled:opacity-50 disabled:cursor-not-allowed';
