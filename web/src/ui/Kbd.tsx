/** A key that does the same, shown beside the thing to press. */
export const Kbd = ({ children }: { children: string }) => (
  <kbd
    aria-hidden
    className="rounded border border-current/40 px-1.5 font-sans text-xs leading-5 opacity-80 max-sm:hidden"
  >
    {children}
  </kbd>
);
