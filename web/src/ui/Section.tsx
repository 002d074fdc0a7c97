import type { ReactNode } from 'react';

/** A part of a page on a sheet of its own, under its heading. */
export const Section = ({
  title,
  heading: Heading = 'h2',
  children,
}: {
  title: string;
  heading?: 'h2' | 'h3';
  children: ReactNode;
}) => (
  <section
    aria-label={title}
    className="grid grid-cols-[minmax(0,1fr)] gap-3 rounded-xl border border-line bg-sheet px-5 py-4"
  >
    <Heading className="text-lg">{title}</Heading>
    {children}
  </section>
);
