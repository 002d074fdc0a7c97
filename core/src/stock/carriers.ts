import { baseFacts, type Base, type Catalog } from '../catalog';
import { byName } from '../quantity';
import type { WearerOrAnyone } from '../brief';
import { allergyTo } from '../limits';
import { pricePer100Ml, stockAsOne, stockOf, type Stock } from './shelf';
import type { ShelvedBottle } from './ledger';

/** A base beside what of it is on the shelf. */
export interface CarrierOnShelf {
  readonly base: Base;
  readonly left: Stock | null;
  /** Of 100 ml, in the maker's own money, at its cheapest; null where no bottle tells. */
  readonly price: number | null;
}

/** The kinds of bases that are told apart when they are compared. */
export type CarrierKind = 'oil' | 'butter' | 'wax' | 'dry' | 'other';
export type CarrierOrder = 'name' | 'keeps' | 'price';

/** What is asked of carriers; null where anything will do. */
export interface CarrierQuery {
  readonly kind: CarrierKind;
  readonly skin: string | null;
  readonly absorption: string | null;
  readonly withoutAvoided: boolean;
  readonly onShelfOnly: boolean;
  readonly order: CarrierOrder;
}

export const carrierOnShelf = (base: Base, shelf: readonly ShelvedBottle[]): CarrierOnShelf => {
  const here = shelf.filter(
    ({ materialId, finishedOn }) => materialId === base.id && finishedOn === null,
  );
  const prices = here.flatMap((bottle) => pricePer100Ml(bottle, base.densityGPerMl) ?? []);
  const left = stockOf(here).get(base.id);
  return {
    base,
    left: left ? stockAsOne(left, base.densityGPerMl) : null,
    price: prices.length > 0 ? Math.min(...prices) : null,
  };
};

const toldApart: ReadonlySet<string> = new Set(['oil', 'butter', 'wax', 'dry']);

const kindOf = ({ kind }: Base): string => (toldApart.has(kind) ? kind : 'other');

const before: Record<CarrierOrder, (a: CarrierOnShelf, b: CarrierOnShelf) => number> = {
  name: (a, b) => byName(a.base.name, b.base.name),
  keeps: (a, b) => b.base.shelfMonths - a.base.shelfMonths,
  price: (a, b) => {
    const [one, other] = [a.price ?? Infinity, b.price ?? Infinity];
    return one === other ? 0 : one - other;
  },
};

/** How heavy carriers feel, the lightest first. */
export const carrierBodies = ['light', 'medium', 'rich'] as const;
/** How fast carriers absorb, the fastest first. */
export const carrierAbsorptions = ['fast', 'medium', 'slow'] as const;

export type CarrierBody = (typeof carrierBodies)[number];
export type CarrierAbsorption = (typeof carrierAbsorptions)[number];

/** Where a carrier is between light and rich, fast and slow; null where it is not known. */
export const carrierFeel = (
  baseId: string,
): { readonly body: CarrierBody; readonly absorption: CarrierAbsorption } | null => {
  const facts = baseFacts(baseId);
  const absorption = carrierAbsorptions.find(
    (carrierAbsorption) => facts?.absorption === carrierAbsorption,
  );
  return facts?.body && absorption ? { body: facts.body, absorption } : null;
};

/** The carriers that are as asked, in the order that was asked. */
export const filterCarriers = (
  catalog: Catalog,
  carriers: readonly CarrierOnShelf[],
  wearer: WearerOrAnyone | null,
  query: CarrierQuery,
): CarrierOnShelf[] =>
  carriers
    .filter(({ base, left }) => {
      const facts = baseFacts(base.id);
      return (
        kindOf(base) === query.kind &&
        (query.skin === null || facts?.skin.some((skin) => skin === query.skin)) &&
        (query.absorption === null || facts?.absorption?.includes(query.absorption)) &&
        (!query.withoutAvoided || allergyTo(base, wearer, catalog)?.what !== 'avoid') &&
        (!query.onShelfOnly || left !== null)
      );
    })
    .sort(before[query.order]);
