import { Panel } from '../../ui/Panel';
import { useCatalog } from '../../parts/catalog';
import { botanicalOf, baseFacts, nameIn } from '@jubbet/core/catalog';
import { pouredIds } from '@jubbet/core/recipe';
import { capitalised, dayWords, madeOfWords, shelfWords } from '@jubbet/core/words';
import { Link, useNavigate, useParams } from 'react-router';
import { Button, ButtonLink } from '../../ui/Button';
import { Missing } from '../../parts/Missing';
import { useNotice } from '../../parts/notice';
import { useWrite } from '../../parts/useWrite';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { blends } from '../../store/blends';
import { bottles } from '../../store/bottles';
import { materials } from '../../store/materials';
import { useStored } from '../../store/useStored';
import { BasePage } from './BasePage';
import { ForbiddenPage } from './ForbiddenPage';
import { OilPage } from './OilPage';

/** Blends and bottles of the house that hold a material. */
const Holding = ({ materialId }: { materialId: string }) => {
  const book = useStored(['blends'], () => blends.list()).data ?? [];
  const shelf = useStored(['bottles'], () => bottles.list()).data ?? [];
  const within = book.filter(({ recipe }) => pouredIds(recipe).includes(materialId));
  const onShelf = shelf.filter(({ bottle }) => bottle.materialId === materialId);
  return (
    <Panel aria-label="In this house" className="mt-4 px-5 py-4">
      <h2 className="text-lg">In this house</h2>
      <p className="mt-1">
        {within.length === 0 ? 'No blend uses it.' : 'Blends: '}
        {within.map(({ id, recipe }, index) => (
          <span key={id}>
            {index > 0 && ', '}
            <Link to={`/blends/${id}`} className="text-press">
              {recipe.name || 'Without a name'}
            </Link>
          </span>
        ))}
      </p>
      <p className="mt-1">
        {onShelf.length === 0 ? 'No bottle of it is on the shelf. ' : 'Bottles: '}
        {onShelf.map(({ id, bottle }, index) => (
          <span key={id}>
            {index > 0 && ', '}
            <Link to={`/shelf/${id}`} className="text-press">
              {bottle.lot ? `lot ${bottle.lot}` : 'without a lot'}
            </Link>
          </span>
        ))}
        {onShelf.length === 0 && (
          <Link to={`/shelf/new?of=${materialId}`} className="text-press">
            Add one
          </Link>
        )}
      </p>
    </Panel>
  );
};

/** All that is known of one oil or base. */
export const MaterialScreen = () => {
  const catalog = useCatalog();
  const { materialId = '' } = useParams();
  const navigate = useNavigate();
  const tell = useNotice();
  const write = useWrite();
  const own = useStored(['materials'], () => materials.list());
  const oil = catalog.oil(materialId);
  const base = catalog.base(materialId);
  const material = oil ?? base;
  if (!material) {
    // One of their own that was put in just now: its page follows.
    if (own.data === undefined || own.data.some(({ id }) => id === materialId)) return null;
    return <Missing title="Material not found" text={shelfWords.itMayHaveBeenOne} />;
  }
  const record = own.data?.find(({ id }) => id === materialId)?.own;
  const batch = record?.kind === 'ready-made' ? record.batch : undefined;
  const remove = async () => {
    const done = await write('The material', () => materials.remove(materialId).then(() => true));
    if (!done) return;
    await navigate('/shelf');
    tell({
      text: `${material.name} is deleted.`,
      undo: () => void write('The material', () => materials.restore(materialId)),
    });
  };
  return (
    <div className="mx-auto max-w-4xl">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle
          title={material.name}
          aside={botanicalOf(material) || baseFacts(material.id)?.botanical || ''}
        />
        <div className="flex gap-2">
          {record && record.kind !== 'figure' && (
            <ButtonLink to={`/materials/${materialId}/edit`}>Change</ButtonLink>
          )}
          {materialId.startsWith('own-') && (
            <Button look="quiet" onClick={() => void remove()}>
              Delete
            </Button>
          )}
          <ButtonLink to="/shelf">To the shelf</ButtonLink>
        </div>
      </div>
      {oil?.madeOf && (
        <section className="mt-4 rounded-xl border border-line bg-sheet px-5 py-4">
          <h2 className="text-lg">Made of</h2>
          <p className="mt-1">{capitalised(madeOfWords(oil.madeOf))}.</p>
          {batch && (
            <p className="mt-1 text-soft">
              From batch {batch.number}, made {dayWords(batch.madeOn)}, best before{' '}
              {dayWords(batch.bestBefore)}
              {batch.lots.length > 0 &&
                `. Lots: ${batch.lots.map(({ id, lot }) => `${nameIn(catalog, id)} ${lot}`).join(', ')}`}
              .
            </p>
          )}
        </section>
      )}
      {oil?.forbidden && !oil.own ? (
        <ForbiddenPage id={oil.id} />
      ) : oil ? (
        <OilPage oil={oil} />
      ) : base ? (
        <BasePage base={base} />
      ) : null}
      {!oil?.forbidden && <Holding materialId={materialId} />}
    </div>
  );
};
