import type { Catalog } from '@jubbet/core/catalog';
import { useCatalog } from '../../parts/catalog';
import { More, MoreAct } from '../../ui/More';
import { dayWords, nameOrNone, wearerWords, batchesWords } from '@jubbet/core/words';
import type { RefObject } from 'react';
import { Link } from 'react-router';
import { Boundary } from '../../parts/Boundary';
import { BrokenRecord } from '../../parts/BrokenRecord';
import { ButtonLink } from '../../ui/Button';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { useWrite } from '../../parts/useWrite';
import { Cell, Row, RowHead, Table, type Column } from '../../ui/Table';
import { VerdictMark } from '../../parts/VerdictMark';
import { useWindow } from '../../ui/useWindow';
import { batches } from '../../store/batches';
import type { BatchRecord } from '../../store/database';
import { plannedRecipe } from '../../store/madeBlend';
import { today } from '../../store/now';
import { reactedBatches } from '../../store/reactions';
import { useStored, useThere } from '../../store/useStored';

/** What came of it; of what is still on the bench only that. */
const Outcome = ({ batch: { id, made, finishedAt, notToBeUsed } }: { batch: BatchRecord }) => {
  const reacted = useStored(['reacted batches'], () => reactedBatches()).data;
  if (notToBeUsed) return <VerdictMark verdict="over" word={batchesWords.doNotUse} />;
  if (finishedAt === null) return <span className="text-soft">on the bench</span>;
  if (made === null) return <span className="text-soft">not judged yet</span>;
  return made.blocking ? (
    <VerdictMark verdict="over" word={batchesWords.doNotUse} />
  ) : reacted?.has(id) ? (
    <VerdictMark verdict="over" word="someone reacted" />
  ) : (
    <VerdictMark verdict={made.verdict} />
  );
};

const Cells = ({ batch }: { batch: BatchRecord }) => {
  const until = batch.made?.bestBefore ?? null;
  const { brief, containers } = plannedRecipe(batch);
  return (
    <>
      <RowHead className="whitespace-nowrap">
        <Link to={`/batches/${batch.id}`} className="font-semibold text-press">
          {batch.number}
        </Link>
      </RowHead>
      <Cell under="Blend">{nameOrNone(batch.file.name)}</Cell>
      <Cell under="For">{wearerWords(brief.wearer ?? 'anyone')}</Cell>
      <Cell under="Made" className="whitespace-nowrap">
        {dayWords(batch.madeOn)}
      </Cell>
      <Cell right under="Bottles">
        {containers.reduce((total, { count }) => total + count, 0)}
      </Cell>
      <Cell under="Best before" className="whitespace-nowrap">
        {until === null ? '–' : dayWords(until)}
        {until !== null && until < today() && <b className="block text-sm text-brick">■ past it</b>}
      </Cell>
      <Cell under="Verdict">
        <Outcome batch={batch} />
      </Cell>
      <Cell right>
        {batch.finishedAt === null ? (
          <ButtonLink to={`/make/${batch.id}`} aria-label={`Go on with batch ${batch.number}`}>
            Go on
          </ButtonLink>
        ) : (
          <ButtonLink
            look="quiet"
            to={`/batches/${batch.id}/label`}
            aria-label={`Label of batch ${batch.number}`}
          >
            Label
          </ButtonLink>
        )}
      </Cell>
    </>
  );
};

// Together no wider than the log at its widest.
const columns: readonly Column[] = [
  { name: 'Batch', width: 'w-28' },
  { name: 'Blend', width: 'w-36' },
  { name: 'For', width: 'w-40' },
  { name: 'Made', width: 'w-28' },
  { name: 'Bottles', right: true, width: 'w-16' },
  { name: 'Best before', width: 'w-28' },
  { name: 'Verdict', width: 'w-36' },
  { name: <span className="sr-only">What next</span>, width: 'w-24' },
];

/** So many batches are read at once for a file. */
const readAtOnce = 200;

/** About what a row takes, in px: enough before it is measured. */
const rowPx = 58;

/** One batch: it is read by itself, so that a change of it draws nothing but its row. */
const LogRow = ({
  id,
  index,
  measure,
}: {
  id: string;
  index: number;
  measure: (row: HTMLElement | null) => void;
}) => {
  const { data: batch, error } = useStored(['batch', id], () => batches.get(id));
  const write = useWrite();
  return (
    <Row
      data-index={index}
      ref={measure}
      style={batch ? undefined : { height: rowPx }}
      // The row of the names is the first.
      aria-rowindex={index + 2}
    >
      <Boundary
        fallback={(broken) => (
          <td colSpan={columns.length}>
            <BrokenRecord
              what="batch"
              name={batch?.number ?? id}
              error={broken}
              record={batch}
              onDelete={() => void write('The batch', () => batches.remove(id))}
            />
          </td>
        )}
      >
        {error ? <Thrown error={error} /> : batch ? <Cells batch={batch} /> : <td />}
      </Boundary>
    </Row>
  );
};

/** What could not be read is reported by the boundary around it. */
const Thrown = ({ error }: { error: Error }): never => {
  throw error;
};

/** Of a long log, what is near the window. */
const Log = ({ ids }: { ids: readonly string[] }) => {
  const { list, indexes, above, below, measure } = useWindow(ids.length, rowPx);
  return (
    <Table cards columns={columns} className="sm:min-w-[56rem]" aria-rowcount={ids.length + 1}>
      <tbody ref={list as RefObject<HTMLTableSectionElement>}>
        {above > 0 && <tr aria-hidden className="max-sm:block" style={{ height: above }} />}
        {indexes.map((index) => {
          const id = ids[index] ?? '';
          return <LogRow key={id} id={id} index={index} measure={measure} />;
        })}
        {below > 0 && <tr aria-hidden className="max-sm:block" style={{ height: below }} />}
      </tbody>
    </Table>
  );
};

/** The whole log as a table, read a part at a time. */
const saveLog = async (catalog: Catalog, ids: readonly string[]): Promise<void> => {
  const [{ saveTable }, { logFields, logRow }] = await Promise.all([
    import('../../parts/saveTable'),
    import('../../store/houseTables'),
  ]);
  const rows: (string | number)[][] = [];
  for (let from = 0; from < ids.length; from += readAtOnce) {
    const some = await batches.some(ids.slice(from, from + readAtOnce));
    rows.push(...some.map((batch) => logRow(catalog, batch)));
  }
  saveTable('log of batches', logFields, rows);
};

/** The log: what was made, for whom, and until when it keeps. */
export const BatchesScreen = () => {
  const data = useThere(['batch ids'], () => batches.ids());
  const catalog = useCatalog();
  const write = useWrite();
  return (
    <div className="mx-auto max-w-5xl">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle
          title="Batches"
          aside={data && data.length > 0 ? `${data.length} in the log` : ''}
        />
        {data && data.length > 0 && (
          <More>
            <MoreAct onClick={() => void write('The file', () => saveLog(catalog, data))}>
              {batchesWords.logAsCsv}
            </MoreAct>
            <MoreAct onClick={() => window.print()}>Print</MoreAct>
          </More>
        )}
      </div>
      {data?.length === 0 && (
        <>
          <p className="mt-4 max-w-prose">{batchesWords.everythingYouMakeIsRecorded}</p>
          <ButtonLink look="first" className="mt-4" to="/blends">
            To the blends
          </ButtonLink>
        </>
      )}
      {data && data.length > 0 && (
        <div
          tabIndex={0}
          role="region"
          aria-label="All batches"
          className="relative mt-4 overflow-x-auto rounded-xl border border-line bg-sheet px-4 py-2"
        >
          <Log ids={data} />
        </div>
      )}
    </div>
  );
};
