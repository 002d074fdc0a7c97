import { clsx } from 'clsx';
import type { ComponentProps, ReactNode } from 'react';

/** One column: what stands at its head, and how it is set. */
export interface Column {
  readonly name: ReactNode;
  /** Numbers stand at the right. */
  readonly right?: boolean;
  /** Its share of the width, as a class; where it is said for any, the table keeps its columns. */
  readonly width?: string;
}

/** A table as all of them are: names at the head, a line between rows. */
export const Table = ({
  columns,
  caption,
  className,
  children,
  ...rest
}: ComponentProps<'table'> & { columns: readonly Column[]; caption?: ReactNode }) => (
  <table
    className={clsx(
      'w-full border-collapse',
      columns.some(({ width }) => width) && 'table-fixed',
      className,
    )}
    {...rest}
  >
    {caption && <caption className="pb-1 text-left font-semibold">{caption}</caption>}
    <thead>
      <tr>
        {columns.map(({ name, right, width }, n) => (
          <th
            key={n}
            scope="col"
            className={clsx(
              'px-2 py-2 text-xs font-semibold text-soft first:pl-0 last:pr-0',
              right ? 'text-right' : 'text-left',
              width,
            )}
          >
            {name}
          </th>
        ))}
      </tr>
    </thead>
    {children}
  </table>
);

const cell = 'border-t border-line px-2 py-2.5 align-baseline first:pl-0 last:pr-0';

export const Cell = ({
  right = false,
  className,
  ...rest
}: ComponentProps<'td'> & { right?: boolean }) => (
  <td className={clsx(cell, right && 'text-right', className)} {...rest} />
);

/** The cell that names its row. */
export const RowHead = ({ className, ...rest }: ComponentProps<'th'>) => (
  <th scope="row" className={clsx(cell, 'text-left font-normal', className)} {...rest} />
);
