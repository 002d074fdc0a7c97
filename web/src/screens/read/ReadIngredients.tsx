import { nameIn } from '@jubbet/core/catalog';
import type { SpoonCountry } from '@jubbet/core/quantity';
import { usualFor, type ReadIngredient, type ReadRecipe } from '@jubbet/core/reading';
import { writtenAmountWords, readWords } from '@jubbet/core/words';
import { Choices } from '../../ui/Choices';
import { SelectField } from '../../ui/Field';
import { useCatalog } from '../../parts/catalog';
import { Cell, Row, RowHead, Table } from '../../ui/Table';
import { Section } from '../../ui/Section';

/** No material has this id. */
const leftOut = '';

const countries: readonly (readonly [SpoonCountry, string])[] = [
  ['us', 'United States'],
  ['metric', 'metric'],
  ['imperial', 'imperial'],
  ['australian', 'Australian'],
];

/** How sure it is, by shape and word. */
const Sureness = ({ one, isChosen }: { one: ReadIngredient; isChosen: boolean }) => {
  const what = isChosen
    ? (['●', 'your choice', 'text-moss'] as const)
    : one.candidates.length === 0
      ? (['■', 'not known', 'text-brick'] as const)
      : one.amountReadings.length > 0
        ? (['▲', 'two readings', 'text-amber'] as const)
        : one.isAlternative
          ? (['▲', 'in place of another', 'text-amber'] as const)
          : one.candidates.length > 1
            ? (['▲', 'may be several', 'text-amber'] as const)
            : one.isMisspelt || one.isUnitGuessed
              ? ([
                  '▲',
                  one.isMisspelt ? 'spelling guessed' : 'taken as drops',
                  'text-amber',
                ] as const)
              : (['●', 'as written', 'text-moss'] as const);
  return (
    <span className={what[2]}>
      {what[0]} {what[1]}
    </span>
  );
};

const spoons = new Set<string>(['tbsp', 'tsp', 'cup', 'fl oz']);

/** What it is made of, as it was understood; each guess with its alternatives. */
export const ReadIngredients = ({
  read: { ingredients },
  materials,
  onChoose,
  amounts,
  onAmount,
  ounce,
  onOunce,
  country,
  onCountry,
}: {
  read: ReadRecipe;
  materials: Readonly<Record<number, string | null>>;
  onChoose: (n: number, id: string | null) => void;
  /** The reading that was chosen of an amount that has two. */
  amounts: Readonly<Record<number, string>>;
  onAmount: (n: number, typed: string) => void;
  /** Null where no ounce is in doubt. */
  ounce: 'volume' | 'weight' | null;
  onOunce: (ounce: 'volume' | 'weight') => void;
  country: SpoonCountry;
  onCountry: (country: SpoonCountry) => void;
}) => {
  const catalog = useCatalog();
  const hasSpoons = ingredients.some(({ amount }) => amount && spoons.has(amount.unit));
  return (
    <Section heading="h3" title="What goes in">
      <Table
        cards
        columns={[
          { name: 'As written' },
          { name: 'Understood as' },
          { name: 'Amount', right: true },
          { name: 'How sure' },
        ]}
      >
        <tbody>
          {ingredients.map((ingredient, n) => {
            const [first] = ingredient.candidates;
            const chosen = materials[n] === undefined ? usualFor(ingredient) : materials[n];
            return (
              // Two lines may say the same.
              <Row key={n}>
                <RowHead>{ingredient.text}</RowHead>
                <Cell under="Understood as">
                  {first === undefined ? (
                    'not understood'
                  ) : (
                    <SelectField
                      label={`What “${ingredient.text}” is`}
                      isLabelHidden
                      value={chosen ?? leftOut}
                      choices={[
                        ...ingredient.candidates.map((id) => [id, nameIn(catalog, id)] as const),
                        [leftOut, 'leave it out'] as const,
                      ]}
                      onChoose={(id) => onChoose(n, id === leftOut ? null : id)}
                    />
                  )}
                </Cell>
                <Cell right under="Amount">
                  {ingredient.amountReadings.length > 0 ? (
                    <SelectField
                      label={`How much “${ingredient.text}” is`}
                      isLabelHidden
                      value={amounts[n] ?? ''}
                      choices={[
                        ...(amounts[n] === undefined ? [['', 'which?'] as const] : []),
                        ...ingredient.amountReadings.map((typed) => [typed, typed] as const),
                      ]}
                      onChoose={(typed) => onAmount(n, typed)}
                    />
                  ) : ingredient.amount ? (
                    writtenAmountWords(ingredient.amount)
                  ) : ingredient.isFill ? (
                    'fills the rest'
                  ) : (
                    'none'
                  )}
                </Cell>
                <Cell under="How sure">
                  <Sureness one={ingredient} isChosen={materials[n] !== undefined} />
                </Cell>
              </Row>
            );
          })}
        </tbody>
      </Table>
      <div className="flex flex-wrap gap-x-8 gap-y-3">
        {ounce !== null && (
          <Choices
            legend={readWords.ouncesOfWhatPoursAre}
            name="ounce"
            value={ounce}
            choices={[
              { value: 'volume', text: 'fluid ounces, 30 ml each' },
              { value: 'weight', text: 'ounces of weight, 28 g each' },
            ]}
            onChoose={onOunce}
          />
        )}
        {hasSpoons && (
          <SelectField
            label={readWords.whoseSpoonsAndCups}
            value={country}
            choices={countries}
            onChoose={onCountry}
          />
        )}
      </div>
    </Section>
  );
};
