import { Notice } from '../../ui/Notice';
import type { Brief } from '@jubbet/core/brief';
import { allergenSource, namedAbove, nameIn } from '@jubbet/core/catalog';
import type { SaleFacts } from '@jubbet/core/label';
import { formatList, formatPercent, type SaleText, labelWords } from '@jubbet/core/words';
import { Button } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { useNotice } from '../../parts/notice';
import { Cell, Row, RowHead, Table } from '../../ui/Table';
import { Section } from '../../ui/Section';

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
  const doubted = facts.ingredients.filter(({ doubt }) => doubt !== '');
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
      <Notice tone="note" className="max-w-prose px-4! py-3!" data-testid="ingredients">
        {text}
      </Notice>
      <div>
        <Button onClick={() => void copy()}>Copy the list</Button>
      </div>
      {unnamed.length > 0 && (
        <p className="text-brick">
          {labelWords.stillMissingCopyTheirIngredients(formatList(unnamed))}
        </p>
      )}
      {doubted.length > 0 && (
        <div className="max-w-prose text-[15px]">
          <p>{labelWords.compareTheseNamesWithYour}</p>
          <ul className="list-disc pl-5">
            {doubted.map(({ name, doubt }) => (
              <li key={name}>
                <b>{name}</b>: {doubt}
              </li>
            ))}
          </ul>
        </div>
      )}
      {region !== 'us' && (
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
                {facts.allergens.map(({ label, percent, from, isDoubtful, note }) => (
                  <Row key={label}>
                    <RowHead>
                      {label}
                      {isDoubtful && (
                        <span className="block text-sm text-soft">
                          {labelWords.byCarefulReading(note)}
                        </span>
                      )}
                    </RowHead>
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
            {labelWords.allergensNamed(formatPercent(threshold, 2))} {allergenSource.source}:{' '}
            {allergenSource.note}{' '}
            {facts.unknown.length > 0 &&
              labelWords.chemistryNotKnown(formatList(facts.unknown.map(common)))}
          </p>
        </>
      )}
    </Section>
  );
};
