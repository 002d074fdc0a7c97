import { pathWithin } from './basePath';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router/dom';
import { shippedCatalog } from '@jubbet/core/catalog';
import type { StoreTrouble } from '../parts/storeTrouble';
import { db, refuseOtherVersions } from '../store/database';
import { openFirst } from '../store/seed';
import { today } from '../store/now';
import { settings } from '../store/settings';
import { chooseScheme, followScheme } from '../parts/scheme';
import { HouseCatalog, readHouseCatalog, type ReadCatalog } from './HouseCatalog';
import { pageAt } from './pages';
import { router } from './routes';

const client = new QueryClient({
  // All data is on this machine: there is nothing to wait for, and nothing to ask again.
  defaultOptions: {
    queries: { networkMode: 'always', retry: false, refetchOnWindowFocus: false },
  },
});

const root = document.getElementById('root');
if (!root) throw new Error('the page has no root');

const page = createRoot(root);

/** Reported in place of the application; what tells it is loaded only then. */
const showTrouble = async (trouble: StoreTrouble): Promise<void> => {
  const { StorePage } = await import('./StorePage');
  page.render(<StorePage trouble={trouble} />);
};

/** Why the data cannot be reached, where that is so. */
const showTroubleOf = async (error: unknown): Promise<boolean> => {
  const { storeTroubleOf } = await import('../parts/storeTrouble');
  const trouble = storeTroubleOf(error);
  if (trouble) await showTrouble(trouble);
  return trouble !== null;
};

/** An engine can hold the store for a page that was left; then opening never ends, without an error. */
const slowAfterMs = 5000;
const slow = window.setTimeout(() => {
  void import('../parts/storeTrouble').then(({ slowTrouble }) => showTrouble(slowTrouble));
}, slowAfterMs);

// Another tab with an older version holds the data: the page says so, and waits.
db.on('blocked', () => {
  window.clearTimeout(slow);
  void import('../parts/storeTrouble').then(({ blockedTrouble }) => showTrouble(blockedTrouble));
});

const show = (catalog: ReadCatalog): void =>
  page.render(
    <StrictMode>
      <QueryClientProvider client={client}>
        <HouseCatalog first={catalog}>
          <RouterProvider router={router} />
        </HouseCatalog>
      </QueryClientProvider>
    </StrictMode>,
  );

/** Long enough for the first screen to be, in ms. */
const afterFirstScreen = 3000;

/** The first page of a store that was never used asks how it begins; any other shows the example. */
const furnished = async (): Promise<void> => {
  if (!(await openFirst(db)) || pathWithin(window.location.pathname) === '/') return;
  const { seedExample } = await import('../store/seedExample');
  await seedExample(db, today());
};

// The house must be furnished before its rooms are shown; where the store cannot be
// opened, the screens say so.
followScheme();
void refuseOtherVersions()
  .then(furnished)
  .then(() => {
    // A batch that was broken off at its end is mended, and clocks are watched, once the first
    // screen is.
    window.setTimeout(() => {
      void import('./Moved').then(({ isAtFormerAddress, noticeMoved: sayMoved }) => {
        if (isAtFormerAddress(window.location)) sayMoved();
      });
      void import('./folderWatch').then(({ watchFolder }) => watchFolder());
      void import('./ClockWatch').then(({ watchClocks }) =>
        watchClocks(client, (path) => void router.navigate(path)),
      );
      void import('../store/batches')
        .then(async ({ batches }) => {
          await batches.mend(await batches.openIds());
          // Read from a file, and its judging was broken off: there may be thousands.
          if (!(await batches.hasUnjudged())) return;
          const { mendInWorker } = await import('../workers/houseWorker');
          await mendInWorker();
        })
        .catch((error: unknown) => console.warn('batches were not mended', error));
    }, afterFirstScreen);
  })
  .then(() => Promise.all([readHouseCatalog(), settings.read()]))
  .then(([catalog, { scheme, welcomed }]) => {
    window.clearTimeout(slow);
    // The first page of a house in use is its book.
    if (welcomed && pathWithin(window.location.pathname) === '/') void pageAt('/blends')?.[1]();
    chooseScheme(scheme);
    show(catalog);
  })
  .catch(async (error: unknown) => {
    window.clearTimeout(slow);
    console.warn('the store was not opened', error);
    // Anything else the screens say; what is shipped is there all the same.
    if (!(await showTroubleOf(error))) show({ house: '', catalog: shippedCatalog });
  });
