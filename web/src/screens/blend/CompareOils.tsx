import type { OilForBrief } from '@jubbet/core/advice';
import { botanicalOf, looksOf, type Oil } from '@jubbet/core/catalog';
import { countedWords, formatNumber, formatPercent, maximumWords } from '@jubbet/core/words';
import { clsx } from 'clsx';
import { Button } from '../../ui/Button';
import { OilName } from '../../parts/OilName';
import { OilSwatch } from '../../parts/OilSwatch';
import { Cell, Row, RowHead, Table } from '../../ui/Table';
import { VerdictMark } from '../../parts/VerdictMark';

/** A few oils side by side; what differs is set in bold. */
export const CompareOils = ({
  oils,
  saidOf,
  leftOf,
  onClose,
}: {
  oils: readonly Oil[];
  saidOf: ReadonlyMap<string, OilForBrief>;
  leftOf: (oilId: string) => number | null;
  onClose: () => void;
}) => {
  const lines: readonly (readonly [string, (oil: Oil) => string])[] = [
    ['Plant', (oil) => botanicalOf(oil) || 'not known'],
    ['Note', ({ note }) => note],
    ['Family of smell', (oil) => looksOf(oil).family ?? 'not known'],
    ['Strength of smell', ({ odourStrength }) => `${odourStrength} of 5`],
    ['Dermal maximum', ({ dermalMaximum }) => maximumWords(dermalMaximum)],
    [
      'Phototoxic limit',
      ({ phototoxicLimitPercent: limit }) => (limit === null ? 'none' : formatPercent(limit)),
    ],
    ['Thickness', ({ viscosity }) => viscosity],
    ['Oxidises', ({ oxidation }) => `${oxidation} risk`],
    ['Keeps, once opened', ({ shelfYears }) => countedWords(shelfYears, 'year')],
    [
      'On the shelf',
      ({ id }) => {
        const left = leftOf(id);
        return left === null ? '–' : `${formatNumber(left)} ml`;
      },
    ],
  ];
  return (
    <div
      role="region"
      aria-label="Side by side"
      tabIndex={0}
      className="relative overflow-x-auto rounded-xl border border-line bg-sheet px-4 py-2"
    >
      <Table
        rows="figures"
        columns={[
          { name: <span className="sr-only">Property</span> },
          ...oils.map((oil) => ({
            name: (
              <span className="flex items-center gap-2 text-base text-ink">
                <OilSwatch oil={oil} />
                <OilName name={oil.name} />
              </span>
            ),
          })),
        ]}
      >
        <tbody>
          {lines.map(([name, value]) => {
            const values = oils.map(value);
            return (
              <Row key={name}>
                <RowHead className="text-soft">{name}</RowHead>
                {values.map((text, n) => (
                  <Cell
                    key={oils[n]?.id}
                    className={clsx(new Set(values).size > 1 && 'font-semibold')}
                  >
                    {text}
                  </Cell>
                ))}
              </Row>
            );
          })}
          <Row>
            <RowHead className="text-soft">For this person</RowHead>
            {oils.map(({ id }) => {
              const forBrief = saidOf.get(id);
              return (
                <Cell key={id}>
                  {forBrief?.verdict ? (
                    <VerdictMark
                      verdict={forBrief.verdict}
                      {...(forBrief.blocking ? { word: 'do not use' } : {})}
                    />
                  ) : (
                    '–'
                  )}
                </Cell>
              );
            })}
          </Row>
        </tbody>
      </Table>
      <Button look="quiet" onClick={onClose}>
        Close
      </Button>
    </div>
  );
};
