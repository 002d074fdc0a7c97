// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { readAnyBlend } from '@jubbet/core/exchange';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { showScreen } from '../../parts/onScreen.testing';
import { savedFiles } from '../../parts/savedFiles.testing';
import { trial } from '../../parts/trial.testing';
import { blends } from '../../store/blends';
import { ShareScreen } from './ShareScreen';

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

const pip = {
  name: 'Pip',
  ageMonths: 100,
  pregnant: false,
  breastfeeding: false,
  conditions: ['epilepsy' as const],
  allergies: [],
  skin: 'normal' as const,
};

const share = async (part: Partial<typeof trial> = {}) => {
  const id = await blends.add({ ...trial, ...part });
  showScreen(ShareScreen, '/blends/:blendId/share', `/blends/${id}/share`);
  await screen.findByRole('heading', { name: 'Share Trial' });
};

/** Presses a way out; what came out, as another Jubbet reads it. */
const out = async (button: string) => {
  const saved = savedFiles();
  fireEvent.click(screen.getByRole('button', { name: button }));
  await waitFor(() => expect(saved).toHaveLength(1));
  const text = (await saved[0]?.text) ?? '';
  return { name: saved[0]?.name, text, read: readAnyBlend(text) };
};

test('every file bears the blend, and is named after it', async () => {
  await share();
  for (const [button, ending] of [
    ['Blend file', 'json'],
    ['Markdown', 'md'],
    ['JSON-LD', 'jsonld'],
  ] as const) {
    const { name, read } = await out(button);
    expect(name).toBe(`Trial.${ending}`);
    expect(read).toMatchObject({ ok: true, recipe: { oils: trial.oils, bases: trial.bases } });
  }
  expect((await out('CSV of the formula')).text).toMatch(/^kind,id,name,amount,unit\r?\n/);
});

test('whose blend it is, and what is known of them, stays here unless it is ticked', async () => {
  await share({ brief: { ...trial.brief, wearer: pip as never } });
  expect((await out('Blend file')).text).not.toMatch(/Pip|epilepsy/);
  fireEvent.click(screen.getByRole('checkbox', { name: /^with Pip/ }));
  expect((await out('Blend file')).text).toMatch(/Pip/);
});

test('what must not be used goes out as a file that says so, and never as a card', async () => {
  await share({ oils: [{ id: 'sassafras', amount: { unit: 'drops', value: 2 } }] });
  expect(await screen.findByText(/^■ Do not use this/)).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Picture of a card' })).toBeNull();
  expect(screen.queryByRole('link', { name: 'Card to print' })).toBeNull();
  // No steps that someone could follow.
  expect((await out('Markdown')).text).not.toMatch(/^\d+\. /m);
});

test('a blend that is too large for a code offers the file', async () => {
  const notes = Array.from({ length: 1200 }, (_, n) => ((n * 7919) % 46_656).toString(36)).join('');
  await share({ notes: notes.slice(0, 4000) });
  expect(await screen.findByText(/too large for a code: send a file/)).toBeTruthy();
  expect((await out('Blend file')).read).toMatchObject({ ok: true });
});
