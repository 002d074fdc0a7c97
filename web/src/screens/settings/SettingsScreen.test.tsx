// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { createElement } from 'react';
import { afterEach, expect, test, vi } from 'vitest';
import { NoticeContext } from '../../parts/notice';
import { settings } from '../../store/settings';
import { showScreen } from '../../parts/onScreen.testing';
import { SettingsScreen } from './SettingsScreen';

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

test('each setting is saved as it is changed, and one that was not says so', async () => {
  const tell = vi.fn();
  showScreen(
    () => createElement(NoticeContext, { value: { tell } }, createElement(SettingsScreen)),
    '/settings',
  );
  fireEvent.change(await screen.findByLabelText('Made by, as printed on labels'), {
    target: { value: 'Dorrit' },
  });
  fireEvent.click(screen.getByLabelText(/^US/));
  await waitFor(async () =>
    expect(await settings.read()).toMatchObject({ maker: 'Dorrit', spoons: 'us' }),
  );
  expect(tell).not.toHaveBeenCalled();

  vi.spyOn(settings, 'write').mockRejectedValue(new DOMException('full', 'QuotaExceededError'));
  fireEvent.click(screen.getByLabelText(/^imperial/));
  await waitFor(() =>
    expect(tell).toHaveBeenCalledWith(
      expect.objectContaining({ alarm: true, text: expect.stringContaining('the disk is full') }),
    ),
  );
  expect((await settings.read()).spoons).toBe('us');
});
