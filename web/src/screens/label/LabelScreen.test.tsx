// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { shippedCatalog } from '@jubbet/core/catalog';
import { workOut } from '@jubbet/core/drops';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { blends } from '../../store/blends';
import { showScreen } from '../../parts/onScreen.testing';
import { BlendLabelScreen } from './LabelScreen';
import { trial } from '../../parts/trial.testing';

vi.mock('../../workers/useWorkedOut', () => ({
  useWorkedOut: (recipe: Parameters<typeof workOut>[1]) => ({
    worked: workOut(shippedCatalog, recipe),
  }),
}));

afterEach(cleanup);

const show = async (part: Partial<typeof trial>) => {
  const id = await blends.add({ ...trial, ...part });
  return showScreen(BlendLabelScreen, '/blends/:blendId/label', `/blends/${id}/label`);
};

test('a label of a plan bears what is in it, and as many as are asked for', async () => {
  await show({});
  expect(await screen.findByRole('heading', { name: 'Label: Trial' })).toBeTruthy();
  fireEvent.change(screen.getByLabelText('How many labels'), { target: { value: '3' } });
  // Those that are measured, whole and split, and those that are printed.
  await waitFor(() => expect(screen.getAllByText(/^Best before/)).toHaveLength(2 + 3));
  expect(screen.getAllByText(/Lavandula angustifolia|Lavender/).length).toBeGreaterThan(2);
});

test('nothing that is not worked out, or not to be used, has a label', async () => {
  await show({ bases: [] });
  expect(await screen.findByText(/^Fill in the sentence first/)).toBeTruthy();
  cleanup();
  await show({ oils: [{ id: 'sassafras', amount: { unit: 'drops', value: 2 } }] });
  expect(await screen.findByText(/^Do not use this on the person it is for/)).toBeTruthy();
});
