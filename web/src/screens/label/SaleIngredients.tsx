import { nameIn } from '@jubbet/core/catalog';
import type { Brief } from '@jubbet/core/brief';
import { namedAbove, type SaleFacts } from '@jubbet/core/label';
import { formatList, formatPercent, type SaleText } from '@jubbet/core/words';
import { Button } from '../../parts/Button';
import { useCatalog } from '../../parts/catalog';
import { useNotice } from '../../parts/notice';
import { Cell, Row, RowHead, Table } from '../../parts/Table';
import { Section } from '../../parts/Section';

/** The list of ingredients as it is on a pack, and what is wanting in it. */
export const SaleIngredients = ({
  facts,
  sale: { region, ingredients: text, unnamed },
  use,
}: {
  facts: SaleFacts;
  sale: SaleText;
  use: Brief['use'];
}) => {
  const catalog = useCatalog();
  const tell = useNotice();
  const common = (id: string): string => nameIn(catalog, id);
  const derived = facts.ingredients.filter(({ isDerived }) => isDerived);
  const threshold = use === 'rinse-off' ? namedAbove.rinseOff : namedAbove.leaveOn;
  const copy = async (): Promise<void> => {
    try {
      await navigator.clipboard.writeText(text);
      tell({ text: 'The list is copied.' });
    } catch {
      tell({ text: 'The browser did not allow copying. Select the text instead.', alarm: true });
    }
  };
  return (
    <Section title="Ingredients">
      <p className="max-w-prose rounded-lg bg-slate-wash px-4 py-3" data-testid="ingredients">
        {text}
      </p>
      <div>
        <Button onClick={() => void copy()}>Copy the list</Button>
      </div>
      {unnamed.length > 0 && (
        <p className="text-brick">
          ■ Not in it, as their INCI name is not known: {formatList(unnamed)}.
        </p>
      )}
      {derived.length > 0 && (
        <p className="max-w-prose text-[15px]">
          ▲ Built from genus and species. Compare with your supplier’s papers, which also name the
          part of the plant: {formatList(derived.map(({ inci }) => inci ?? ''))}.
        </p>
      )}
      {region === 'eu' && (
        <>
          {facts.allergens.length > 0 && (
            <Table
              cards
              columns={[
                { name: 'Allergen to be named' },
                { name: 'Usually', right: true },
                { name: 'At most', right: true },
                { name: 'From' },
              ]}
            >
              <tbody>
                {facts.allergens.map(({ inci, percent, from }) => (
                  <Row key={inci}>
                    <RowHead>{inci}</RowHead>
                    <Cell right under="Usually">
                      {formatPercent(percent.likely, 2)}
                    </Cell>
                    <Cell right under="At most">
                      {formatPercent(percent.high, 2)}
                    </Cell>
                    <Cell under="From">{formatList(from.map(common))}</Cell>
                  </Row>
                ))}
              </tbody>
            </Table>
          )}
          <p className="max-w-prose text-sm text-soft">
            Allergens are listed where they may be above {formatPercent(threshold, 2)} at the most
            that the oils usually contain. The list covers those of 2003 that occur in essential
            oils. Since 31 July 2026 new products in the EU must name about 80; the rest are not in
            Jubbet: take them from your supplier’s allergen statements.
            {facts.unknown.length > 0 &&
              ` The chemistry of ${formatList(facts.unknown.map(common))} is not known well enough, so its allergens are missing here.`}
          </p>
        </>
      )}
    </Section>
  );
};
