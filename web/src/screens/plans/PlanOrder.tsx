import type { PlanReport } from '@jubbet/core/exchange';
import { planDayWords, planMomentWords } from '@jubbet/core/words';
import { Section } from '../../ui/Section';
import { dayOf, stretchesOf, type Stretch } from './stretches';

const Line = ({
  stretch: { batch, start, end, kind, what },
  nameOf,
}: {
  stretch: Stretch;
  nameOf: (batch: string) => string;
}) => (
  <li className="grid grid-cols-[4.5rem_minmax(0,1fr)] gap-2 border-b border-line py-1.5">
    <span className="text-soft">{start.slice(11)}</span>
    <span>
      <b>{nameOf(batch)}</b>{' '}
      {kind === 'hands' ? (
        what.join('; ')
      ) : (
        <span className="text-soft">
          waits: {what.join('; ')}, until{' '}
          {dayOf(start) === dayOf(end) ? end.slice(11) : planMomentWords(end)}
        </span>
      )}
    </span>
  </li>
);

/** All that is done, in its order, day by day. */
export const PlanOrder = ({
  report,
  nameOf,
}: {
  report: PlanReport;
  nameOf: (batch: string) => string;
}) => {
  const stretches = stretchesOf(report.tasks);
  const days = [...new Set(stretches.map(({ start }) => dayOf(start)))];
  return (
    <Section title="In order">
      {days.map((day) => (
        <section key={day} aria-label={planDayWords(day)}>
          <h3 className="text-base">{planDayWords(day)}</h3>
          <ol>
            {stretches
              .filter(({ start }) => dayOf(start) === day)
              .map((stretch) => (
                <Line
                  key={`${stretch.batch} ${stretch.start} ${stretch.kind}`}
                  stretch={stretch}
                  nameOf={nameOf}
                />
              ))}
          </ol>
        </section>
      ))}
    </Section>
  );
};
