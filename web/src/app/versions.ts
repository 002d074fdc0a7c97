/** What of the browser is needed to know of a newer version. */
type Container = Pick<ServiceWorkerContainer, 'controller' | 'register' | 'addEventListener'>;

export interface Versions {
  /** True when another tab has taken a newer version into use: this one goes on with its own. */
  readonly isSuperseded: () => boolean;
}

/**
 * Keeps the application for when there is no network. A newer version is only told; it is taken
 * into use by the tab in which that was pressed, and only that tab loads itself again. Any other
 * may be in the middle of a count or a form: it takes the newer version when it next goes to
 * another page.
 *
 * @param onNewer called with what takes the newer version into use
 * @param reload loads this tab again
 */
export const watchVersions = (
  container: Container,
  onNewer: (take: () => void) => void,
  reload: () => void,
): Versions => {
  let taken = false;
  let superseded = false;
  const offer = (worker: ServiceWorker): void =>
    onNewer(() => {
      taken = true;
      worker.postMessage({ type: 'SKIP_WAITING' });
    });
  const hadOne = container.controller !== null;
  container.addEventListener('controllerchange', () => {
    if (taken) reload();
    else if (hadOne) superseded = true;
  });
  void container
    .register(`${import.meta.env.BASE_URL}sw.js`)
    .then((registration) => {
      if (registration.waiting && hadOne) offer(registration.waiting);
      registration.addEventListener('updatefound', () => {
        const worker = registration.installing;
        worker?.addEventListener('statechange', () => {
          if (worker.state === 'installed' && container.controller) offer(worker);
        });
      });
    })
    // Without it the application works as long as its server does.
    .catch(() => undefined);
  return { isSuperseded: () => superseded };
};
