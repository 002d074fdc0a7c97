import { fillingsOf } from '@jubbet/core/drops';
import {
  nameFromId,
  nameOrNone,
  carrierWords,
  formatList,
  placeWords,
  wearerWords,
  fillingsWords,
} from '@jubbet/core/words';
import type { Catalog } from '@jubbet/core/catalog';
import type { Recipe } from '@jubbet/core/recipe';
import { useCatalog } from '../../parts/catalog';
import { Copy, Download, Trash2 } from 'lucide-react';
import { lazy, Suspense, useState, type ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import { ButtonLink } from '../../parts/Button';
import { useNotice } from '../../parts/notice';
import { useWrite } from '../../parts/useWrite';
import { blends } from '../../store/blends';
import type { BlendRecord } from '../../store/database';
import { saveBlend } from './saveBlend';

/** Asked for when a blend leaves, and loaded then. */
const FileOut = lazy(async () => ({ default: (await import('./ExportBlend')).FileOut }));

/** The brief again, as one line; gaps are left out. */
const summary = (catalog: Catalog, recipe: Recipe): string => {
  const { wearer, place } = recipe.brief;
  const bases = recipe.bases.map(({ id }) => catalog.base(id)).filter((base) => base !== undefined);
  return [
    fillingsWords(fillingsOf(recipe)),
    ...(wearer ? [`for ${wearerWords(wearer)}`] : []),
    ...(place ? [placeWords[place]] : []),
    ...(bases.length > 0 ? [`in ${formatList(bases.map(carrierWords))}`] : []),
  ].join(' · ');
};

/** Judging is fetched beside the list: names can be read, and opened, before it is there. */
const CardVerdict = lazy(async () => ({ default: (await import('./CardVerdict')).CardVerdict }));

const IconButton = ({
  label,
  onClick,
  disabled,
  children,
}: {
  label: string;
  onClick: () => void;
  disabled?: boolean;
  children: ReactNode;
}) => (
  <button
    type="button"
    aria-label={label}
    title={label}
    disabled={disabled}
    className="rounded-md p-2.5 text-soft hover:bg-slate-wash hover:text-ink disabled:opacity-40"
    onClick={onClick}
  >
    {children}
  </button>
);

export const BlendCard = ({ record }: { record: BlendRecord }) => {
  const catalog = useCatalog();
  const { id, recipe } = record;
  const navigate = useNavigate();
  const tell = useNotice();
  const name = nameOrNone(recipe.name);
  const [sharing, setSharing] = useState(false);
  const write = useWrite();
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
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1 rounded-xl border border-line bg-sheet px-4 py-3">
      <div className="min-w-0 flex-1 basis-72">
        <div className="flex flex-wrap items-baseline gap-x-2.5">
          <h2 className="text-lg">
            <Link to={`/blends/${id}`} className="text-press no-underline hover:underline">
              {name}
            </Link>
          </h2>
          <p className="text-sm">
            <Suspense fallback={<span aria-hidden>&nbsp;</span>}>
              <CardVerdict record={record} />
            </Suspense>
          </p>
        </div>
        <p className="text-sm text-soft">{summary(catalog, recipe)}</p>
        <p className="text-sm">
          {recipe.oils.map((oil) => catalog.oil(oil.id)?.name ?? nameFromId(oil.id)).join(' · ') ||
            'No oils yet'}
        </p>
      </div>
      <div className="flex items-center">
        <IconButton label={`Copy ${name}`} onClick={() => void copy()}>
          <Copy aria-hidden size={18} />
        </IconButton>
        <IconButton
          label={`Export ${name}`}
          onClick={() => {
            if (recipe.brief.wearer === 'anyone' || recipe.brief.wearer === null) {
              void write('The file', () => saveBlend(recipe));
            } else setSharing(true);
          }}
        >
          <Download aria-hidden size={18} />
        </IconButton>
        <IconButton label={`Delete ${name}`} onClick={() => void remove()}>
          <Trash2 aria-hidden size={18} />
        </IconButton>
        <ButtonLink to={`/blends/${id}/make`} className="ml-2" aria-label={`Make ${name}`}>
          Make
        </ButtonLink>
      </div>
      {sharing && (
        <Suspense fallback={null}>
          <FileOut recipe={recipe} onDone={() => setSharing(false)} />
        </Suspense>
      )}
    </div>
  );
};
