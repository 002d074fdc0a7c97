import { Panel } from '../../ui/Panel';
import { Bar, BarChart, ReferenceLine, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import { useId } from 'react';

/** One thing that is compared, with its figure in each version. */
export interface OverlayRow {
  readonly name: string;
  readonly values: readonly (number | null)[];
}

/** Versions are told apart by shade and by pattern: full, outlined, striped, dotted. */
const Patterns = ({ id }: { id: string }) => (
  <defs>
    <pattern id={`${id}-2`} width="6" height="6" patternUnits="userSpaceOnUse">
      <rect width="6" height="6" fill="var(--sheet)" />
      <path d="M-1 7 7 -1M-1 1 1 -1M5 7 7 5" stroke="var(--press)" strokeWidth="2" />
    </pattern>
    <pattern id={`${id}-3`} width="6" height="6" patternUnits="userSpaceOnUse">
      <rect width="6" height="6" fill="var(--sheet)" />
      <circle cx="3" cy="3" r="1.6" fill="var(--press)" />
    </pattern>
  </defs>
);

const fillOf = (id: string, n: number): string =>
  ['var(--press)', 'var(--sheet)', `url(#${id}-2)`, `url(#${id}-3)`][n] ?? 'var(--press)';

/** Which bar is which version, once for all charts beside each other. */
export const OverlayLegend = ({ versions }: { versions: readonly string[] }) => {
  const id = useId();
  return (
    <ul aria-hidden className="flex flex-wrap gap-x-5 gap-y-1 px-1">
      {versions.map((version, n) => (
        <li key={version} className="flex items-center gap-2">
          <svg width="28" height="14" className="forced-color-adjust-none">
            <Patterns id={id} />
            <rect x="1" y="1" width="26" height="12" fill={fillOf(id, n)} stroke="var(--press)" />
          </svg>
          {version}
        </li>
      ))}
    </ul>
  );
};

/** Figures of several versions as bars beside each other; the table above says the same. */
export const OverlayChart = ({
  title,
  rows,
  versions,
  unit,
  mark = null,
}: {
  title: string;
  rows: readonly OverlayRow[];
  versions: readonly string[];
  unit: string;
  /** A value that is marked across all bars, with what it is called. */
  mark?: { readonly at: number; readonly name: string } | null;
}) => {
  const id = useId();
  return (
    <Panel aria-label={title} className="px-4 py-3">
      <h2 className="text-lg">{title}</h2>
      <div
        aria-hidden
        className="forced-color-adjust-none"
        style={{ height: rows.length * (14 * versions.length + 14) + 48 }}
      >
        <ResponsiveContainer width="100%" height="100%">
          <BarChart
            layout="vertical"
            data={rows.map(({ name, values }) => ({
              name,
              ...Object.fromEntries(values.entries()),
            }))}
            margin={{ left: 4, right: 28, top: mark ? 16 : 4 }}
            barGap={1}
            accessibilityLayer={false}
          >
            <Patterns id={id} />
            <XAxis
              type="number"
              unit={` ${unit}`}
              allowDecimals={unit !== 'drops'}
              domain={[0, 'auto']}
              tick={{ fill: 'var(--soft)', fontSize: 12 }}
              stroke="var(--line)"
            />
            <YAxis
              type="category"
              dataKey="name"
              width={150}
              interval={0}
              tick={{ fill: 'var(--ink)', fontSize: 12 }}
              stroke="var(--line)"
            />
            <Tooltip
              cursor={{ fill: 'var(--slate-wash)' }}
              contentStyle={{ background: 'var(--sheet)', borderColor: 'var(--line)' }}
              formatter={(value) => `${Math.round(10 * Number(value)) / 10} ${unit}`}
            />
            {versions.map((version, n) => (
              <Bar
                key={version}
                dataKey={String(n)}
                name={version}
                fill={fillOf(id, n)}
                stroke="var(--press)"
                barSize={12}
                isAnimationActive={false}
              />
            ))}
            {mark && (
              <ReferenceLine
                x={mark.at}
                ifOverflow="extendDomain"
                stroke="var(--ink)"
                strokeWidth={2}
                label={{ value: mark.name, position: 'top', fill: 'var(--ink)', fontSize: 12 }}
              />
            )}
          </BarChart>
        </ResponsiveContainer>
      </div>
    </Panel>
  );
};
