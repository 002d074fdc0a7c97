import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { nameOrNone } from '@jubbet/core/words';
import {
  Copy,
  Download,
  Droplet,
  EllipsisVertical,
  QrCode,
  Star,
  Tags,
  Trash2,
} from 'lucide-react';
import { lazy, Suspense, useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { useNotice } from '../../parts/notice';
import { useWrite } from '../../parts/useWrite';
import { blends } from '../../store/blends';
import type { BlendRecord } from '../../store/database';
import { saveBlend } from './saveBlend';

/** Asked for when a blend leaves or is tagged, and loaded then. */
const FileOut = lazy(async () => ({ default: (await import('./ExportBlend')).FileOut }));
const TagsOf = lazy(async () => ({ default: (await import('./TagsOf')).TagsOf }));

const Item = ({
  icon,
  onClick,
  children,
}: {
  icon: ReactNode;
  onClick: () => void;
  children: ReactNode;
}) => (
  <MenuItem>
    <button
      type="button"
      className="flex min-h-11 w-full items-center gap-3 rounded-md px-3 text-left data-focus:bg-slate-wash"
      onClick={onClick}
    >
      {icon}
      {children}
    </button>
  </MenuItem>
);

/** All that can be done with a blend beside opening it. */
export const CardMenu = ({
  record,
  make = false,
  button,
}: {
  record: BlendRecord;
  /** True where nothing beside it leads to the bench. */
  make?: boolean;
  /** How the button looks that opens it, as it did before the menu was there. */
  button: string;
}) => {
  const { id, recipe, favourite } = record;
  const navigate = useNavigate();
  const tell = useNotice();
  const write = useWrite();
  const [dialog, setDialog] = useState<'export' | 'tags' | null>(null);
  const name = nameOrNone(recipe.name);
  const remove = async () => {
    const done = await write('The blend', () => blends.remove(id).then(() => true));
    if (!done) return;
    tell({
      text: `${name} is deleted.`,
      undo: () => void write('The blend', () => blends.restore(id)),
    });
  };
  const copy = async () => {
    const next = await write('The copy', () => blends.copy(id));
    if (next) await navigate(`/blends/${next}`);
  };
  const done = () => setDialog(null);
  return (
    <>
      <Menu>
        <MenuButton aria-label={`More for ${name}`} className={button}>
          <EllipsisVertical aria-hidden size={18} />
        </MenuButton>
        <MenuItems
          anchor={{ to: 'bottom end', gap: 4, padding: 12 }}
          className="z-40 grid w-56 rounded-xl border border-line bg-sheet p-1.5 text-left text-ink shadow-lg outline-none"
        >
          {make && (
            <Item
              icon={<Droplet aria-hidden size={18} />}
              onClick={() => void navigate(`/blends/${id}/make`)}
            >
              Make
            </Item>
          )}
          <Item
            icon={<Star aria-hidden size={18} fill={favourite ? 'currentColor' : 'none'} />}
            onClick={() => void write('The favourite', () => blends.favour(id, !favourite))}
          >
            {favourite ? 'Remove from favourites' : 'Add to favourites'}
          </Item>
          <Item icon={<Tags aria-hidden size={18} />} onClick={() => setDialog('tags')}>
            Tags
          </Item>
          <Item icon={<Copy aria-hidden size={18} />} onClick={() => void copy()}>
            Copy
          </Item>
          <Item
            icon={<Download aria-hidden size={18} />}
            onClick={() => {
              if (recipe.brief.wearer === 'anyone' || recipe.brief.wearer === null) {
                void write('The file', () => saveBlend(recipe));
              } else setDialog('export');
            }}
          >
            Export
          </Item>
          <Item
            icon={<QrCode aria-hidden size={18} />}
            onClick={() => void navigate(`/blends/${id}/share`)}
          >
            Share
          </Item>
          <Item icon={<Trash2 aria-hidden size={18} />} onClick={() => void remove()}>
            Delete
          </Item>
        </MenuItems>
      </Menu>
      {dialog && (
        <div className="relative z-10 w-full text-left">
          <Suspense fallback={null}>
            {dialog === 'export' ? (
              <FileOut recipe={recipe} onDone={done} />
            ) : (
              <TagsOf record={record} onDone={done} />
            )}
          </Suspense>
        </div>
      )}
    </>
  );
};
