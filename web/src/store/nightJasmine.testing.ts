import type { OwnMaterial } from '@jubbet/core/catalog';

/** An oil of a house's own. */
export const nightJasmine: Extract<OwnMaterial, { kind: 'oil' }> = {
  kind: 'oil',
  id: 'own-night-jasmine',
  name: 'Night jasmine',
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
