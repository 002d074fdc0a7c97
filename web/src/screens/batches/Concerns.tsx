import { madeFindings, type Made } from '@jubbet/core/batch';
import { gateOf } from '@jubbet/core/making';
import { batchesWords, findingMessage } from '@jubbet/core/words';
import { Link } from 'react-router';
import { VerdictMark } from '../../parts/VerdictMark';
import type { BatchRecord } from '../../store/database';
import { reactedBatches } from '../../store/reactions';
import { useStored } from '../../store/useStored';
import { Notice } from '../../ui/Notice';
import { Amended } from './Amend';

/** Of what is still on the bench: what its gate says, with the rest going in as asked. */
const UnderWay = ({ batch, made }: { batch: BatchRecord; made: Made }) => {
  const gate = gateOf(made.blend, made.planned, made.tally, batch.reason);
  if (gate.state === 'open') return <p className="text-soft">{batchesWords.underWay}</p>;
  return (
    <Notice tone="over">
      <b>■ {gate.state === 'blocked' ? batchesWords.overDoNotUse : batchesWords.needsReason}</b>
      <ul>
        {gate.findings.map((entry) => (
          <li key={findingMessage(made.blend.catalog, entry)}>
            {findingMessage(made.blend.catalog, entry)}
          </li>
        ))}
      </ul>
    </Notice>
  );
};

/** What raised the verdict, and what was written to go past it. */
export const Concerns = ({ batch, made }: { batch: BatchRecord; made: Made }) => {
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
        <UnderWay batch={batch} made={made} />
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
