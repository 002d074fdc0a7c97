import { containerOfStep, type CountStep, isAsPlanned, type Step } from '@jubbet/core/making';
import { botanicalOf, looksOf } from '@jubbet/core/catalog';
import {
  formatWantedDrops,
  stepDetail,
  stepFigure,
  stepHeading,
  stepTitle,
} from '@jubbet/core/words';
import { useCatalog } from '../../parts/catalog';
import { useUnits } from '../../parts/useUnits';
import { clsx } from 'clsx';
import { Droplet } from 'lucide-react';
import { StepDrawing } from '../../parts/StepDrawing';
import { OilName } from '../../parts/OilName';
import type { Intent } from './useBench';
import { useTap } from './useTap';

/** More drops than this are not drawn one by one. */
const drawn = 24;

const DropRow = ({ count, target, colour }: { count: number; target: number; colour: string }) => (
  <span aria-hidden className="flex flex-wrap justify-center gap-1.5">
    {Array.from({ length: target }, (_, n) => (
      <Droplet
        key={n}
        size={30}
        strokeWidth={1.5}
        fill={n < count ? colour : 'transparent'}
        className="text-pad-faint max-sm:size-5"
      />
    ))}
  </span>
);

const beyond = (count: number, step: CountStep): string => {
  if (isAsPlanned(step, count)) return 'as planned';
  return count > step.drops ? `${count - step.drops} too many` : `of ${formatWantedDrops(step)}`;
};

/** The whole pad is the button: one thing at a time, readable from two metres. */
export const Pad = ({
  step,
  count,
  containers,
  note,
  low,
  act,
}: {
  step: Step;
  count: number;
  containers: number;
  /** The maker’s own words beside this step; empty where there are none. */
  note: string;
  /** True where something else is under it: the drawing gives way. */
  low: boolean;
  act: (intent: Intent) => void;
}) => {
  const catalog = useCatalog();
  const units = useUnits();
  const counting = step.kind === 'count';
  const intent: Intent = counting ? 'drop' : 'go-on';
  const tap = useTap(() => act(intent));
  const oil = 'oilId' in step ? catalog.oil(step.oilId) : undefined;
  const { colour } = looksOf(oil ?? { id: '' });
  const number = containerOfStep(step);
  const container =
    number !== null && containers > 1 ? `bottle ${number + 1} of ${containers}` : '';
  const figure = stepFigure(step, units);
  const past = counting && count > step.drops;
  return (
    <button
      type="button"
      data-pad
      aria-label={
        counting
          ? `${stepTitle(catalog, step, units)}: ${count} ${beyond(count, step)}. Press for each drop.`
          : `${stepTitle(catalog, step, units)}: done`
      }
      className="flex min-h-0 flex-1 touch-none flex-col items-center justify-between gap-[2vh] overflow-hidden rounded-2xl bg-sheet px-6 py-[3vh] text-center text-pad-ink select-none focus-visible:outline-4 focus-visible:outline-offset-[-4px] focus-visible:outline-lamp max-sm:px-3"
      {...tap}
      onClick={(event) => {
        // A click without a pointer comes from a reader's own "press".
        if (event.detail === 0) act(intent);
      }}
    >
      <span>
        <span className="block font-serif text-[clamp(1.6rem,7.5vh,3.75rem)] leading-tight max-sm:text-[1.9rem]">
          {oil ? <OilName name={oil.name} /> : stepHeading(catalog, step, units)}
        </span>
        <span className="mt-1 block text-[clamp(1rem,2.6vh,1.375rem)] text-pad-soft">
          {oil && <i>{botanicalOf(oil)}</i>}
          {oil && container && ' · '}
          {container}
        </span>
      </span>
      {counting ? (
        <>
          <span>
            <span
              data-testid="count"
              className={clsx(
                'block text-[clamp(3.5rem,min(30vh,30vw),15rem)] leading-none font-bold tabular-nums',
                past && 'text-pad-over',
              )}
            >
              {count}
            </span>
            <span className="mt-[1vh] block font-serif text-[clamp(1.2rem,4vh,1.875rem)] text-pad-soft">
              {beyond(count, step)}
            </span>
          </span>
          {!past && step.drops <= drawn && (
            <DropRow count={count} target={step.drops} colour={colour} />
          )}
        </>
      ) : (
        <span className="grid max-w-2xl justify-items-center gap-[2vh]">
          <StepDrawing
            kind={step.kind}
            className={clsx(
              'h-[clamp(3rem,17vh,10rem)] w-auto text-pad-press',
              low
                ? 'max-sm:hidden [@media(max-height:960px)]:hidden'
                : 'max-sm:h-[9vh] [@media(max-height:640px)]:hidden',
            )}
          />
          {figure && (
            <span className="text-[clamp(2rem,9vh,4.5rem)] leading-none font-bold tabular-nums max-sm:text-4xl">
              {figure}
            </span>
          )}
          <span className="text-[clamp(1.05rem,3.4vh,1.75rem)] leading-snug max-sm:text-lg">
            {stepDetail(catalog, step, units)}
          </span>
        </span>
      )}
      {note && <span className="text-[clamp(1rem,2.6vh,1.375rem)] font-semibold">{note}</span>}
      <span className="text-base text-pad-soft max-sm:text-sm">
        {counting ? 'Tap here or press Space for each drop.' : 'Tap here or press Enter when done.'}
      </span>
    </button>
  );
};
