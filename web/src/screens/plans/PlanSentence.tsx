import { mostInPlan, type Plan, type WeeklySpan } from '@jubbet/core/planning';
import {
  giftsWords,
  hoursWords,
  planMomentWords,
  weekdayWords,
  withWhatWords,
} from '@jubbet/core/words';
import { X } from 'lucide-react';
import { Button } from '../../ui/Button';
import { NumberUnder, SelectField, TextField } from '../../ui/Field';
import { Token } from '../../parts/Token';
import type { ChangePlan } from './usePlan';

interface Props {
  readonly plan: Plan;
  readonly change: ChangePlan;
}

const MomentToken = ({
  label,
  value,
  onMoment,
}: {
  label: string;
  value: string;
  onMoment: (moment: string) => void;
}) => (
  <Token label={label} text={planMomentWords(value)}>
    {() => (
      <TextField
        label={label}
        type="datetime-local"
        defaultValue={value}
        // A day that is only half typed is no day yet.
        onChange={({ target }) => target.value !== '' && onMoment(target.value.slice(0, 16))}
      />
    )}
  </Token>
);

const count = { least: 1, most: 100, whole: true };

const WithWhat = ({ plan, change }: Props) => (
  <Token label="With what" text={withWhatWords(plan)}>
    {() => (
      <div className="grid grid-cols-2 gap-3">
        <NumberUnder
          name="Pairs of hands"
          value={plan.hands}
          rule={count}
          onNumber={(hands) => change((now) => ({ ...now, hands }))}
        />
        <NumberUnder
          name="Pans"
          value={plan.pans}
          rule={count}
          onNumber={(pans) => change((now) => ({ ...now, pans }))}
        />
        <NumberUnder
          name="Fridges"
          value={plan.fridges}
          rule={count}
          onNumber={(fridges) => change((now) => ({ ...now, fridges }))}
        />
        <NumberUnder
          name="Largest jug"
          label="Largest jug"
          unit="ml"
          value={plan.largestJugMl}
          rule={{ least: 1, most: mostInPlan.jugMl }}
          onNumber={(largestJugMl) => change((now) => ({ ...now, largestJugMl }))}
        />
      </div>
    )}
  </Token>
);

const evening = { from: 18 * 60, to: 21 * 60 };
const daytime = { from: 10 * 60, to: 16 * 60 };
const on = (days: readonly number[], times: { from: number; to: number }): WeeklySpan[] =>
  days.map((day) => ({ day, ...times }));

/** Hours that many have, to begin with. */
const usual: readonly (readonly [string, WeeklySpan[] | null])[] = [
  ['Any time', null],
  ['Weekday evenings', on([0, 1, 2, 3, 4], evening)],
  ['Weekends', on([5, 6], daytime)],
  ['Evenings and weekends', [...on([0, 1, 2, 3, 4], evening), ...on([5, 6], daytime)]],
];

const timeOf = (minute: number): string =>
  minute === 1440
    ? '23:59'
    : `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;
const minuteOf = (time: string): number => 60 * Number(time.slice(0, 2)) + Number(time.slice(3, 5));

const days = ['0', '1', '2', '3', '4', '5', '6'] as const;

const Hours = ({ plan, change }: Props) => {
  const hours = plan.hours ?? [];
  const set = (next: WeeklySpan[]): void =>
    change((now) => ({ ...now, hours: next.length > 0 ? next : null }));
  const setSpan = (at: number, part: Partial<WeeklySpan>): void =>
    set(hours.map((span, n) => (n === at ? { ...span, ...part } : span)));
  return (
    <Token label="When" text={hoursWords(plan.hours)} end="." wide>
      {() => (
        <div className="grid gap-3">
          <div className="flex flex-wrap gap-2">
            {usual.map(([name, spans]) => (
              <Button key={name} onClick={() => change((now) => ({ ...now, hours: spans }))}>
                {name}
              </Button>
            ))}
          </div>
          <ul className="grid gap-2">
            {hours.map((span, n) => (
              <li key={n} className="flex flex-wrap items-end gap-2">
                <SelectField
                  label={`Day, line ${n + 1}`}
                  isLabelHidden
                  value={days[span.day] ?? '0'}
                  choices={days.map((day) => [day, weekdayWords(Number(day))] as const)}
                  onChoose={(day) => setSpan(n, { day: Number(day) })}
                />
                {(['from', 'to'] as const).map((end) => (
                  <input
                    key={end}
                    type="time"
                    aria-label={`${end === 'from' ? 'From' : 'To'}, line ${n + 1}`}
                    className="rounded-md border border-field bg-transparent px-2 py-1.5"
                    value={timeOf(span[end])}
                    onChange={({ target }) =>
                      target.value !== '' && setSpan(n, { [end]: minuteOf(target.value) })
                    }
                  />
                ))}
                <Button
                  look="quiet"
                  aria-label={`Remove line ${n + 1}`}
                  onClick={() => set(hours.filter((_, at) => at !== n))}
                >
                  <X aria-hidden size={16} />
                </Button>
              </li>
            ))}
          </ul>
          {hours.length < mostInPlan.spans && (
            <div>
              <Button onClick={() => set([...hours, { day: 5, ...daytime }])}>Add a time</Button>
            </div>
          )}
        </div>
      )}
    </Token>
  );
};

/** A plan in a sentence: how many, from when, by when, with what, and when hands may work. */
export const PlanSentence = ({ plan, change }: Props) => (
  <div className="font-serif text-xl leading-relaxed text-pretty print:text-lg">
    {giftsWords(plan.lines)}, from{' '}
    <MomentToken
      label="From"
      value={plan.from}
      onMoment={(from) => change((now) => ({ ...now, from }))}
    />{' '}
    to{' '}
    <MomentToken
      label="Ready by"
      value={plan.ready}
      onMoment={(ready) => change((now) => ({ ...now, ready }))}
    />
    , with <WithWhat plan={plan} change={change} />, <Hours plan={plan} change={change} />
  </div>
);
