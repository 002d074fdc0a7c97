import type { ReactNode } from 'react';

/** A part of what was made of a recipe. */
export const ReadSection = ({ title, children }: { title: string; children: ReactNode }) => (
  <section
    aria-label={title}
    className="grid grid-cols-[minmax(0,1fr)] gap-3 rounded-xl border border-line bg-sheet px-5 py-4"
  >
    <h3 className="text-lg">{title}</h3>
    {children}
  </section>
);
