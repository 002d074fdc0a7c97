import { clsx } from 'clsx';
import {
  BookOpen,
  CalendarRange,
  ClipboardList,
  FlaskConical,
  NotebookText,
  Search,
  SlidersHorizontal,
  Sun,
  UserRound,
  type LucideIcon,
} from 'lucide-react';
import { lazy, Suspense, useRef, useState, type Ref } from 'react';
import { Link, NavLink, Outlet, ScrollRestoration, useLocation } from 'react-router';
import { Kbd } from '../ui/Kbd';
import { useKeys } from '../parts/useKeys';
import { NewVersion } from './NewVersion';
import { NoticePlace, NoticeProvider } from './NoticeProvider';

const rooms: readonly { to: string; name: string; Icon: LucideIcon }[] = [
  { to: '/blends', name: 'Blends', Icon: NotebookText },
  { to: '/today', name: 'Today', Icon: Sun },
  { to: '/plans', name: 'Plans', Icon: CalendarRange },
  { to: '/batches', name: 'Batches', Icon: ClipboardList },
  { to: '/people', name: 'People', Icon: UserRound },
  { to: '/shelf', name: 'Shelf', Icon: FlaskConical },
  { to: '/handbook', name: 'Handbook', Icon: BookOpen },
  { to: '/settings', name: 'Settings', Icon: SlidersHorizontal },
];

/** Loaded when they are asked for. */
const Find = lazy(async () => ({ default: (await import('./Find')).Find }));
const KeyList = lazy(async () => ({ default: (await import('./KeyList')).KeyList }));

const night = 'rounded-md border border-night-line bg-night-raised text-night-ink on-night';

/** The way to anything by its name: always visible, and the field itself once it is pressed. */
const FindHere = ({
  ref,
  open,
  onOpen,
  onClose,
}: {
  ref: Ref<HTMLButtonElement>;
  open: boolean;
  onOpen: () => void;
  onClose: () => void;
}) => {
  const shut = (
    <button
      ref={ref}
      type="button"
      className={clsx(night, 'flex min-h-11 w-full items-center gap-2 px-2.5 text-left sm:min-h-9')}
      onClick={onOpen}
    >
      <Search aria-hidden size={16} />
      <span className="flex-1">Find</span>
      <Kbd>/</Kbd>
    </button>
  );
  return open ? (
    <Suspense fallback={shut}>
      <Find onClose={onClose} />
    </Suspense>
  ) : (
    shut
  );
};

/** On the sheet the key that finds adds an oil. */
const sheet = /^\/blends\/[^/]+$/;

/** Where one goes: beside the page, or along its foot where a hand holds the screen. */
const Rail = () => {
  const { pathname } = useLocation();
  const [open, setOpen] = useState<'find' | 'keys' | null>(null);
  const before = useRef<HTMLElement | null>(null);
  const find = () => {
    before.current = document.activeElement as HTMLElement | null;
    setOpen('find');
  };
  // What had the focus has it again, unless the way led to another page.
  const close = () => {
    setOpen(null);
    requestAnimationFrame(() => {
      if (document.activeElement !== document.body) return;
      const had = before.current;
      before.current = null;
      (had?.isConnected && had !== document.body ? had : findButton.current)?.focus();
    });
  };
  const findButton = useRef<HTMLButtonElement>(null);
  useKeys({
    '?': () => setOpen('keys'),
    ...(sheet.test(pathname) ? {} : { '/': find }),
  });
  return (
    <header className="screen-only z-30 bg-night text-night-ink sm:sticky sm:top-0 sm:flex sm:h-dvh sm:w-[148px] sm:flex-none sm:flex-col">
      <div className="flex items-center gap-3 px-3 py-2 sm:flex-col sm:items-stretch sm:py-3">
        <Link
          to="/"
          className="px-1 font-serif text-xl font-semibold text-night-ink no-underline on-night"
        >
          jubbet
        </Link>
        <div className="flex-1">
          <FindHere ref={findButton} open={open === 'find'} onOpen={find} onClose={close} />
        </div>
      </div>
      <nav
        aria-label="Rooms"
        className="flex min-h-0 flex-1 overflow-y-auto max-sm:fixed max-sm:inset-x-0 max-sm:bottom-0 max-sm:z-30 max-sm:bg-night max-sm:pb-[env(safe-area-inset-bottom)] sm:flex-col"
      >
        {rooms.map(({ to, name, Icon }) => (
          <NavLink
            key={to}
            to={to}
            className={({ isActive }) =>
              clsx(
                'flex flex-1 items-center text-night-ink no-underline on-night max-sm:min-h-14 max-sm:flex-col max-sm:justify-center max-sm:gap-0.5 max-sm:text-[11px] sm:min-h-11 sm:flex-none sm:gap-2.5 sm:px-4',
                isActive
                  ? 'bg-night-panel max-sm:shadow-[inset_0_3px_var(--lamp)] sm:shadow-[inset_3px_0_var(--lamp)]'
                  : 'hover:bg-night-raised',
              )
            }
          >
            <Icon aria-hidden size={18} strokeWidth={1.75} />
            {name}
          </NavLink>
        ))}
      </nav>
      <NoticePlace className="flex items-center gap-3 bg-night-panel px-3 py-2 text-sm max-sm:fixed max-sm:inset-x-0 max-sm:bottom-[calc(3.5rem+var(--dock,0rem)+env(safe-area-inset-bottom))] max-sm:z-30 sm:flex-col sm:items-stretch sm:overflow-y-auto" />
      <button
        type="button"
        className="flex min-h-11 items-center gap-2.5 px-4 text-left text-[13px] text-night-soft outline-offset-[-3px] hover:bg-night-raised focus-visible:outline-lamp max-sm:hidden"
        onClick={() => setOpen('keys')}
      >
        <span className="flex-1">Keys</span>
        <Kbd>?</Kbd>
      </button>
      <Suspense fallback={null}>{open === 'keys' && <KeyList onClose={close} />}</Suspense>
    </header>
  );
};

/** The bench is a room without the rail; what is not saved there is stated too. */
export const BenchRoom = () => (
  <NoticeProvider>
    <div className="flex h-dvh flex-col">
      <NoticePlace className="flex items-center gap-3 bg-night-panel px-6 py-1.5 text-night-ink max-sm:px-3" />
      <div className="min-h-0 flex-1 overflow-y-auto">
        <Outlet />
      </div>
    </div>
  </NoticeProvider>
);

/** The rail and the room that is open. */
export const Shell = () => (
  <NoticeProvider>
    <a
      href="#room"
      className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-sheet focus:p-2"
    >
      Skip to content
    </a>
    <div className="flex min-h-dvh max-sm:flex-col">
      <Rail />
      <main
        id="room"
        className="min-w-0 flex-1 px-6 py-3 max-sm:px-4 max-sm:pb-[calc(6rem+var(--dock,0rem))]"
      >
        <Outlet />
      </main>
    </div>
    <NewVersion />
    <ScrollRestoration />
  </NoticeProvider>
);
