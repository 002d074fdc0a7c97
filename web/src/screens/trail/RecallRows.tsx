import type { TrailBatch } from '@jubbet/core/batch';
import { countedWords, dayWords, nameOrNone, trailWords } from '@jubbet/core/words';
import type { RefObject } from 'react';
import { Link } from 'react-router';
import { Cell, RowHead, Table } from '../../ui/Table';
import { Tick } from '../../ui/Tick';
import { useWindow } from '../../ui/useWindow';
import { useWrite } from '../../parts/useWrite';
import type { RecipientRecord } from '../../store/database';
import { recipients } from '../../store/recipients';
import type { Trailed } from '../../store/trail';

/** Up to so many batches all are drawn; of more what is near the window. */
const drawnWhole = 40;
/** About what a row takes, in px: enough before it is measured. */
const rowPx = 72;

/** Someone who has some of it: ticked off once they were told. */
const Holder = ({ entry: { id, recipient } }: { entry: RecipientRecord }) => {
  const write = useWrite();
  const { name, pieces, which, on, toldOn, reaction } = recipient;
  return (
    <Tick
      isOn={toldOn !== undefined}
      label={`${name} was told`}
      onTick={(isTold) => void write('Who was told', () => recipients.tell(id, isTold))}
    >
      {name} · {countedWords(pieces, 'piece')}
      {which && ` (${which})`} · {dayWords(on)}
      {reaction && <b className="text-brick"> ■ reacted: {reaction.what}</b>}
      {toldOn && <span className="text-soft"> · told {dayWords(toldOn)}</span>}
    </Tick>
  );
};

const Cells = ({
  row: { batch, isDeleted, isFinished },
  given,
  madeFor,
  shares,
}: {
  row: Trailed;
  given: readonly RecipientRecord[];
  madeFor: string | null;
  shares: string;
}) => (
  <>
    <RowHead>
      {isDeleted ? (
        nameOrNone(batch.name)
      ) : (
        <Link to={`/batches/${batch.id}`} className="text-press">
          {nameOrNone(batch.name)}
        </Link>
      )}
      <span className="block text-sm whitespace-nowrap">{batch.number}</span>
      {isDeleted && <span className="block text-sm text-soft">{trailWords.deletedFromTheLog}</span>}
    </RowHead>
    <Cell under="Made" className="whitespace-nowrap">
      {dayWords(batch.madeOn)}
      {!isFinished && <span className="block text-sm">on the bench</span>}
    </Cell>
    <Cell under="Shares">{shares}</Cell>
    <Cell under="Who has it">
      {given.length > 0 ? (
        <ul>
          {given.map((entry) => (
            <li key={entry.id}>
              <Holder entry={entry} />
            </li>
          ))}
        </ul>
      ) : (
        `not recorded${madeFor ? `; made for ${madeFor}` : ''}`
      )}
    </Cell>
  </>
);

interface Rows {
  readonly rows: readonly Trailed[];
  readonly givenOf: (batchId: string) => readonly RecipientRecord[];
  /** The name of someone in the house. */
  readonly madeFor: (personId: string) => string | null;
  readonly shares: (batch: TrailBatch) => string;
}

const OneRow = ({
  row,
  index,
  measure,
  givenOf,
  madeFor,
  shares,
}: Omit<Rows, 'rows'> & {
  row: Trailed;
  index: number;
  measure?: (row: HTMLElement | null) => void;
}) => {
  const { batch } = row;
  return (
    <tr
      role="row"
      ref={measure}
      data-index={index}
      // The row of the names is the first.
      aria-rowindex={index + 2}
      className="max-sm:block max-sm:border-t max-sm:border-line max-sm:py-2"
    >
      <Cells
        row={row}
        given={givenOf(batch.id)}
        madeFor={batch.personId === null ? null : madeFor(batch.personId)}
        shares={shares(batch)}
      />
    </tr>
  );
};

const NearRows = ({ rows, ...rest }: Rows) => {
  const { list, indexes, above, below, measure } = useWindow(rows.length, rowPx);
  return (
    <tbody ref={list as RefObject<HTMLTableSectionElement>}>
      {above > 0 && <tr aria-hidden style={{ height: above }} />}
      {indexes.map((index) => {
        const row = rows[index];
        return (
          row && <OneRow key={row.batch.id} row={row} index={index} measure={measure} {...rest} />
        );
      })}
      {below > 0 && <tr aria-hidden style={{ height: below }} />}
    </tbody>
  );
};

/** The batches of a recall, with everyone who has some. */
export const RecallRows = ({
  isWhole,
  ...of
}: Rows & {
  /** All rows are drawn, for paper. */
  isWhole: boolean;
}) => {
  const { rows, ...rest } = of;
  return (
    <section className="overflow-x-auto rounded-xl border border-line bg-sheet px-5 py-3">
      <Table
        cards
        columns={[
          { name: 'Batch' },
          { name: 'Made' },
          { name: 'Shares' },
          { name: 'Who has it: tick who was told' },
        ]}
        aria-rowcount={rows.length + 1}
      >
        {isWhole || rows.length <= drawnWhole ? (
          <tbody>
            {rows.map((row, index) => (
              <OneRow key={row.batch.id} row={row} index={index} {...rest} />
            ))}
          </tbody>
        ) : (
          <NearRows {...of} />
        )}
      </Table>
    </section>
  );
};
