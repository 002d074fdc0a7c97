import { clsx } from 'clsx';
import { createContext, use, type ComponentProps, type ReactNode } from 'react';

/** One column: what is at its head, and how it is set. */
export interface Column {
  readonly name: ReactNode;
  /** Numbers are at the right. */
  readonly right?: boolean;
  readonly centre?: boolean;
  /** Its share of the width, as a class; where it is stated for any, the table keeps its columns. */
  readonly width?: string;
  /** Left out where the table has little room. */
  readonly wide?: boolean;
}

/** How close its rows are: lists, figures to read, fields to type in. */
type Rows = 'list' | 'figures' | 'fields';

interface Setting {
  readonly rows: Rows;
  /** On a phone each row is a card, each cell a line of it under its own name. */
  readonly cards: boolean;
}

const TableSetting = createContext<Setting>({ rows: 'list', cards: false });

const padding: Record<Rows, string> = {
  list: 'px-2 py-2.5 align-baseline',
  figures: 'px-2 py-1 align-baseline',
  fields: 'px-1 py-1 align-middle',
};

const side = (right: boolean, centre: boolean): string =>
  right ? 'text-right' : centre ? 'text-center' : 'text-left';

/** A table as all of them are: names at the head, a line between rows. */
export const Table = ({
  columns = [],
  caption,
  rows = 'list',
  cards = false,
  className,
  children,
  ...rest
}: ComponentProps<'table'> & {
  /** None where each row bears its own name and nothing is at the head. */
  columns?: readonly Column[];
  caption?: ReactNode;
} & Partial<Setting>) => (
  <TableSetting value={{ rows, cards }}>
    <div className="@container">
      <table
        // As cards the boxes are no table to a browser any more; to a listener they stay one.
        role={cards ? 'table' : undefined}
        className={clsx(
          'w-full border-collapse',
          rows === 'figures' && 'text-sm',
          columns.some(({ width }) => width) && 'table-fixed',
          cards && 'max-sm:block max-sm:[&>tbody]:block',
          className,
        )}
        {...rest}
      >
        {caption && (
          <caption className={clsx('pb-1 text-left font-semibold', cards && 'max-sm:block')}>
            {caption}
          </caption>
        )}
        {columns.length > 0 && (
          <thead className={clsx(cards && 'max-sm:sr-only')}>
            <tr role={cards ? 'row' : undefined}>
              {columns.map(({ name, right = false, centre = false, width, wide }, n) => (
                <th
                  key={n}
                  scope="col"
                  role={cards ? 'columnheader' : undefined}
                  className={clsx(
                    'align-bottom text-xs font-semibold text-soft first:pl-0 last:pr-0',
                    rows === 'fields' ? 'px-1 pb-1' : 'px-2 py-2',
                    side(right, centre),
                    wide && '@max-lg:hidden',
                    width,
                  )}
                >
                  {name}
                </th>
              ))}
            </tr>
          </thead>
        )}
        {children}
      </table>
    </div>
  </TableSetting>
);

/** A row; on a phone a card of its own, where the table says so. */
export const Row = ({ className, ...rest }: ComponentProps<'tr'>) => {
  const { cards } = use(TableSetting);
  return (
    <tr
      role={cards ? 'row' : undefined}
      className={clsx(
        cards && 'max-sm:block max-sm:border-t max-sm:border-line max-sm:py-2',
        className,
      )}
      {...rest}
    />
  );
};

const useCell = (): string => {
  const { rows, cards } = use(TableSetting);
  return clsx(
    'border-t border-line first:pl-0 last:pr-0',
    padding[rows],
    cards && 'max-sm:block max-sm:border-0 max-sm:px-0 max-sm:py-0.5 max-sm:text-left',
  );
};

export const Cell = ({
  right = false,
  centre = false,
  wide,
  under,
  className,
  children,
  ...rest
}: ComponentProps<'td'> &
  Pick<Column, 'right' | 'centre' | 'wide'> & {
    /** The name of its column, which a card repeats before it. */
    under?: string | undefined;
  }) => {
  const { cards } = use(TableSetting);
  const cell = useCell();
  return (
    <td
      role={cards ? 'cell' : undefined}
      className={clsx(cell, side(right, centre), wide && '@max-lg:hidden', className)}
      {...rest}
    >
      {cards && under && (
        <span aria-hidden className="text-soft sm:hidden">
          {under}:{' '}
        </span>
      )}
      {children}
    </td>
  );
};

/** The cell that names its row. */
export const RowHead = ({ className, ...rest }: ComponentProps<'th'>) => {
  const { cards } = use(TableSetting);
  const cell = useCell();
  return (
    <th
      scope="row"
      role={cards ? 'rowheader' : undefined}
      className={clsx(cell, 'text-left font-normal', className)}
      {...rest}
    />
  );
};
