import { chemistryOf, euRestrictions, packNameOfBase, type Region } from '../catalog';
import type { Brief } from '../brief';
import type { Mixture } from '../mixture';

/** What a supplier or an assessor has to be asked before it is sold. */
export type SaleQuestion =
  /** Under classification in the EU: leave-on above 0.1 % may not hold. */
  | { readonly code: 'tea-tree'; readonly percent: number }
  /** At most 0.5 ppm of peanut protein. */
  | { readonly code: 'peanut' }
  /** As a preservative at most 1.0 %. */
  | { readonly code: 'phenoxyethanol'; readonly percent: number; readonly isOver: boolean }
  /** As a preservative at most 1.0 %; as a part of an oil it has no maximum of its own. */
  | { readonly code: 'benzyl-alcohol'; readonly percent: number; readonly isOver: boolean }
  /** Restricted in what is left on; of what is rinsed off no figure is held. */
  | { readonly code: 'cumin-rinsed'; readonly percent: number }
  /** Sold for sun protection or bronzing it may hold next to no furocoumarins. */
  | { readonly code: 'sun-goods'; readonly most: number }
  /** Of these oils the peroxide value is limited. */
  | { readonly code: 'peroxides'; readonly oils: readonly string[] };

/** Oils of which EU law limits the peroxide value (Annex III about 103 to 133, as recalled). */
const withPeroxides: ReadonlySet<string> = new Set([
  ...['pine-scots', 'pine-pinyon', 'fir-balsam', 'fir-silver', 'fir-siberian'],
  ...['spruce-black', 'cedarwood-atlas', 'cypress', 'thuja'],
]);

/** More than this of limonene makes an oil one of those that are asked about, in percent of it. */
const muchLimonene = 10;

const shareOf = ({ totalG }: Mixture, g: number): number =>
  totalG.likely > 0 ? (100 * g) / totalG.likely : 0;

/** What a supplier or an assessor has to be asked, of what is sold in Europe. */
export const saleQuestions = (
  mixture: Mixture,
  { use }: Pick<Brief, 'use'>,
  region: Region,
): readonly SaleQuestion[] => {
  if (region === 'us') return [];
  const oilShare = (id: string): number =>
    mixture.oils.reduce(
      (total, { oil, g }) => total + (oil.id === id ? shareOf(mixture, g.likely) : 0),
      0,
    );
  const baseShare = (id: string): number =>
    mixture.bases.reduce(
      (total, { base, g }) => total + (base.id === id ? shareOf(mixture, g.likely) : 0),
      0,
    );
  const preservedWith = (name: string): number =>
    mixture.bases.reduce(
      (total, { base, g }) =>
        base.kind === 'preservative' && packNameOfBase(base, region).names.includes(name)
          ? total + shareOf(mixture, g.likely)
          : total,
      0,
    );
  const benzylAlcohol = preservedWith('Benzyl Alcohol');
  const cumin = oilShare('cumin');
  const isPhototoxic = mixture.oils.some(
    ({ oil, g }) => oil.phototoxicLimitPercent !== null && g.likely > 0,
  );
  const teaTree = oilShare('tea-tree');
  const preservative = baseShare('phenoxyethanol_preservative');
  const oxidising = mixture.oils
    .filter(({ oil, g }) => {
      const limonene = chemistryOf(oil)?.constituents.find(([name]) => name === 'limonene');
      return g.likely > 0 && (withPeroxides.has(oil.id) || (limonene?.[2] ?? 0) > muchLimonene);
    })
    .map(({ oil }) => oil.id);
  return [
    ...(teaTree > 0 && use !== 'rinse-off'
      ? [{ code: 'tea-tree', percent: teaTree } as const]
      : []),
    ...(baseShare('peanut_oil') > 0 ? [{ code: 'peanut' } as const] : []),
    ...(preservative > 0
      ? [
          {
            code: 'phenoxyethanol',
            percent: preservative,
            // The preservative is phenoxyethanol with a little else.
            isOver: 0.9 * preservative > 1,
          } as const,
        ]
      : []),
    ...(benzylAlcohol > 0
      ? [{ code: 'benzyl-alcohol', percent: benzylAlcohol, isOver: benzylAlcohol > 1 } as const]
      : []),
    ...(cumin > 0 && use === 'rinse-off'
      ? [{ code: 'cumin-rinsed', percent: cumin } as const]
      : []),
    ...(isPhototoxic && use !== 'rinse-off'
      ? [{ code: 'sun-goods', most: euRestrictions.sunGoods.percent } as const]
      : []),
    ...(oxidising.length > 0 ? [{ code: 'peroxides', oils: oxidising } as const] : []),
  ];
};
