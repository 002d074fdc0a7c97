import { madeBestBefore, madeFindings, madeOf, type Made } from '@jubbet/core/batch';
import { madePieces } from '@jubbet/core/label';
import type { BenchEvent, LogEntry } from '@jubbet/core/making';
import {
  batchesWords,
  batchStory,
  dayWords,
  fillingsWords,
  findingMessage,
  formatPercent,
  nameInSentence,
  nameOrNone,
  piecesWords,
  strengthWords,
  volumeWords,
  wearerWords,
} from '@jubbet/core/words';
import { useMemo, type ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { Boundary } from '../../parts/Boundary';
import { BrokenRecord } from '../../parts/BrokenRecord';
import { CatalogContext, useCatalog } from '../../parts/catalog';
import { FoldedPart } from '../../parts/Fold';
import { Glass } from '../../parts/Glass';
import { Photos } from '../../parts/Photos';
import { SmellNotes } from '../../parts/SmellNotes';
import { Story } from '../../parts/Story';
import { StoredScreen } from '../../parts/StoredScreen';
import { useUnits } from '../../parts/useUnits';
import { useWrite } from '../../parts/useWrite';
import { VerdictMark } from '../../parts/VerdictMark';
import { batches } from '../../store/batches';
import type { BatchRecord } from '../../store/database';
import { madeBlend } from '../../store/madeBlend';
import { today } from '../../store/now';
import { patchTests } from '../../store/patchTests';
import { reactedBatches } from '../../store/reactions';
import { recipients } from '../../store/recipients';
import { trailOf } from '../../store/trail';
import { useStored } from '../../store/useStored';
import { Notice } from '../../ui/Notice';
import { Panel } from '../../ui/Panel';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { useSeconds } from '../../ui/useSeconds';
import { Amend, Amended } from './Amend';
import { BatchActions } from './BatchActions';
import { BatchNotes } from './BatchNotes';
import { Cost, useCost } from './Cost';
import { Given } from './Given';
import { KeptContents } from './KeptContents';
import { PatchTests } from './PatchTests';
import { Review } from './Review';
import { WentIn } from './WentIn';

/** What it really went into; planned containers where nothing is in any yet. */
const intoWords = (made: Made): string => {
  const pieces = madePieces(made);
  return pieces.length > 0 ? piecesWords(pieces) : fillingsWords(made.blend.fillings);
};

/** Several figures as one range of strengths: `3.2 %`, `2.9 to 3.4 %`. */
const strengthsOf = ({ blend, containers }: Made): string => {
  const words = containers
    .filter(({ isEmpty }) => !isEmpty)
    .map(({ evaluation }) => strengthWords(evaluation.mixture, blend.formula.by));
  const unique = [...new Set(words)];
  return unique.length > 0 ? unique.join('; ') : 'nothing in it yet';
};

const BestBefore = ({ batch, made }: { batch: BatchRecord; made: Made }) => {
  const catalog = useCatalog();
  const until = madeBestBefore(made, batch.madeOn);
  if (!until) return <>–</>;
  return (
    <>
      {dayWords(until.date)}
      <span className="text-soft">
        ,{' '}
        {until.because
          ? `set by ${nameInSentence(catalog, until.because)}`
          : 'twelve months after making'}
      </span>
    </>
  );
};

const Fact = ({ name, children }: { name: string; children: ReactNode }) => (
  <div className="min-w-0">
    <dt className="text-sm text-soft">{name}</dt>
    <dd>{children}</dd>
  </div>
);

/** Verdict, strength, for whom, what came out, best before, cost. */
const Summary = ({
  batch,
  made,
  cost,
}: {
  batch: BatchRecord;
  made: Made;
  cost: string | null;
}) => {
  const units = useUnits();
  const { blend } = made;
  const [first] = made.containers.filter(({ isEmpty }) => !isEmpty);
  const isOpen = batch.finishedAt === null;
  // What was said when it was finished stays.
  const summary = batch.made ?? { ...made, judgedOn: today() };
  const blocked = summary.blocking ? { word: batchesWords.overDoNotUse } : {};
  const mixture = first?.evaluation.mixture ?? null;
  return (
    <Panel aria-label="In short" className="flex flex-wrap items-center gap-x-6 gap-y-3 px-5 py-4">
      <div className="w-20 flex-none max-sm:hidden print:hidden">
        <Glass container={blend.formula.container} mixture={mixture} poured={blend.inOne} />
      </div>
      <div className="min-w-48">
        {isOpen ? (
          <p className="text-soft">On the bench</p>
        ) : (
          <p className="font-semibold">
            {batch.notToBeUsed ? (
              <VerdictMark verdict="over" word={batchesWords.doNotUse} />
            ) : (
              <VerdictMark verdict={summary.verdict} {...blocked} />
            )}
          </p>
        )}
        <p className="font-serif text-2xl">{strengthsOf(made)}</p>
        {batch.targetPercent !== null && (
          <p className="text-sm text-soft">target {formatPercent(batch.targetPercent, 3)}</p>
        )}
        {!isOpen && summary.verdict !== made.verdict && (
          <p className="text-sm text-soft">
            {batchesWords.judgedThen(dayWords(summary.judgedOn))}{' '}
            <VerdictMark verdict={made.verdict} />
          </p>
        )}
      </div>
      <dl className="flex flex-1 flex-wrap gap-x-8 gap-y-2 font-semibold max-sm:basis-full">
        <Fact name="For">{wearerWords(blend.brief.wearer)}</Fact>
        <Fact name={isOpen ? 'Goes into' : 'Came out'}>
          {intoWords(made)}
          {blend.inOne && first && (
            <span className="block text-sm font-normal text-soft">
              {batchesWords.mixedTogether(volumeWords(first.evaluation.mixture.fillMl, units))}
            </span>
          )}
        </Fact>
        <Fact name="Best before">
          <BestBefore batch={batch} made={made} />
        </Fact>
        {cost !== null && <Fact name="Cost">{cost}</Fact>}
        <Fact name="Blend">
          <Link to={`/blends/${batch.blendId}`} className="text-press">
            {nameOrNone(batch.file.name)}
          </Link>
        </Fact>
      </dl>
    </Panel>
  );
};

/** What raised the verdict, and what was written to go past it. */
const Concerns = ({ batch, made }: { batch: BatchRecord; made: Made }) => {
  const findings = madeFindings(made);
  const reasons = [batch.reason, ...made.tally.reasons.map(({ words }) => words)].filter(Boolean);
  const reacted =
    useStored(['reacted batches'], () => reactedBatches()).data?.has(batch.id) ?? false;
  return (
    <>
      {reacted && (
        <Notice tone="over">
          <b>{batchesWords.someoneReactedToThisBatch}</b>{' '}
          <Link to={`/recall?batch=${encodeURIComponent(batch.id)}`} className="text-press">
            {batchesWords.whoElseHasSomeOf}
          </Link>
        </Notice>
      )}
      {reasons.length > 0 && (
        <Notice tone="over">
          <b>{batchesWords.madeOverALimit}</b>{' '}
          {batchesWords.reasonGiven(reasons.map((reason) => `“${reason}”`).join(', then '))}
        </Notice>
      )}
      {batch.finishedAt !== null && <Amended batch={batch} made={made} />}
      {batch.finishedAt === null ? (
        <p className="text-soft">{batchesWords.underWay}</p>
      ) : (
        findings.length > 0 && (
          <ul className="grid gap-1">
            {findings.map((entry) => (
              <li key={findingMessage(made.blend.catalog, entry)}>
                <VerdictMark verdict={entry.verdict} /> ·{' '}
                {findingMessage(made.blend.catalog, entry)}
              </li>
            ))}
          </ul>
        )
      )}
    </>
  );
};

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
