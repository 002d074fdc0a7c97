import {
  chemistryCautions,
  forbiddenMaterials,
  medicines,
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
      'The verdict is the worst of all checks. “Over” is judged on the likely drop and typical content; a caution begins at nine tenths of a limit. Notes count for nothing in it.',
    ),
    table(
      'Verdicts',
      ['Check', 'Note', 'Caution', 'Over'],
      [
        [
          'Whole blend',
          'above what is recommended, for a healthy adult of any age',
          'the same for a child, in pregnancy, while breastfeeding, with damaged or sensitive skin, for anyone',
          'past the maximum',
        ],
        [
          'One oil, a constituent, phototoxic oils together',
          'only a large drop or a rich batch would pass it: measure your drop',
          'past nine tenths of the limit; for estragole, methyl eugenol and safrole the high end too',
          'past the limit',
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
          'fat in a bath, water without a preservative',
          'oil in a bath that nothing disperses; more drops than a tub takes',
        ],
        ['Age of the oil', 'no date known', 'past its date', 'past it, and it oxidises easily'],
      ],
    ),
    text(
      'You can’t override: what must never go on skin, any “avoid”, anything under three months, a place for nothing, and more than twice a limit. Any other “over” asks for a reason in words, which stays with the batch.',
    ),
  ],
});

/** Cautions that follow what is in an oil. */
export const byChemistry = (): Chapter => ({
  id: 'chemistry-cautions',
  title: 'Cautions by chemistry',
  blocks: [
    text(
      'They hold for every oil with a composition, your own and ready-made ones too, and add to what is said of an oil by its name. Where it says “our careful reading” the caution is published and the threshold or the age is ours.',
    ),
    table(
      'What is in it, and for whom that matters',
      ['Constituents', 'From, of the oil', 'For', 'Where', 'So', 'Basis'],
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
      Object.entries(medicines.medicines).map(([condition, names]) => [
        capitalised(conditionWords(condition)),
        formatList(names),
      ]),
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
    text('They are found by every name, so that the reason can be told, and are never offered.'),
    table(
      'Materials that must never go on skin',
      ['Material', 'Plant', 'Why', 'Sure'],
      forbiddenMaterials.map(({ name, botanical, why, confidence }) => [
        name,
        botanical,
        why,
        confidence,
      ]),
    ),
  ],
});
