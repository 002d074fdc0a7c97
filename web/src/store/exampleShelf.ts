import type { Bottle } from '@jubbet/core/stock';

export interface Shelved {
  readonly id: string;
  readonly material: string;
  readonly lot: string;
  /** In ml where it is not said. */
  readonly unit?: Bottle['unit'];
  readonly size: number;
  readonly atStart: number;
  readonly price: number;
  /** Months before the house is opened. */
  readonly openedAgo?: number;
  /** Months before the house is opened, where it is empty by now. */
  readonly finishedAgo?: number;
  readonly weighings?: Bottle['weighings'];
}

export const shelved: readonly Shelved[] = [
  {
    id: 'lavender-1',
    material: 'lavender',
    lot: 'LV-118',
    size: 30,
    atStart: 30,
    price: 11,
    openedAgo: 5,
  },
  {
    id: 'petitgrain-1',
    material: 'petitgrain',
    lot: 'PG-07',
    size: 10,
    atStart: 6,
    price: 7.5,
    openedAgo: 4,
  },
  {
    id: 'frankincense-1',
    material: 'frankincense',
    lot: 'FK-3',
    size: 10,
    atStart: 4,
    price: 14,
    openedAgo: 9,
  },
  {
    id: 'pine-1',
    material: 'pine-scots',
    lot: 'PN-22',
    size: 10,
    atStart: 8,
    price: 6,
    openedAgo: 30,
  },
  {
    id: 'sandalwood-1',
    material: 'sandalwood-east-indian',
    lot: 'SW-2',
    size: 5,
    atStart: 3.5,
    price: 38,
    openedAgo: 14,
    weighings: [
      { drops: 20, massG: 0.79 },
      { drops: 20, massG: 0.83 },
    ],
  },
  { id: 'bergamot-1', material: 'bergamot-fcf', lot: 'BF-41', size: 10, atStart: 10, price: 8 },
  {
    id: 'jojoba-1',
    material: 'jojoba',
    lot: 'JJ-5',
    size: 250,
    atStart: 240,
    price: 19,
    openedAgo: 6,
  },
  {
    id: 'fco-1',
    material: 'fractionated_coconut',
    lot: 'FC-9',
    size: 500,
    atStart: 500,
    price: 12,
    openedAgo: 3,
  },
  {
    id: 'beeswax-1',
    material: 'beeswax_yellow',
    lot: 'BW-12',
    unit: 'g',
    size: 500,
    atStart: 310,
    price: 9,
    openedAgo: 7,
  },
  {
    id: 'shea-1',
    material: 'shea_butter',
    lot: 'SH-4',
    unit: 'g',
    size: 250,
    atStart: 150,
    price: 6.5,
    openedAgo: 8,
  },
  { id: 'lavender-2', material: 'lavender', lot: 'LV-130', size: 10, atStart: 10, price: 7 },
  {
    id: 'lavender-0',
    material: 'lavender',
    lot: 'LV-101',
    size: 10,
    atStart: 10,
    price: 6,
    openedAgo: 13,
    finishedAgo: 5,
  },
  {
    id: 'jojoba-0',
    material: 'jojoba',
    lot: 'JJ-3',
    size: 100,
    atStart: 100,
    price: 11,
    openedAgo: 14,
    finishedAgo: 6,
  },
  {
    id: 'fco-0',
    material: 'fractionated_coconut',
    lot: 'FC-7',
    size: 250,
    atStart: 250,
    price: 8,
    openedAgo: 13,
    finishedAgo: 3,
  },
];
