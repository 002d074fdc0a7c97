/** Where what can be done with a blend is opened. */
export const moreButton =
  'z-10 inline-grid size-11 place-items-center rounded-full text-soft hover:bg-slate-wash hover:text-ink';
