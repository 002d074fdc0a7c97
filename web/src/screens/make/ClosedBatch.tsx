import { nameOrNone } from '@jubbet/core/words';
import { ButtonLink } from '../../ui/Button';
import { ScreenTitle } from '../../ui/ScreenTitle';
import type { BatchRecord } from '../../store/database';

/** A batch that is finished is closed: nothing more is counted into it, and nothing taken out. */
export const ClosedBatch = ({ batch }: { batch: BatchRecord }) => (
  <main className="bench grid min-h-full place-items-center p-6 text-center">
    <div className="grid gap-4">
      <ScreenTitle
        title={`${batch.notToBeUsed ? 'Not to be used' : 'Finished'}: ${nameOrNone(batch.file.name)}`}
        aside={`batch ${batch.number}`}
      />
      <p>
        {batch.notToBeUsed
          ? 'This batch is closed. It stays in the log, and its label says DO NOT USE.'
          : 'This batch is closed. What was wrong or added later is written down in the log, with a reason.'}
      </p>
      <ButtonLink look="first" to={`/batches/${batch.id}`}>
        To the log
      </ButtonLink>
    </div>
  </main>
);
