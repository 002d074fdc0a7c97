import { Notice } from '../../ui/Notice';
import type { PlanReport } from '@jubbet/core/exchange';
import { onTheClockWords, planDayWords, planMessageWords } from '@jubbet/core/words';
import { clsx } from 'clsx';
import { Section } from '../../ui/Section';
import { dayLines, type Bar } from './stretches';

const clock = (minute: number): string =>
  `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;

const looks = {
  hands: 'bg-press text-press-ink',
  pan: 'bg-slate-wash text-ink border border-slate',
  waiting: 'bg-sheet text-soft border border-dashed border-field',
};

const Bars = ({
  rows,
  name,
  look,
  from,
  to,
  nameOf,
}: {
  rows: readonly (readonly Bar[])[];
  name: string;
  look: keyof typeof looks;
  from: number;
  to: number;
  nameOf: (batch: string) => string;
}) => (
  <>
    {rows.map((bars, n) => (
      <div key={n} className="grid grid-cols-[5.5rem_minmax(0,1fr)] items-center gap-2">
        <span className="text-sm">{n === 0 ? name : ''}</span>
        <div className="relative h-7 rounded-sm bg-paper">
          {bars.map((bar) => {
            const left = Math.max(from, bar.from);
            const right = Math.min(to, bar.to);
            if (right <= left) return null;
            const words = `${nameOf(bar.batch)}: ${bar.what.join(', ')}`;
            return (
              <div
                key={`${bar.batch} ${bar.from}`}
                title={`${clock(bar.from)} to ${clock(Math.min(bar.to, 1439))}, ${words}`}
                className={clsx(
                  'absolute inset-y-0 overflow-hidden rounded-sm px-1 text-xs leading-7 whitespace-nowrap',
                  looks[look],
                )}
                style={{
                  left: `${(100 * (left - from)) / (to - from)}%`,
                  width: `${(100 * (right - left)) / (to - from)}%`,
                }}
              >
                {nameOf(bar.batch)}
              </div>
            );
          })}
        </div>
      </div>
    ))}
  </>
);

/** When what is done: hands, pan and what waits, a line of time for each day of work. */
export const PlanWhen = ({
  report,
  nameOf,
}: {
  report: PlanReport;
  nameOf: (batch: string) => string;
}) => {
  const { days, from, to } = dayLines(report.tasks);
  const hours = Array.from({ length: (to - from) / 60 + 1 }, (_, n) => from + 60 * n);
  // Where there are many, not every hour has its figure.
  const every = Math.ceil(hours.length / 7);
  const late = report.problems.find(({ code }) => code === 'too-late');
  return (
    <Section title="When">
      {late && (
        <Notice tone="over" isUrgent>
          ■ {late.text}
        </Notice>
      )}
      <p>{onTheClockWords(report).join(' ')}</p>
      <p className="text-sm text-soft">{planMessageWords({ code: 'hands', ...report })}</p>
      <div aria-hidden className="grid gap-4">
        {days.map((line) => (
          <div key={line.day} className="grid gap-1 break-inside-avoid">
            <h3 className="text-base">{planDayWords(line.day)}</h3>
            <div className="grid grid-cols-[5.5rem_minmax(0,1fr)] gap-2 text-xs text-soft">
              <span />
              <div className="relative h-4">
                {hours.map((hour, n) =>
                  n % every === 0 && n < hours.length - 1 ? (
                    <span
                      key={hour}
                      className="absolute"
                      style={{ left: `${(100 * (hour - from)) / (to - from)}%` }}
                    >
                      {clock(hour)}
                    </span>
                  ) : null,
                )}
              </div>
            </div>
            <Bars rows={line.hands} name="Your hands" look="hands" {...{ from, to, nameOf }} />
            <Bars rows={line.pans} name="Pan" look="pan" {...{ from, to, nameOf }} />
            <Bars rows={line.waiting} name="Waiting" look="waiting" {...{ from, to, nameOf }} />
          </div>
        ))}
      </div>
    </Section>
  );
};
