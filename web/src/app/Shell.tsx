import { clsx } from 'clsx';
import { ClipboardList, Droplet, NotebookText, type LucideIcon } from 'lucide-react';
import { Link, NavLink, Outlet, ScrollRestoration } from 'react-router';
import { NoticeProvider } from './NoticeProvider';

const rooms: readonly { to: string; name: string; Icon: LucideIcon }[] = [
  { to: '/blends', name: 'Blends', Icon: NotebookText },
  { to: '/make', name: 'Make', Icon: Droplet },
  { to: '/batches', name: 'Batches', Icon: ClipboardList },
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
              'flex flex-1 flex-col items-center gap-1 py-2.5 text-[13px] text-[#eceae2] no-underline outline-offset-[-3px] focus-visible:outline-[#e3a94a] sm:flex-none sm:py-3',
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

/** The rail and the room that is open. */
export const Shell = () => (
  <NoticeProvider>
    <a
      href="#room"
      className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-sheet focus:p-2"
    >
      To the room
    </a>
    <div className="flex min-h-dvh">
      <Rail />
      <main id="room" className="min-w-0 flex-1 px-6 py-4 max-sm:px-4 max-sm:pb-24">
        <Outlet />
      </main>
    </div>
    <ScrollRestoration />
  </NoticeProvider>
);
