import type { OwnMaterial } from '@jubbet/core/catalog';

/** An oil of a house's own. */
export const hedgeBlossom: Extract<OwnMaterial, { kind: 'oil' }> = {
  kind: 'oil',
  id: 'own-hedge-blossom',
  name: 'Hedge blossom',
  botanical: '',
  densityGPerMl: 0.95,
  shelfYears: 2,
  note: 'base',
  viscosity: 'thin',
  source: 'my notes',
  maximumPercent: 5,
  lightPercent: null,
  contents: [],
};
