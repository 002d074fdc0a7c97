import {
  bottleNow,
  countedDrops,
  dayWords,
  evaluate,
  findingMessage,
  formulaBestBefore,
  formatMl,
  formatPercent,
  resolveMade,
  carrierWords,
  fileToDraft,
  fillingsWords,
  formatG,
  formatList,
  stepsOf,
  strengthWords,
  subjectName,
  tallyOf,
  usualVessel,
  vesselWords,
  wearerWords,
  type BenchEvent,
  type Tally,
} from '@jubbet/core';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { Button, ButtonLink } from '../../parts/Button';
import { Missing } from '../../parts/Missing';
import { useNotice } from '../../parts/notice';
import { ScreenTitle } from '../../parts/ScreenTitle';
import { VerdictMark } from '../../parts/VerdictMark';
import { batches } from '../../store/batches';
import { blends } from '../../store/blends';
import type { BatchRecord } from '../../store/database';
import { useStored } from '../../store/useStored';
import { Counted } from './Counted';

const Notes = ({ batch }: { batch: BatchRecord }) => {
  const [notes, setNotes] = useState(batch.notes);
  return (
    <label className="grid gap-1">
      <span className="font-semibold">Notes</span>
      <textarea
        rows={3}
        maxLength={10_000}
        placeholder="How it smelt, how it was liked, what to do otherwise next time"
        className="rounded-md border border-line bg-transparent px-2 py-1.5 placeholder:text-soft"
        value={notes}
        onChange={(event) => {
          setNotes(event.target.value);
          void batches.note(batch.id, event.target.value);
        }}
      />
    </label>
  );
};

/** What was done at the bench beside counting. */
const Happened = ({ tally }: { tally: Tally }) => {
  const lines = [
    ...[...tally.movedTo].map(([bottle, id]) => {
      const vessel = usualVessel(id);
      return `Bottle ${bottle + 1} went on in a ${vessel ? vesselWords(vessel) : id}.`;
    }),
    ...[...tally.filledTo].map(
      ([bottle, percent]) =>
        `Bottle ${bottle + 1} was filled to ${formatPercent(percent, 3)} of what it is sold as.`,
    ),
    ...[...tally.discards].map(
      ([bottle, times]) =>
        `Bottle ${bottle + 1} was thrown away and begun again${times > 1 ? `, ${times} times` : ''}.`,
    ),
  ];
  return lines.length > 0 ? <p>{lines.join(' ')}</p> : null;
};

const Record = ({ batch, events }: { batch: BatchRecord; events: readonly BenchEvent[] }) => {
  const navigate = useNavigate();
  const tell = useNotice();
  const { blend, evaluation, counts, bottles, tally, until } = useMemo(() => {
    const resolved = resolveMade(batch.file);
    const worked = evaluate(resolved);
    const steps = stepsOf(resolved, worked.mixture);
    const tally = tallyOf(events);
    return {
      blend: resolved,
      evaluation: worked,
      counts: Array.from({ length: resolved.count }, (_, n) => countedDrops(steps, tally, n)),
      bottles: Array.from({ length: resolved.count }, (_, n) =>
        bottleNow(resolved, steps, tally, n),
      ),
      tally,
      until: formulaBestBefore(batch.madeOn, resolved.formula),
    };
  }, [batch, events]);
  const told = evaluation.findings.filter(({ verdict }) => verdict !== 'holds');
  /** A sheet of its own with what was made, drop for drop; it can be scaled there. */
  const again = async () => {
    const { brief } = batch.file;
    const id = await blends.add({
      ...fileToDraft(batch.file),
      name: `${batch.file.name}, again`.slice(0, 120),
      brief: { ...brief, personId: null },
    });
    await navigate(`/blends/${id}`);
  };
  const remove = async () => {
    const removed = await batches.remove(batch.id);
    await navigate('/batches');
    if (removed) {
      tell({
        text: `Batch ${batch.number} is out of the log.`,
        undo: () => void batches.putBack(removed),
      });
    }
  };
  return (
    <div className="mx-auto grid max-w-4xl gap-4">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle
          title={`${batch.file.name}, batch ${batch.number}`}
          aside={batch.finishedAt === null ? 'on the bench' : `made ${dayWords(batch.madeOn)}`}
        />
        <div className="flex flex-wrap gap-2">
          <Button look="quiet" onClick={() => void remove()}>
            Delete
          </Button>
          <Button onClick={() => void again()}>Make it again</Button>
          <ButtonLink to={`/batches/${batch.id}/label`}>Label</ButtonLink>
          <ButtonLink look={batch.finishedAt === null ? 'first' : 'plain'} to={`/make/${batch.id}`}>
            {batch.finishedAt === null ? 'Go on making' : 'See the bench'}
          </ButtonLink>
        </div>
      </div>
      <section className="grid gap-4 rounded-xl border border-line bg-sheet px-5 py-4">
        <dl className="grid grid-cols-[max-content_1fr] gap-x-5 gap-y-1">
          <dt className="text-soft">For</dt>
          <dd>{wearerWords(batch.file.brief.wearer)}</dd>
          <dt className="text-soft">Into</dt>
          <dd>
            {fillingsWords(blend.fillings)}
            {blend.inOne && (
              <span className="text-soft">
                , from {formatMl(evaluation.mixture.fillMl, 3)} mixed in one
              </span>
            )}
          </dd>
          <dt className="text-soft">Strength</dt>
          <dd>{strengthWords(evaluation.mixture, blend.formula.by)} as planned</dd>
          <dt className="text-soft">Carried by</dt>
          <dd>
            {formatList(
              evaluation.mixture.bases.map(
                ({ base, ml, g }) =>
                  `${formatG(g.likely, 3)} ${carrierWords(base)} (${formatMl(ml.likely, 3)})`,
              ),
            )}
            {blend.count > 1 && <span className="text-soft"> each</span>}
          </dd>
          <dt className="text-soft">Best before</dt>
          <dd>
            {dayWords(until.date)}
            <span className="text-soft">
              ,{' '}
              {until.because
                ? `set by ${subjectName(until.because).toLowerCase()}`
                : 'twelve months after making'}
            </span>
          </dd>
          <dt className="text-soft">Verdict</dt>
          <dd>
            <VerdictMark verdict={batch.verdict} />
          </dd>
          <dt className="text-soft">Blend</dt>
          <dd>
            <Link to={`/blends/${batch.blendId}`} className="text-press">
              {batch.file.name}
            </Link>
            <span className="text-soft">, as it is now</span>
          </dd>
        </dl>
        {batch.reason && (
          <p className="rounded-lg bg-brick-wash px-4 py-2">
            <b className="text-brick">■ Made past a limit.</b> The reason written then: “
            {batch.reason}”
          </p>
        )}
        {told.length > 0 && (
          <ul className="grid gap-1">
            {told.map((entry) => (
              <li key={findingMessage(entry)}>
                <VerdictMark verdict={entry.verdict} /> · {findingMessage(entry)}
              </li>
            ))}
          </ul>
        )}
        <Counted blend={blend} counts={counts} bottles={bottles} />
        <Happened tally={tally} />
        <Notes batch={batch} />
      </section>
    </div>
  );
};

/** One batch as it was made. */
export const BatchScreen = () => {
  const { batchId = '' } = useParams();
  const batch = useStored(['batch', batchId], () => batches.get(batchId));
  const events = useStored(['events', batchId], () => batches.events(batchId));
  const error = batch.error ?? events.error;
  if (error) throw error;
  if (batch.data === undefined || events.data === undefined) return null;
  if (batch.data === null) {
    return <Missing title="No such batch" text="It may have been taken out of the log." />;
  }
  return <Record key={batchId} batch={batch.data} events={events.data} />;
};
