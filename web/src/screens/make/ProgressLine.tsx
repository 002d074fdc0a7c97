import type { Step, Tally } from '@jubbet/core/making';
import { clsx } from 'clsx';

/** Of more steps than this the pieces are no longer told apart: one bar says it. */
const mostPieces = 80;

/** How far the batch is, a piece for each step. */
export const ProgressLine = ({
  steps,
  tally,
  current,
}: {
  steps: readonly Step[];
  tally: Tally;
  current: Step | null;
}) => {
  const done = steps.filter(({ id }) => tally.done.has(id)).length;
  return (
    <div
      role="progressbar"
      aria-label="Steps done"
      aria-valuemin={0}
      aria-valuemax={steps.length}
      aria-valuenow={done}
      aria-valuetext={`${done} of ${steps.length} steps done`}
      className={clsx('flex flex-none', steps.length > 40 ? 'gap-px' : 'gap-1')}
    >
      {steps.length > mostPieces ? (
        <span className="h-2 flex-1 overflow-hidden rounded-full bg-night-track forced-color-adjust-none">
          <span
            className="block h-full bg-lamp"
            style={{ width: `${(100 * done) / steps.length}%` }}
          />
        </span>
      ) : (
        steps.map((step) => (
          <span
            key={step.id}
            className={clsx(
              'h-2 flex-1 rounded-full forced-color-adjust-none',
              step === current
                ? 'bg-lamp'
                : tally.done.has(step.id)
                  ? 'bg-night-done'
                  : 'bg-night-track',
            )}
          />
        ))
      )}
    </div>
  );
};
