import {
  chemistryCautions,
  forbiddenMaterials,
  conditionIds,
  namesOfCondition,
  productCategories,
} from '@jubbet/core/catalog';
import {
  ageWords,
  capitalised,
  conditionWords,
  formatList,
  formatPercent,
} from '@jubbet/core/words';
import { table, text, type Chapter } from './chapter';

type Caution = (typeof chemistryCautions.cautions)[number];

/** For whom a caution by chemistry holds. */
const forWhom = ({ belowMonths, stages, conditions }: Caution): string =>
  formatList([
    ...(belowMonths === undefined ? [] : [`under ${ageWords(belowMonths)}`]),
    ...(stages.includes('pregnant') ? ['pregnancy'] : []),
    ...(stages.includes('breastfeeding') ? ['breastfeeding'] : []),
    ...conditions.map(conditionWords),
  ]);

/** What each verdict means, and when it is given. */
export const verdicts = (): Chapter => ({
  id: 'verdicts',
  title: 'What the verdict means',
  blocks: [
    text(
      'The verdict is the worst result of all checks. “Over” is judged on the likely drop size and typical composition; a caution starts at 90 % of a limit. Notes do not count.',
    ),
    table(
      'Verdicts',
      ['Check', 'Note', 'Caution', 'Over'],
      [
        [
          'Whole blend',
          'above what is recommended, for a healthy adult of any age',
          'the same for a child, in pregnancy, while breastfeeding, with damaged or sensitive skin, for anyone',
          'over the maximum',
        ],
        [
          'One oil, a constituent, phototoxic oils together',
          'only a large drop or a rich batch would be over it: measure your drop',
          'over 90 % of the limit; for estragole, methyl eugenol and safrole, the high end of their content too',
          'over the limit',
        ],
        [
          'Age, pregnancy, conditions, allergies',
          'not asked yet; for anyone: it goes on the label',
          'take care',
          'avoid: you can’t override this',
        ],
        [
          'Kind of product',
          'hot wax, flame, slippery, sets in the cold, thick',
          'fat in a bath, oil on water, water without a preservative',
          'undispersed oil in a bath; more drops than a bath takes',
        ],
        ['Age of the oil', 'no date known', 'past its date', 'past it, and oxidises easily'],
      ],
    ),
    text(
      'You can’t override anything that must never go on skin, any “avoid”, anything under three months, a place where nothing may go, or more than twice a limit. Any other “over” asks for a reason, which is saved with the batch.',
    ),
  ],
});

/** Cautions that follow what is in an oil. */
export const byChemistry = (): Chapter => ({
  id: 'chemistry-cautions',
  title: 'Cautions by chemistry',
  blocks: [
    text(
      'They apply to every oil whose composition is known, including your own and ready-made ones, on top of the cautions for the oil itself. Where it says “our careful reading”, the caution is published, but the threshold or age is ours.',
    ),
    table(
      'Constituents, and who they matter for',
      ['Constituents', 'From, in the oil', 'For', 'Where', 'Action', 'Basis'],
      chemistryCautions.cautions.map((caution) => [
        capitalised(formatList(caution.constituents)),
        formatPercent(caution.fromPercentOfOil),
        forWhom(caution),
        caution.where,
        caution.what,
        caution.basis,
      ]),
    ),
    table(
      'Medicines that are understood by name',
      ['Counts as', 'Medicines'],
      conditionIds.flatMap((id) => {
        const { medicines = [] } = namesOfCondition(id);
        return medicines.length > 0
          ? [[capitalised(conditionWords(id)), formatList(medicines)]]
          : [];
      }),
    ),
    table(
      'Limits by kind of product, in percent: for sale, for lips and for underarm',
      ['Constituent', 'Lips', 'Underarm', 'Perfume', 'Body'],
      Object.entries(productCategories.recalled).map(([name, figures]) => [
        capitalised(name),
        ...(['lips', 'underarm', 'perfume', 'body'] as const).map((kind) => {
          const figure = figures[kind] ?? figures.all;
          return figure === undefined ? '–' : formatPercent(figure, 3);
        }),
      ]),
    ),
    text(`Source: ${productCategories.source}. ${productCategories.note}`),
  ],
});

/** What must never go on skin. */
export const neverOnSkin = (): Chapter => ({
  id: 'never',
  title: 'Never on skin',
  blocks: [
    text('They can be found by any name, so that you can read why, and are never offered.'),
    table(
      'Materials that must never go on skin',
      ['Material', 'Plant', 'Why', 'Confidence'],
      forbiddenMaterials.map(({ name, botanical, why, confidence }) => [
        name,
        botanical,
        why,
        confidence,
      ]),
    ),
  ],
});
