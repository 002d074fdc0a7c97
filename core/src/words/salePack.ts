import { nameIn, type Catalog, type Region } from '../catalog';
import type { Label, SaleFacts, SaleQuestion } from '../label';
import { dayWords } from './days';
import { formatList, formatPercent } from './numbers';
import { massWords, volumeWords, type Units } from './units';
import { nameInSentence } from './inSentence';

/** How a product is sold. */
export interface SaleChoices {
  readonly region: Region;
  /** Who answers for it, with an address; empty where no one was named. */
  readonly responsible: string;
  /** There are records that show that it is safe. */
  readonly isShownSafe: boolean;
  /** It is sold in a box, which bears the ingredients: the container need not. */
  readonly isBoxed: boolean;
  readonly units: Units;
}

/** What the law of goods adds to a label, in words. */
export interface SaleText {
  readonly region: Region;
  /** What is in it at the time of packing, in the measures of the region. */
  readonly content: string;
  /** The region asks for no content on so small a container. */
  readonly isSmall: boolean;
  readonly responsible: string;
  /** `Ingredients: …`, in the names of the law. */
  readonly ingredients: string;
  /** They are on the box, and not on the container. */
  readonly isBoxed: boolean;
  readonly storage: string;
  readonly warnings: readonly string[];
  /** Materials whose INCI name is not known: the list is incomplete without them. */
  readonly unnamed: readonly string[];
  /** Materials of which the allergens are not known. */
  readonly unknown: readonly string[];
}

/** The names that are on a pack, in falling order of weight, with the allergens behind them. */
export const packNames = (facts: SaleFacts): readonly string[] => [
  ...new Set([
    ...facts.ingredients.map(({ name }) => name),
    ...facts.allergens.map(({ label }) => label),
  ]),
];

/** `Ingredients: …, Linalool. Allergens of cypriol are not known.` */
const ingredientLine = (catalog: Catalog, facts: SaleFacts, region: Region): string => {
  const unknown = facts.unknown.map((id) => nameInSentence(catalog, id));
  return `Ingredients: ${packNames(facts).join(', ')}.${
    region !== 'us' && unknown.length > 0
      ? ` Allergens of ${formatList(unknown)} are not known.`
      : ''
  }`;
};

/** Below this no content need be stated in the EU, in ml and in g. */
const smallest = 5;

/** What the law wants on a container that is sold, of what is in it. */
export const saleText = (
  catalog: Catalog,
  { by, ml, g }: Label,
  facts: SaleFacts,
  { region, responsible, isShownSafe, isBoxed, units }: SaleChoices,
): SaleText => {
  const measures: Units = { ...units, ounces: region === 'us' ? 'us' : null };
  return {
    region,
    content: by === 'weight' ? massWords(g, measures) : volumeWords(ml, measures),
    isSmall: region !== 'us' && ml < smallest && g < smallest,
    responsible: responsible.trim(),
    ingredients: ingredientLine(catalog, facts, region),
    isBoxed,
    storage: 'Keep cool, dark and tightly closed.',
    warnings:
      region === 'us' && !isShownSafe
        ? ['Warning: The safety of this product has not been determined.']
        : [],
    unnamed: facts.unnamed.map((id) => nameIn(catalog, id)),
    unknown: region === 'us' ? [] : facts.unknown.map((id) => nameIn(catalog, id)),
  };
};

/** Where the one who answers for it is. */
const responsibleIn = {
  eu: 'in the EU',
  ni: 'in Northern Ireland or the EU',
  gb: 'in the United Kingdom',
  us: '',
} as const;

/** Something that must be on the pack, and what this one has to say; null where that is wanting. */
export interface PackRow {
  readonly what: string;
  readonly says: string | null;
}

/** What must be on a pack that is sold, with what its label says. */
export const packRows = (
  { purpose, bestBefore, batch }: Pick<Label, 'purpose' | 'bestBefore' | 'batch'>,
  sale: SaleText,
): readonly PackRow[] => {
  const inEu = sale.region !== 'us';
  return [
    {
      what: inEu
        ? `Responsible person, with an address ${responsibleIn[sale.region]}`
        : 'Name and place of business, and where harm is reported',
      says: sale.responsible || null,
    },
    { what: 'What it is', says: purpose.trim() || null },
    {
      what: inEu ? 'Content' : 'Net contents, in both measures',
      says: sale.isSmall ? `${sale.content}; not needed under 5 ml or 5 g` : sale.content,
    },
    {
      what: inEu ? 'Best before (it keeps for less than 30 months)' : 'Date (not required by law)',
      says: dayWords(bestBefore.date),
    },
    { what: 'How to store it', says: sale.storage },
    { what: 'Batch', says: batch || null },
    {
      what: 'Ingredients',
      says: sale.unnamed.length > 0 ? null : sale.isBoxed ? 'as below, on the box' : 'as below',
    },
    ...(inEu
      ? [
          {
            what: 'Allergens of the scent',
            says:
              sale.unknown.length > 0
                ? null
                : `${sale.region === 'gb' ? 'the 24 of 2003' : 'of the 80 since 31 July 2026'}, behind the ingredients`,
          },
        ]
      : []),
    { what: 'Precautions', says: 'as on the label' },
    ...(inEu
      ? []
      : [
          {
            what: 'If its safety was not shown',
            says: sale.warnings[0] ?? 'shown, so not needed',
          },
        ]),
  ];
};

const inEurope = (portal: string): readonly string[] => [
  'a product safety report by a qualified assessor, before anything is sold',
  'a product information file, kept for ten years after the last batch',
  `the notification: ${portal}`,
  'good manufacturing practice, as ISO 22716 describes it',
  'the language of the country in which it is sold, and where it comes from if it is imported',
  'serious harm is reported to the authority at once',
  'insurance for what is sold',
];

/** What the law wants and no program can do. */
export const notByJubbet: Readonly<Record<Region, readonly string[]>> = {
  eu: inEurope('the EU portal (CPNP)'),
  ni: inEurope('the EU portal (CPNP): Northern Ireland follows the EU'),
  gb: inEurope('the portal of Great Britain (SCPN), with a responsible person there'),
  us: [
    'registering where it is made, and listing the product, where the law of 2022 asks you to',
    'records that show that it is safe',
    'reports of harm, kept, and the serious ones passed on within 15 business days',
    'insurance for what is sold',
  ],
};

const askInEurope =
  'Ask the authority for cosmetics of your country, or the trading standards office of your council.';

/** Who knows. */
export const whoKnows: Readonly<Record<Region, string>> = {
  eu: askInEurope,
  ni: askInEurope,
  gb: askInEurope,
  us: 'Ask the FDA’s office for cosmetics, and your state.',
};

/** Where it is sold, as one chooses it. */
export const regionWords: Readonly<Record<Region, string>> = {
  eu: 'the EU',
  ni: 'Northern Ireland',
  gb: 'Great Britain',
  us: 'the United States',
};

/** What a supplier or an assessor has to be asked, in a sentence. */
export const saleQuestionWords = (catalog: Catalog, question: SaleQuestion): string => {
  switch (question.code) {
    case 'tea-tree':
      return `Tea tree oil (${formatPercent(question.percent, 2)}) was being classified in the EU when this was written, in late 2026: ask your assessor before you sell it. Above 0.1 % in what stays on the skin may not hold.`;
    case 'peanut':
      return 'Peanut oil may have at most 0.5 ppm of peanut protein (Annex III 306): ask your supplier for its sheet.';
    case 'phenoxyethanol':
      return `Phenoxyethanol: at most 1.0 % (Annex V 29). The preservative is ${formatPercent(question.percent, 2)}${question.isOver ? ': that is more' : ''}.`;
    case 'benzyl-alcohol':
      return `Benzyl alcohol: at most 1.0 % as a preservative (Annex V 34). The preservative with it is ${formatPercent(question.percent, 2)}${question.isOver ? ': that may be more' : ''}.`;
    case 'cumin-rinsed':
      return `Cumin oil (${formatPercent(question.percent, 2)}) is restricted in what is left on skin; for what is rinsed off no figure is held here: ask your assessor.`;
    case 'sun-goods':
      return `Don’t sell it for sun protection or bronzing: in those the EU allows ${formatPercent(question.most, 4)} of furocoumarins, and an oil in this has them.`;
    case 'peroxides':
      return `Ask your supplier for the peroxide value of ${formatList(question.oils.map((id) => nameInSentence(catalog, id)))}: the law limits it.`;
  }
};
