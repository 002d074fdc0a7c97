import { Bar, BarChart, Legend, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import type { Bars } from './chapter';

/** Recommended and maximum as bars; the table under it says the same in figures. */
export const DilutionChart = ({ chart: { bars } }: { chart: Bars }) => (
  <div aria-hidden style={{ height: 26 * bars.length + 64 }} className="print:hidden">
    <ResponsiveContainer width="100%" height="100%">
      <BarChart
        data={bars.map(({ name, recommended, maximum }) => ({
          name,
          recommended,
          'at most': maximum - recommended,
        }))}
        layout="vertical"
        margin={{ left: 8, right: 24 }}
        accessibilityLayer={false}
      >
        <XAxis
          type="number"
          unit=" %"
          domain={[0, 'dataMax']}
          tick={{ fill: 'var(--soft)', fontSize: 12 }}
          stroke="var(--line)"
        />
        <YAxis
          type="category"
          dataKey="name"
          width={168}
          tick={{ fill: 'var(--ink)', fontSize: 12 }}
          stroke="var(--line)"
        />
        <Tooltip
          cursor={{ fill: 'var(--slate-wash)' }}
          contentStyle={{ background: 'var(--sheet)', borderColor: 'var(--line)' }}
          formatter={(value, name, { payload }) => {
            const { recommended } = payload as { recommended: number };
            return `${name === 'at most' ? Number(value) + recommended : Number(value)} %`;
          }}
        />
        <Legend
          itemSorter={null}
          formatter={(value: string) => <span style={{ color: 'var(--ink)' }}>{value}</span>}
        />
        <Bar
          dataKey="recommended"
          stackId="strength"
          fill="var(--moss)"
          barSize={13}
          isAnimationActive={false}
        />
        <Bar
          dataKey="at most"
          stackId="strength"
          fill="var(--carrier)"
          stroke="var(--soft)"
          barSize={13}
          isAnimationActive={false}
        />
      </BarChart>
    </ResponsiveContainer>
  </div>
);
