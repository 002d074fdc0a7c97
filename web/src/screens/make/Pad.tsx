import {
  botanicalOf,
  findOil,
  formatDrops,
  stepDetail,
  stepFigure,
  stepHeading,
  stepTitle,
  type Step,
} from '@jubbet/core';
import { clsx } from 'clsx';
import { Droplet } from 'lucide-react';
import { OilName } from '../../parts/OilName';
import type { Intent } from './useBench';

/** More drops than this are not drawn one by one. */
const drawn = 24;

const DropRow = ({ count, asked, colour }: { count: number; asked: number; colour: string }) => (
  <span aria-hidden className="flex flex-wrap justify-center gap-1.5">
    {Array.from({ length: Math.max(count, asked) }, (_, n) => (
      <Droplet
        key={n}
        size={30}
        strokeWidth={1.5}
        fill={n < count ? colour : 'transparent'}
        className={n < asked ? 'text-[#8b8f9c]' : 'text-[#a3301f]'}
      />
    ))}
  </span>
);

const beyond = (count: number, asked: number): string => {
  if (count === asked) return 'as asked';
  return count > asked ? `${count - asked} more than asked` : `of ${formatDrops(asked)}`;
};

/** The whole pad is the button: one thing at a time, readable from two metres. */
export const Pad = ({
  step,
  count,
  colour,
  vessels,
  act,
}: {
  step: Step;
  count: number;
  colour: string;
  vessels: number;
  act: (intent: Intent) => void;
}) => {
  const counting = step.kind === 'count';
  const intent: Intent = counting ? 'drop' : 'go-on';
  const oil = 'oilId' in step ? findOil(step.oilId) : undefined;
  const vessel = 'vessel' in step && vessels > 1 ? `bottle ${step.vessel + 1} of ${vessels}` : '';
  const figure = stepFigure(step);
  const past = counting && count > step.drops;
  return (
    <button
      type="button"
      data-pad
      aria-label={
        counting
          ? `${stepTitle(step)}: ${count} ${beyond(count, step.drops)}. Press for each drop.`
          : `${stepTitle(step)}: done`
      }
      className="flex min-h-[22rem] touch-manipulation flex-col items-center justify-between gap-4 rounded-2xl bg-sheet px-6 py-8 text-center text-[#1d2433] select-none focus-visible:outline-4 focus-visible:outline-[#e3a94a]"
      onPointerDown={(event) => {
        if (event.isPrimary && event.button === 0) act(intent);
      }}
      onClick={(event) => {
        // A click without a pointer comes from a reader's own "press".
        if (event.detail === 0) act(intent);
      }}
    >
      <span>
        <span className="block font-serif text-4xl">
          {oil ? <OilName name={oil.name} /> : stepHeading(step)}
        </span>
        <span className="mt-1 block text-lg text-[#565d6e]">
          {oil && <i>{botanicalOf(oil)}</i>}
          {oil && vessel && ' · '}
          {vessel}
        </span>
      </span>
      {counting ? (
        <>
          <span>
            <span
              data-testid="count"
              className={clsx(
                'block text-[11rem] leading-none font-bold tabular-nums',
                past && 'text-[#a3301f]',
              )}
            >
              {count}
            </span>
            <span className="mt-2 block font-serif text-3xl text-[#565d6e]">
              {beyond(count, step.drops)}
            </span>
          </span>
          {Math.max(count, step.drops) <= drawn && (
            <DropRow count={count} asked={step.drops} colour={colour} />
          )}
        </>
      ) : (
        <span className="grid max-w-2xl gap-5">
          {figure && (
            <span className="text-7xl leading-none font-bold tabular-nums max-sm:text-5xl">
              {figure}
            </span>
          )}
          <span className="text-[1.75rem] leading-snug">{stepDetail(step)}</span>
        </span>
      )}
      <span className="text-base text-[#565d6e]">
        {counting
          ? 'Tap anywhere here, or space, for each drop. Backspace takes one back.'
          : 'Tap anywhere here, or enter, when it is done.'}
      </span>
    </button>
  );
};
