import { clsx } from 'clsx';
import {
  BookOpen,
  ClipboardList,
  Droplet,
  FlaskConical,
  NotebookText,
  SlidersHorizontal,
  UserRound,
  type LucideIcon,
} from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Link, NavLink, Outlet, ScrollRestoration, useLocation } from 'react-router';
import { useKeys } from '../parts/useKeys';
import { NewVersion } from './NewVersion';
import { NoticeProvider } from './NoticeProvider';

const rooms: readonly { to: string; name: string; Icon: LucideIcon }[] = [
  { to: '/blends', name: 'Blends', Icon: NotebookText },
  { to: '/make', name: 'Make', Icon: Droplet },
  { to: '/batches', name: 'Batches', Icon: ClipboardList },
  { to: '/people', name: 'People', Icon: UserRound },
  { to: '/shelf', name: 'Shelf', Icon: FlaskConical },
  { to: '/handbook', name: 'Handbook', Icon: BookOpen },
  { to: '/settings', name: 'Settings', Icon: SlidersHorizontal },
];

const Rail = () => (
  <header className="screen-only z-30 flex bg-night text-[#eceae2] max-sm:fixed max-sm:inset-x-0 max-sm:bottom-0 sm:sticky sm:top-0 sm:h-dvh sm:w-[88px] sm:flex-none sm:flex-col">
    <Link
      to="/"
      className="px-3 py-3 text-center font-serif text-xl font-semibold text-[#fbfaf6] no-underline max-sm:hidden"
    >
      jubbet
    </Link>
    <nav aria-label="Rooms" className="flex flex-1 sm:flex-col">
      {rooms.map(({ to, name, Icon }) => (
        <NavLink
          key={to}
          to={to}
          className={({ isActive }) =>
            clsx(
              'flex flex-1 flex-col items-center gap-1 py-2.5 text-[13px] text-[#eceae2] max-sm:text-[11px] no-underline outline-offset-[-3px] focus-visible:outline-[#e3a94a] sm:flex-none sm:py-3',
              isActive
                ? 'bg-[#26345f] max-sm:shadow-[inset_0_3px_#e3a94a] sm:shadow-[inset_3px_0_#e3a94a]'
                : 'hover:bg-[#1e2a50]',
            )
          }
        >
          <Icon aria-hidden size={20} strokeWidth={1.75} />
          {name}
        </NavLink>
      ))}
    </nav>
  </header>
);

/** Opened with a key, and loaded then. */
const Find = lazy(async () => ({ default: (await import('./Find')).Find }));
const KeyList = lazy(async () => ({ default: (await import('./KeyList')).KeyList }));

/** On the sheet the key that finds adds an oil. */
const sheet = /^\/blends\/[^/]+$/;

const KeyRooms = () => {
  const { pathname } = useLocation();
  const [open, setOpen] = useState<'find' | 'keys' | null>(null);
  const close = () => setOpen(null);
  useKeys({
    '?': () => setOpen('keys'),
    ...(sheet.test(pathname) ? {} : { '/': () => setOpen('find') }),
  });
  return (
    <Suspense fallback={null}>
      {open === 'find' && <Find onClose={close} />}
      {open === 'keys' && <KeyList onClose={close} />}
    </Suspense>
  );
};

/** The rail and the room that is open. */
export const Shell = () => (
  <NoticeProvider>
    <a
      href="#room"
      className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-sheet focus:p-2"
    >
      Skip to content
    </a>
    <div className="flex min-h-dvh">
      <Rail />
      <main id="room" className="min-w-0 flex-1 px-6 py-3 max-sm:px-4 max-sm:pb-24">
        <Outlet />
      </main>
    </div>
    <KeyRooms />
    <NewVersion />
    <ScrollRestoration />
  </NoticeProvider>
);
