import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router/dom';
import { db } from '../store/database';
import { seedOnce } from '../store/example';
import { layLibrary, readLibrary } from '../store/library';
import { today } from '../store/now';
import { router } from './routes';

const client = new QueryClient({
  // All data is on this machine: there is nothing to wait for, and nothing to ask again.
  defaultOptions: {
    queries: { networkMode: 'always', retry: false, refetchOnWindowFocus: false },
  },
});

const root = document.getElementById('root');
if (!root) throw new Error('the page has no root');

const show = (): void =>
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={client}>
        <RouterProvider router={router} />
      </QueryClientProvider>
    </StrictMode>,
  );

// The house must be furnished before its rooms are shown; where the store cannot be
// opened, the screens say so.
void seedOnce(db, today())
  .then(async () => layLibrary(await readLibrary()))
  .then(show, show);
