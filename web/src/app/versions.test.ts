import { expect, test, vi } from 'vitest';
import { watchVersions } from './versions';

/** A browser with a version in use, in which a newer one waits. */
const browser = () => {
  const worker = { postMessage: vi.fn(), state: 'installed' };
  const listeners: (() => void)[] = [];
  const registration = { waiting: worker, installing: null, addEventListener: vi.fn() };
  return {
    worker,
    /** The newer version is in use from now on, in all tabs. */
    change: () => listeners.forEach((listener) => listener()),
    container: {
      controller: {},
      register: () => Promise.resolve(registration),
      addEventListener: (_: string, listener: () => void) => listeners.push(listener),
    } as unknown as ServiceWorkerContainer,
  };
};

const watched = async ({ container }: ReturnType<typeof browser>) => {
  const onNewer = vi.fn<(take: () => void) => void>();
  const reload = vi.fn();
  const versions = watchVersions(container, onNewer, reload);
  await expect.poll(() => onNewer).toHaveBeenCalledOnce();
  return { take: onNewer.mock.calls[0]![0], reload, versions };
};

test('the tab in which it was pressed loads itself anew', async () => {
  const own = browser();
  const { take, reload, versions } = await watched(own);
  take();
  expect(own.worker.postMessage).toHaveBeenCalledWith({ type: 'SKIP_WAITING' });
  expect(reload).not.toHaveBeenCalled();
  own.change();
  expect(reload).toHaveBeenCalledOnce();
  expect(versions.isSuperseded()).toBe(false);
});

test('another tab, which may be in the middle of a count, is left alone', async () => {
  const other = browser();
  const { reload, versions } = await watched(other);
  other.change();
  expect(reload).not.toHaveBeenCalled();
  expect(versions.isSuperseded()).toBe(true);
});
