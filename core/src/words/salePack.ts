import { inciIn, nameIn, type Catalog, type Region } from '../catalog';
import type { Label, SaleFacts } from '../label';
import { dayWords } from './days';
import { massWords, volumeWords, type Units } from './units';

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
}

/** The names that are on a pack, in falling order of weight, with the allergens behind them. */
const packNames = (catalog: Catalog, facts: SaleFacts, region: Region): readonly string[] => [
  ...facts.ingredients.flatMap(({ inci, materialId }) =>
    inci === null ? [] : [inciIn(region, inci, nameIn(catalog, materialId))],
  ),
  // The US names no allergens of a scent yet.
  ...(region === 'eu' ? facts.allergens.map(({ inci }) => inci) : []),
];

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
    isSmall: region === 'eu' && ml < smallest && g < smallest,
    responsible: responsible.trim(),
    ingredients: `Ingredients: ${packNames(catalog, facts, region).join(', ')}.`,
    isBoxed,
    storage: 'Keep cool, dark and tightly closed.',
    warnings:
      region === 'us' && !isShownSafe
        ? ['Warning: The safety of this product has not been determined.']
        : [],
    unnamed: facts.ingredients.flatMap(({ inci, materialId }) =>
      inci === null ? [nameIn(catalog, materialId)] : [],
    ),
  };
};

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
  const inEu = sale.region === 'eu';
  return [
    {
      what: inEu
        ? 'Responsible person, with address'
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

/** What the law wants and no program can do. */
export const notByJubbet: Readonly<Record<Region, readonly string[]>> = {
  eu: [
    'a product safety report by a qualified assessor, before anything is sold',
    'a product information file, kept for ten years after the last batch',
    'the notification: the EU portal (CPNP), and for Great Britain its own (SCPN), each with a responsible person there',
    'good manufacturing practice, as ISO 22716 describes it',
    'the language of the country in which it is sold, and where it comes from if it is imported',
    'insurance for what is sold',
  ],
  us: [
    'registering where it is made, and listing the product, where the law of 2022 asks you to',
    'records that show that it is safe',
    'reports of harm, kept and passed on',
    'insurance for what is sold',
  ],
};

/** Who knows. */
export const whoKnows: Readonly<Record<Region, string>> = {
  eu: 'Ask the authority for cosmetics of your country, or the trading standards office of your council.',
  us: 'Ask the FDA’s office for cosmetics, and your state.',
};
