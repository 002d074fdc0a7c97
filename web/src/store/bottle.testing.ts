import type { Bottle } from '@jubbet/core/stock';

/** An open bottle of lavender of 10 ml with 8 ml in it, unless asked otherwise. */
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
