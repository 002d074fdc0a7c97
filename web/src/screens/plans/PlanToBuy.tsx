import { nameIn } from '@jubbet/core/catalog';
import type { PlanReport } from '@jubbet/core/exchange';
import { type Plan, withContainer } from '@jubbet/core/planning';
import {
  formatG,
  formatList,
  formatMl,
  moneyWords,
  nameInSentence,
  planMessageWords,
} from '@jubbet/core/words';
import { FoldButton } from '../../parts/Fold';
import { useCatalog } from '../../parts/catalog';
import { NumberField } from '../../ui/NumberField';
import { Section } from '../../ui/Section';
import { Cell, Row, RowHead, Table } from '../../ui/Table';
import { useState } from 'react';
import type { ChangePlan } from './usePlan';

const amountWords = (of: { readonly ml: number } | { readonly g: number }): string =>
  'ml' in of ? formatMl(of.ml, 3) : formatG(of.g, 3);

/** What has to be bought, and what it costs. */
const ToBuy = ({
  report,
  containerNames,
  currency,
}: {
  report: PlanReport;
  containerNames: ReadonlyMap<string, string>;
  currency: string;
}) => {
  const catalog = useCatalog();
  const bought = report.materials.filter(({ buy }) => buy.length > 0);
  const packs = report.containers.filter(({ packs: count }) => count > 0);
  const money = (price: number | null) => (price === null ? '–' : moneyWords(price, currency));
  if (bought.length + packs.length === 0)
    return <p>{planMessageWords({ code: 'nothing-to-buy' })}</p>;
  return (
    <Table
      rows="figures"
      columns={[
        { name: 'What' },
        { name: 'How many', right: true },
        { name: 'Price', right: true },
      ]}
    >
      <tbody>
        {bought.flatMap(({ id, buy }) =>
          buy.map((size, n) => (
            <Row key={`${id} ${n}`}>
              <RowHead>
                {nameIn(catalog, id)}, {amountWords(size)}
              </RowHead>
              <Cell right>{size.count}</Cell>
              <Cell right>{money(size.price === null ? null : size.count * size.price)}</Cell>
            </Row>
          )),
        )}
        {packs.map(({ id, packs: count, need, have, price }) => (
          <Row key={id}>
            <RowHead>
              {containerNames.get(id) ?? id}
              <span className="block text-xs text-soft">
                {need} needed, {have} here
              </span>
            </RowHead>
            <Cell right>{count}</Cell>
            <Cell right>{money(price)}</Cell>
          </Row>
        ))}
      </tbody>
    </Table>
  );
};

const whole = { least: 0, most: 100_000, whole: true };

/** How many containers are here, and how more are sold. */
const Containers = ({
  plan,
  change,
  containerNames,
}: {
  plan: Plan;
  change: ChangePlan;
  containerNames: ReadonlyMap<string, string>;
}) => (
  <Table
    rows="fields"
    columns={[
      { name: 'Container' },
      { name: 'Here', right: true },
      { name: 'In a pack', right: true },
      { name: 'Price of a pack', right: true },
    ]}
  >
    <tbody>
      {[...containerNames].map(([id, name]) => {
        const none = { id, have: 0, pack: 1, price: null };
        const row = plan.containers.find((entry) => entry.id === id) ?? none;
        const set = (part: Partial<typeof row>) =>
          change((now) =>
            withContainer(now, {
              ...(now.containers.find((entry) => entry.id === id) ?? none),
              ...part,
            }),
          );
        return (
          <Row key={id}>
            <RowHead>{name}</RowHead>
            <Cell right>
              <NumberField
                label={`${name}: how many are here`}
                framed
                className="w-14"
                value={row.have}
                rule={whole}
                onNumber={(have) => set({ have })}
              />
            </Cell>
            <Cell right>
              <NumberField
                label={`${name}: how many in a pack`}
                framed
                className="w-14"
                value={row.pack}
                rule={{ ...whole, least: 1 }}
                onNumber={(pack) => set({ pack })}
              />
            </Cell>
            <Cell right>
              <NumberField
                label={`${name}: price of a pack`}
                framed
                className="w-16"
                value={row.price}
                rule={{ least: 0, most: 1_000_000 }}
                onNumber={(price) => set({ price })}
                onEmpty={() => set({ price: null })}
              />
            </Cell>
          </Row>
        );
      })}
    </tbody>
  </Table>
);

/** From which bottles of the shelf it is taken: `Lavender: 1.1 ml of bottle LV-118 and 0.9 ml of bottle LV-130`. */
const FromShelf = ({ report }: { report: PlanReport }) => {
  const catalog = useCatalog();
  const taken = report.materials.filter(({ fromShelf }) => fromShelf.length > 0);
  if (taken.length === 0) return null;
  return (
    <p className="text-sm text-soft">
      From your shelf:{' '}
      {taken
        .map(
          ({ id, fromShelf }) =>
            `${nameInSentence(catalog, id)} ${formatList(
              fromShelf.map((part) => `${amountWords(part)} of bottle ${part.bottle}`),
            )}`,
        )
        .join('; ')}
      .
    </p>
  );
};

/** What a plan needs: to buy, from the shelf, and in which containers. */
export const PlanToBuy = ({
  plan,
  change,
  report,
  containerNames,
  currency,
}: {
  plan: Plan;
  change: ChangePlan;
  report: PlanReport;
  /** Containers of the plan, by their id. */
  containerNames: ReadonlyMap<string, string>;
  currency: string;
}) => {
  const [isOpen, setOpen] = useState(false);
  const { buy } = report.cost;
  return (
    <Section title={buy === null ? 'To buy' : `To buy, ${moneyWords(buy, currency)}`}>
      <ToBuy report={report} containerNames={containerNames} currency={currency} />
      <FromShelf report={report} />
      {report.problems
        .filter(({ code }) => code !== 'over-limit' && code !== 'too-late')
        .map(({ text }) => (
          <p key={text} className="text-sm text-soft">
            {text}
          </p>
        ))}
      <div className="print:hidden">
        <FoldButton isOpen={isOpen} onToggle={() => setOpen(!isOpen)}>
          Containers you have
        </FoldButton>
        {isOpen && <Containers plan={plan} change={change} containerNames={containerNames} />}
      </div>
    </Section>
  );
};
