import { forbiddenMaterials, forbiddenPage } from '@jubbet/core/catalog';
import { formatList, shelfWords } from '@jubbet/core/words';
import { Link } from 'react-router';
import { useCatalog } from '../../parts/catalog';
import { OilName } from '../../parts/OilName';

/** Why something must never go on skin, and what to use instead. */
export const ForbiddenPage = ({ id }: { id: string }) => {
  const catalog = useCatalog();
  const material = forbiddenMaterials.find((forbiddenMaterial) => forbiddenMaterial.id === id);
  const page = forbiddenPage(id);
  if (!material || !page) return null;
  const { aliases, botanical, why, source, confidence } = material;
  const { standing, recalls, note, instead } = page;
  return (
    <>
      <section className="mt-4 rounded-xl bg-brick-wash px-5 py-4">
        <h2 className="text-xl text-brick">
          <span aria-hidden>■ </span>Never on skin
        </h2>
        <p className="mt-2">
          {why.charAt(0).toUpperCase()}
          {why.slice(1)}.
        </p>
        <p className="mt-2">{shelfWords.neverForSkin(standing === 'prohibited')}</p>
        {note && <p className="mt-2">{note.charAt(0).toUpperCase() + note.slice(1)}.</p>}
      </section>
      <section className="mt-4 rounded-xl border border-line bg-sheet px-5 py-4">
        <h2 className="text-lg">{shelfWords.whatToUseInstead}</h2>
        {instead.length === 0 ? (
          <p className="mt-1">{shelfWords.nothingReplacesItOnSkin}</p>
        ) : (
          <ul className="mt-1 grid gap-1">
            {instead.map((text) => (
              <li key={text}>
                <Link to={`/materials/${text}`} className="text-press">
                  <OilName name={catalog.oil(text)?.name ?? text} />
                </Link>
              </li>
            ))}
          </ul>
        )}
      </section>
      <section className="mt-4 rounded-xl border border-line bg-sheet px-5 py-4">
        <h2 className="text-lg">What it is</h2>
        <p className="mt-1">{botanical}</p>
        {aliases.length > 0 && <p className="mt-1">Also called {formatList(aliases)}.</p>}
        <p className="mt-2 text-sm text-soft">
          Source: {source}, recalled {recalls === 1 ? 'once' : 'twice independently'}. Confidence:{' '}
          {confidence}.
        </p>
      </section>
    </>
  );
};
