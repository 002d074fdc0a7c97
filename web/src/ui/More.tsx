import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { ChevronDown } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { Button } from './Button';

const item =
  'flex min-h-11 w-full items-center rounded-md px-3 text-left text-ink no-underline data-focus:bg-slate-wash disabled:opacity-50';

/** Something in the menu that leads elsewhere. */
export const MoreLink = ({ to, children }: { to: string; children: ReactNode }) => (
  <MenuItem>
    <Link to={to} className={item}>
      {children}
    </Link>
  </MenuItem>
);

/** Something in the menu that is done here. */
export const MoreAct = ({
  onClick,
  disabled = false,
  children,
}: {
  onClick: () => void;
  disabled?: boolean;
  children: ReactNode;
}) => (
  <MenuItem disabled={disabled}>
    <button type="button" className={item} disabled={disabled} onClick={onClick}>
      {children}
    </button>
  </MenuItem>
);

/** What can be done beside the one act of a screen, in one menu. */
export const More = ({ children }: { children: ReactNode }) => (
  <Menu>
    <MenuButton as={Button}>
      More <ChevronDown aria-hidden size={16} />
    </MenuButton>
    <MenuItems
      anchor={{ to: 'bottom end', gap: 8, padding: 12 }}
      className="z-40 w-60 rounded-lg border border-line bg-sheet p-1.5 font-sans text-[15px] shadow-lg"
    >
      {children}
    </MenuItems>
  </Menu>
);
