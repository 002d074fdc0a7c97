import { madeOf } from '@jubbet/core/batch';
import type { BenchEvent, LogEntry } from '@jubbet/core/making';
import { batchesWords, batchStory, dayWords, nameOrNone } from '@jubbet/core/words';
import { useMemo } from 'react';
import { useParams } from 'react-router';
import { Boundary } from '../../parts/Boundary';
import { BrokenRecord } from '../../parts/BrokenRecord';
import { CatalogContext, useCatalog } from '../../parts/catalog';
import { FoldedPart } from '../../parts/Fold';
import { Photos } from '../../parts/Photos';
import { SmellNotes } from '../../parts/SmellNotes';
import { Story } from '../../parts/Story';
import { StoredScreen } from '../../parts/StoredScreen';
import { useUnits } from '../../parts/useUnits';
import { useWrite } from '../../parts/useWrite';
import { batches } from '../../store/batches';
import type { BatchRecord } from '../../store/database';
import { madeBlend } from '../../store/madeBlend';
import { patchTests } from '../../store/patchTests';
import { recipients } from '../../store/recipients';
import { trailOf } from '../../store/trail';
import { useStored } from '../../store/useStored';
import { Panel } from '../../ui/Panel';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { useSeconds } from '../../ui/useSeconds';
import { Amend } from './Amend';
import { BatchActions } from './BatchActions';
import { BatchNotes } from './BatchNotes';
import { Concerns } from './Concerns';
import { Cost, useCost } from './Cost';
import { Given } from './Given';
import { KeptContents } from './KeptContents';
import { PatchTests } from './PatchTests';
import { Review } from './Review';
import { Summary } from './Summary';
import { WentIn } from './WentIn';

interface Recorded {
  readonly batch: BatchRecord;
  readonly log: readonly LogEntry[];
  readonly events: readonly BenchEvent[];
}

const Record = ({ batch, log, events }: Recorded) => {
  const catalog = useCatalog();
  const units = useUnits();
  const write = useWrite();
  const nowMs = useSeconds(false);
  const made = useMemo(() => madeOf(madeBlend(catalog, batch), events), [catalog, batch, events]);
  const given = useStored(['recipients', batch.id], () => recipients.ofBatch(batch.id)).data ?? [];
  const tests = useStored(['patch tests'], () => patchTests.list()).data ?? [];
  const cost = useCost(batch, made, events);
  const isOpen = batch.finishedAt === null;
  const entries = batchStory({
    catalog: made.blend.catalog,
    made,
    log,
    startedAt: batch.startedAt,
    finishedAt: batch.finishedAt,
    review: batch.review,
    recipients: given.map(({ recipient }) => recipient),
    tests: tests.flatMap(({ test }) =>
      test.of.kind === 'batch' && test.of.batchId === batch.id ? [test] : [],
    ),
    units,
    nowMs,
  });
  return (
    // By the names that the batch carries, whatever the house calls them now.
    <CatalogContext value={made.blend.catalog}>
      <div className="mx-auto grid max-w-[1280px] grid-cols-[minmax(0,1fr)] gap-4">
        <div className="flex flex-wrap items-center justify-between gap-3">
          <ScreenTitle
            title={`${nameOrNone(batch.file.name)}, batch ${batch.number}`}
            aside={isOpen ? 'on the bench' : `made ${dayWords(batch.madeOn)}`}
          />
          <BatchActions batch={batch} made={made} />
        </div>
        <Summary batch={batch} made={made} cost={isOpen ? null : (cost?.total ?? null)} />
        <Concerns batch={batch} made={made} />
        <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,1fr)_minmax(280px,400px)]">
          <div className="grid grid-cols-[minmax(0,1fr)] gap-4">
            <Panel className="px-5 py-3">
              <WentIn made={made} from={trailOf(batch).from} />
            </Panel>
            {!isOpen && !batch.notToBeUsed && <Given batch={batch} made={made} />}
            {!isOpen && <PatchTests batch={batch} made={made} />}
          </div>
          <div className="grid grid-cols-[minmax(0,1fr)] gap-4">
            <Story entries={entries} temperatures={made.tally.temperatures} />
            {batch.notes && <p className="whitespace-pre-line">{batch.notes}</p>}
            <div className="grid gap-1 print:hidden">
              <FoldedPart id="batch/smell" title={batchesWords.howItSmells}>
                <SmellNotes
                  tally={made.tally}
                  onEvents={(events) =>
                    void write('What you wrote', () => batches.record(batch.id, events))
                  }
                />
              </FoldedPart>
              {!isOpen && (
                <FoldedPart id="batch/how-it-was" title={batchesWords.howItWas}>
                  <Review key={batch.review?.at ?? ''} batch={batch} />
                </FoldedPart>
              )}
              <FoldedPart id="batch/notes" title="Notes">
                <BatchNotes batch={batch} />
              </FoldedPart>
              <FoldedPart id="batch/photographs" title="Photographs">
                <Photos of={{ kind: 'batch', id: batch.id }} what={`batch ${batch.number}`} />
              </FoldedPart>
              {!isOpen && cost && (
                <FoldedPart id="batch/cost" title={batchesWords.whatItCost}>
                  <Cost made={made} cost={cost} />
                </FoldedPart>
              )}
              {!isOpen && !batch.notToBeUsed && (
                <FoldedPart id="batch/corrections" title={batchesWords.putRight}>
                  <Amend batch={batch} made={made} events={events} />
                </FoldedPart>
              )}
            </div>
          </div>
        </div>
      </div>
    </CatalogContext>
  );
};

/** One batch as it was made. */
export const BatchScreen = () => {
  const { batchId = '' } = useParams();
  const stored = useStored(['batch with events', batchId], () => batches.withEvents(batchId));
  const write = useWrite();
  return (
    <StoredScreen of={stored} what="Batch">
      {({ batch, log, events }) => (
        <Boundary
          key={batchId}
          fallback={(error) => (
            <>
              <BrokenRecord
                what="batch"
                name={batch.number}
                error={error}
                record={{ batch, events }}
                onDelete={() => void write('The batch', () => batches.remove(batchId))}
              />
              {batch.made?.contents && <KeptContents contents={batch.made.contents} />}
            </>
          )}
        >
          <Record batch={batch} log={log} events={events} />
        </Boundary>
      )}
    </StoredScreen>
  );
};
