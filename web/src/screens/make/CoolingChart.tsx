import { reachedAt, type Cooling, type Reading } from '@jubbet/core/making';
import { degreeSign, degreesShown, type Units } from '@jubbet/core/words';
import {
  Area,
  ComposedChart,
  ReferenceArea,
  ResponsiveContainer,
  Scatter,
  XAxis,
  YAxis,
} from 'recharts';

/** The curve is drawn a little beyond the moment at which it is cool enough, in minutes. */
const beyond = 5;
const points = 24;

/** Readings, the curve through them with its band, and the warmth that is aimed at. */
export const CoolingChart = ({
  readings,
  cooling,
  toC,
  units,
}: {
  readings: readonly Reading[];
  cooling: Cooling | null;
  toC: readonly [number, number];
  units: Units;
}) => {
  const last = readings[readings.length - 1]?.minutes ?? 0;
  const until = Math.max(last + beyond, ((cooling && reachedAt(cooling, toC[0])) ?? last) + beyond);
  const shown = (celsius: number): number => degreesShown(Math.round(10 * celsius) / 10, units);
  const curve = cooling
    ? Array.from({ length: points + 1 }, (_, n) => {
        const minutes = (until * n) / points;
        const celsius = cooling.at(minutes);
        // Without a third reading no one knows how far off it is: one degree at the least.
        const band = Math.max(1, 2 * cooling.spreadC);
        return { minutes, band: [shown(celsius - band), shown(celsius + band)] };
      })
    : [];
  return (
    <div aria-hidden className="h-40 forced-color-adjust-none">
      <ResponsiveContainer width="100%" height="100%">
        <ComposedChart
          accessibilityLayer={false}
          data={curve}
          margin={{ left: -18, right: 8, top: 6, bottom: 0 }}
        >
          <XAxis
            type="number"
            dataKey="minutes"
            domain={[0, Math.ceil(until)]}
            allowDataOverflow
            unit=" min"
            tick={{ fill: 'var(--night-soft)', fontSize: 11 }}
            stroke="var(--night-line)"
          />
          <YAxis
            type="number"
            domain={['auto', 'auto']}
            unit={degreeSign(units)}
            width={66}
            tick={{ fill: 'var(--night-soft)', fontSize: 11 }}
            stroke="var(--night-line)"
          />
          <ReferenceArea
            y1={shown(toC[0])}
            y2={shown(toC[1])}
            fill="var(--night-moss)"
            fillOpacity={0.3}
            ifOverflow="extendDomain"
          />
          <Area
            dataKey="band"
            stroke="var(--lamp)"
            fill="var(--lamp)"
            fillOpacity={0.35}
            isAnimationActive={false}
          />
          <Scatter
            data={readings.map(({ minutes, celsius }) => ({ minutes, celsius: shown(celsius) }))}
            dataKey="celsius"
            fill="var(--night-ink)"
            isAnimationActive={false}
          />
        </ComposedChart>
      </ResponsiveContainer>
    </div>
  );
};
