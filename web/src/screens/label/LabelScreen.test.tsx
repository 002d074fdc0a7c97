// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { shippedCatalog } from '@jubbet/core/catalog';
import { emptyRecipe } from '@jubbet/core/recipe';
import { workOut } from '@jubbet/core/drops';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { blends } from '../../store/blends';
import { showScreen } from '../../parts/onScreen.testing';
import { BlendLabelScreen } from './LabelScreen';

vi.mock('../../workers/useWorkedOut', () => ({
  useWorkedOut: (recipe: Parameters<typeof workOut>[1]) => ({
    worked: workOut(shippedCatalog, recipe),
  }),
}));

afterEach(cleanup);

const recipe = {
  ...emptyRecipe(),
  name: 'Trial',
  brief: { ...emptyRecipe().brief, wearer: 'anyone' as const, place: 'pulse-points' as const },
  oils: [{ id: 'lavender', amount: { unit: 'drops' as const, value: 2 } }],
  bases: [{ id: 'jojoba', amount: { unit: 'parts' as const, value: 1 } }],
};

const show = async (part: Partial<typeof recipe>) => {
  const id = await blends.add({ ...recipe, ...part });
  return showScreen(BlendLabelScreen, '/blends/:blendId/label', `/blends/${id}/label`);
};

test('a label of a plan bears what is in it, and as many as are asked for', async () => {
  await show({});
  expect(await screen.findByRole('heading', { name: 'Label: Trial' })).toBeTruthy();
  fireEvent.change(screen.getByLabelText('How many labels'), { target: { value: '3' } });
  // The one that is shown, and those that are printed.
  await waitFor(() => expect(screen.getAllByText(/^Best before/)).toHaveLength(1 + 3));
  expect(screen.getAllByText(/Lavandula angustifolia|Lavender/).length).toBeGreaterThan(2);
});

test('nothing that is not worked out, or not to be used, has a label', async () => {
  await show({ oils: [{ id: 'lavender', amount: { unit: 'drops', value: 0 } }], bases: [] });
  expect(await screen.findByRole('heading', { name: 'No label yet' })).toBeTruthy();
});
