import { constituentLimits, type Content } from '@jubbet/core/catalog';
import { formatNumber, formatPercent } from '@jubbet/core/words';
import { Bar, BarChart, ErrorBar, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { Cell, Row, RowHead, Table } from '../../ui/Table';

const shownInChart = 8;

const capOf = (name: string) => constituentLimits.find(({ members }) => members.includes(name));

/** What an oil holds: a chart of the most, and all of it as a table. */
export const Chemistry = ({ contents }: { contents: readonly Content[] }) => {
  const sorted = [...contents].sort((a, b) => b[2] - a[2]);
  const bars = sorted.slice(0, shownInChart).map(([name, low, typical, high]) => ({
    name,
    typical,
    spread: [typical - low, high - typical],
  }));
  return (
    <div className="grid gap-3 md:grid-cols-2">
      <div aria-hidden style={{ height: 30 * bars.length + 30 }}>
        <ResponsiveContainer width="100%" height="100%">
          <BarChart
            data={bars}
            layout="vertical"
            margin={{ left: 8, right: 16 }}
            accessibilityLayer={false}
          >
            <XAxis
              type="number"
              unit=" %"
              tick={{ fill: 'var(--soft)', fontSize: 12 }}
              stroke="var(--line)"
            />
            <YAxis
              type="category"
              dataKey="name"
              width={130}
              tick={{ fill: 'var(--ink)', fontSize: 12 }}
              stroke="var(--line)"
            />
            <Bar dataKey="typical" fill="var(--press)" barSize={12} isAnimationActive={false}>
              <ErrorBar dataKey="spread" direction="x" width={5} stroke="var(--soft)" />
            </Bar>
          </BarChart>
        </ResponsiveContainer>
      </div>
      <div
        className="max-h-72 overflow-y-auto"
        tabIndex={0}
        role="region"
        aria-label="All constituents"
      >
        <Table
          rows="figures"
          columns={[
            { name: 'Constituent' },
            { name: 'typical', right: true },
            { name: 'low to high', right: true },
          ]}
        >
          <tbody>
            {sorted.map(([name, low, typical, high]) => {
              const cap = capOf(name);
              return (
                <Row key={name}>
                  <RowHead>
                    {name}
                    {cap && (
                      <span className="block text-xs text-amber">
                        combined limit{cap.members.length > 1 ? ` (${cap.id})` : ''}:{' '}
                        {formatPercent(cap.percent)} of the blend
                      </span>
                    )}
                  </RowHead>
                  <Cell right>{formatPercent(typical, 3)}</Cell>
                  <Cell right className="text-soft">
                    {formatNumber(low, 3)} to {formatPercent(high, 3)}
                  </Cell>
                </Row>
              );
            })}
          </tbody>
        </Table>
      </div>
    </div>
  );
};
