import 'fake-indexeddb/auto';
import type { OwnMaterial } from '@jubbet/core/catalog';
import { expect, test } from 'vitest';
import { openDatabase } from './database';
import { materialsStore } from './materials';

const batch = (name: string): OwnMaterial => ({
  kind: 'ready-made',
  id: 'own-batch-1',
  name,
  botanical: '',
  densityGPerMl: 0.9,
  shelfYears: 1,
  note: 'middle',
  viscosity: 'medium',
  source: 'batch 1',
  essentialPercent: 2,
  parts: [{ id: 'lavender', parts: 1 }],
  carriers: [{ id: 'jojoba', parts: 49 }],
});

test('a batch made a material twice keeps what was changed of it, and comes back once deleted', async () => {
  const materials = materialsStore(openDatabase(`materials-${crypto.randomUUID()}`));
  const names = async () =>
    (await materials.list()).map(({ own }) => own.kind === 'ready-made' && own.name);
  await materials.addOnce(batch('Sleep'));
  await materials.put(batch('Sleep, for the bath'));
  await materials.addOnce(batch('Sleep'));
  expect(await names()).toEqual(['Sleep, for the bath']);
  await materials.remove('own-batch-1');
  await materials.addOnce(batch('Sleep'));
  expect(await names()).toEqual(['Sleep']);
});
