import type { Bottle } from './bottle';
import type { ShelvedBottle } from './ledger';

/** An open bottle of lavender of 10 ml, begun with 8 ml in it, unless asked otherwise. */
export const bottleOf = (more: Partial<Bottle> = {}): Bottle => ({
  materialId: 'lavender',
  lot: 'LV-9',
  supplier: '',
  boughtOn: null,
  openedOn: '2026-09-01',
  printedDate: null,
  unit: 'ml',
  size: 10,
  atStart: 8,
  price: null,
  weighings: [],
  analysis: null,
  first: false,
  finishedOn: null,
  ...more,
});

/** The same on the shelf, with what is left in it. */
export const shelvedOf = ({ left = 8, ...more }: Partial<ShelvedBottle> = {}): ShelvedBottle => ({
  ...bottleOf(more),
  left,
});
