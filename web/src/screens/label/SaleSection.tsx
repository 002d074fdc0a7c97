import type { ReactNode } from 'react';

/** A part of the page for what is sold. */
export const SaleSection = ({ title, children }: { title: string; children: ReactNode }) => (
  <section
    aria-label={title}
    className="grid grid-cols-[minmax(0,1fr)] gap-3 rounded-xl border border-line bg-sheet px-5 py-4"
  >
    <h2 className="text-lg">{title}</h2>
    {children}
  </section>
);
