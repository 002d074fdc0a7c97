import { Notice } from '../../ui/Notice';
import {
  nameOrNone,
  dayWords,
  findingMessage,
  fillingsWords,
  piecesWords,
  volumeWords,
  formatList,
  formatPercent,
  temperatureWords,
  somethingElseWords,
  spilledWords,
  strengthWords,
  containerWords,
  wearerWords,
  nameInSentence,
  batchesWords,
} from '@jubbet/core/words';
import { madeBestBefore, madeFindings, madeOf, type Made } from '@jubbet/core/batch';
import { madePieces } from '@jubbet/core/label';
import { usualContainer } from '@jubbet/core/catalog';
import type { BenchEvent, Tally } from '@jubbet/core/making';
import { CatalogContext, useCatalog } from '../../parts/catalog';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { Boundary } from '../../parts/Boundary';
import { BrokenRecord } from '../../parts/BrokenRecord';
import { Missing } from '../../parts/Missing';
import { timeOfDay } from '../../parts/moments';
import { useWrite } from '../../parts/useWrite';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { SmellNotes } from '../../parts/SmellNotes';
import { VerdictMark } from '../../parts/VerdictMark';
import { batches } from '../../store/batches';
import type { BatchRecord } from '../../store/database';
import { madeBlend } from '../../store/madeBlend';
import { today } from '../../store/now';
import { reactedBatches } from '../../store/reactions';
import { useStored } from '../../store/useStored';
import { Amend } from './Amend';
import { BatchActions } from './BatchActions';
import { BatchNotes } from './BatchNotes';
import { Cost } from './Cost';
import { Given } from './Given';
import { KeptContents } from './KeptContents';
import { MadeFrom } from './MadeFrom';
import { PatchTests } from './PatchTests';
import { Photos } from '../../parts/Photos';
import { Review } from './Review';
import { WentIn } from './WentIn';
import { useUnits } from '../../parts/useUnits';

/** What it really went into; planned containers where nothing is in any yet. */
const intoWords = (made: Made): string => {
  const pieces = madePieces(made);
  return pieces.length > 0 ? piecesWords(pieces) : fillingsWords(made.blend.fillings);
};

const Happened = ({ tally }: { tally: Tally }) => {
  const catalog = useCatalog();
  const units = useUnits();
  const lines = [
    ...(tally.simulated
      ? [
          'Practice: some of what was measured came from a simulated device. Nothing left the shelf.',
        ]
      : []),
    ...(tally.temperatures.length > 0
      ? [
          `Temperatures that were read: ${formatList(
            tally.temperatures.map(
              ({ celsius, takenAt }) =>
                `${temperatureWords(celsius, units)} at ${timeOfDay(takenAt)}`,
            ),
          )}.`,
        ]
      : []),
    ...[...tally.movedTo].map(([bottle, id]) => {
      const container = usualContainer(id);
      return `Bottle ${bottle + 1} was moved to a ${container ? containerWords(container) : id}.`;
    }),
    ...[...tally.filledTo].map(
      ([bottle, percent]) =>
        `Bottle ${bottle + 1} was filled to ${formatPercent(percent, 3)} of its nominal size.`,
    ),
    ...[...tally.discards].map(
      ([bottle, times]) =>
        `Bottle ${bottle + 1} was thrown away and started again${times > 1 ? `, ${times} times` : ''}.`,
    ),
    ...tally.additions.map(
      (addition) =>
        `Bottle ${addition.container + 1}: ${addition.intended ? 'added after smelling' : 'something else went in'}, ${somethingElseWords(catalog, addition)}.`,
    ),
    ...tally.spilled.map(
      (spill) => `Bottle ${spill.container + 1}: some was spilled, ${spilledWords(spill)}.`,
    ),
  ];
  return lines.length > 0 ? <p>{lines.join(' ')}</p> : null;
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

const Facts = ({ batch, made }: { batch: BatchRecord; made: Made }) => {
  const units = useUnits();
  const { blend } = made;
  const [first] = made.containers.filter(({ isEmpty }) => !isEmpty);
  // What was said when it was finished stays; of what is on the bench, what is so now.
  const summary = batch.made ?? { ...made, judgedOn: today() };
  return (
    <dl className="grid grid-cols-[max-content_1fr] gap-x-5 gap-y-1">
      <dt className="text-soft">For</dt>
      <dd>{wearerWords(blend.brief.wearer)}</dd>
      <dt className="text-soft">Into</dt>
      <dd>
        {intoWords(made)}
        {blend.inOne && first && (
          <span className="text-soft">
            , from {volumeWords(first.evaluation.mixture.fillMl, units)} mixed together
          </span>
        )}
      </dd>
      <dt className="text-soft">Strength</dt>
      <dd>
        {strengthsOf(made)}
        {batch.targetPercent !== null && (
          <span className="text-soft"> (target {formatPercent(batch.targetPercent, 3)})</span>
        )}
      </dd>
      <dt className="text-soft">Best before</dt>
      <dd>
        <BestBefore batch={batch} made={made} />
      </dd>
      <dt className="text-soft">Verdict</dt>
      <dd>
        {batch.notToBeUsed ? (
          <VerdictMark verdict="over" word={batchesWords.doNotUse} />
        ) : (
          <VerdictMark
            verdict={summary.verdict}
            {...(summary.blocking
              ? { word: 'over the limit: do not use on the person it is for' }
              : {})}
          />
        )}
        {summary.verdict !== made.verdict && (
          <span className="text-soft">
            {batchesWords.judgedThen(dayWords(summary.judgedOn))}{' '}
            <VerdictMark verdict={made.verdict} />
          </span>
        )}
      </dd>
      <dt className="text-soft">Blend</dt>
      <dd>
        <Link to={`/blends/${batch.blendId}`} className="text-press">
          {nameOrNone(batch.file.name)}
        </Link>
        <span className="text-soft">{batchesWords.asItIsNow}</span>
      </dd>
    </dl>
  );
};

const Record = ({ batch, events }: { batch: BatchRecord; events: readonly BenchEvent[] }) => {
  const catalog = useCatalog();
  const made = useMemo(() => madeOf(madeBlend(catalog, batch), events), [catalog, batch, events]);
  const findings = madeFindings(made);
  const reasons = [batch.reason, ...made.tally.reasons.map(({ words }) => words)].filter(Boolean);
  const open = batch.finishedAt === null;
  const reacted =
    useStored(['reacted batches'], () => reactedBatches()).data?.has(batch.id) ?? false;
  const write = useWrite();
  return (
    // By the names that the batch carries, whatever the house calls them now.
    <CatalogContext value={made.blend.catalog}>
      <div className="mx-auto grid max-w-4xl gap-4">
        <div className="flex flex-wrap items-center justify-between gap-3">
          <ScreenTitle
            title={`${nameOrNone(batch.file.name)}, batch ${batch.number}`}
            aside={open ? 'on the bench' : `made ${dayWords(batch.madeOn)}`}
          />
          <BatchActions batch={batch} made={made} />
        </div>
        <section className="grid gap-4 rounded-xl border border-line bg-sheet px-5 py-4">
          <Facts batch={batch} made={made} />
          {reasons.length > 0 && (
            <Notice tone="over">
              <b className="text-brick">{batchesWords.madeOverALimit}</b> Reason given:{' '}
              {reasons.map((reason) => `“${reason}”`).join(', then ')}
            </Notice>
          )}
          {reacted && (
            <Notice tone="over">
              <b className="text-brick">{batchesWords.someoneReactedToThisBatch}</b>{' '}
              <Link to={`/recall?batch=${encodeURIComponent(batch.id)}`} className="text-press">
                {batchesWords.whoElseHasSomeOf}
              </Link>
            </Notice>
          )}
          {findings.length > 0 && (
            <ul className="grid gap-1">
              {findings.map((entry) => (
                <li key={findingMessage(made.blend.catalog, entry)}>
                  <VerdictMark verdict={entry.verdict} /> ·{' '}
                  {findingMessage(made.blend.catalog, entry)}
                </li>
              ))}
            </ul>
          )}
          <WentIn made={made} />
          <Happened tally={made.tally} />
          <section aria-label="How it smells">
            <h2 className="mb-1 text-lg">How it smells</h2>
            <SmellNotes
              tally={made.tally}
              onEvents={(events) =>
                void write('What you wrote', () => batches.record(batch.id, events))
              }
            />
          </section>
          {!open && !batch.notToBeUsed && <Amend batch={batch} made={made} events={events} />}
          {!open && <Review key={batch.review?.at ?? ''} batch={batch} />}
          <BatchNotes batch={batch} />
        </section>
        <MadeFrom batch={batch} />
        {!open && <Cost batch={batch} made={made} events={events} />}
        {!open && <PatchTests batch={batch} made={made} />}
        {!open && !batch.notToBeUsed && <Given batch={batch} made={made} />}
        <Photos of={{ kind: 'batch', id: batch.id }} what={`batch ${batch.number}`} />
      </div>
    </CatalogContext>
  );
};

/** One batch as it was made. */
export const BatchScreen = () => {
  const { batchId = '' } = useParams();
  const { data, error } = useStored(['batch with events', batchId], () =>
    batches.withEvents(batchId),
  );
  const write = useWrite();
  if (error) throw error;
  if (data === undefined) return null;
  if (data === null) {
    return <Missing title="Batch not found" text={batchesWords.itMayHaveBeenDeleted} />;
  }
  const { batch: record, events } = data;
  return (
    <Boundary
      key={batchId}
      fallback={(error) => (
        <>
          <BrokenRecord
            what="batch"
            name={record.number}
            error={error}
            record={{ batch: record, events }}
            onDelete={() => void write('The batch', () => batches.remove(batchId))}
          />
          {record.made?.contents && <KeptContents contents={record.made.contents} />}
        </>
      )}
    >
      <Record batch={record} events={events} />
    </Boundary>
  );
};
