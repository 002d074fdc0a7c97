import type { Finding } from '@jubbet/core/limits';
import { noteWords } from '@jubbet/core/words';
import { useCatalog } from '../../parts/catalog';
import { nonBreaking } from '../../parts/nonBreaking';

/** What is good to know, and counts for nothing in the verdict: folded away until it is wanted. */
export const Notes = ({ findings }: { findings: readonly Finding[] }) => {
  const catalog = useCatalog();
  const notes = noteWords(catalog, findings);
  if (notes.length === 0) return null;
  return (
    <details className="rounded-xl border border-line bg-sheet px-4 py-2 text-[14px]">
      <summary className="py-1 font-semibold">
        Good to know <span className="font-normal text-soft">({notes.length})</span>
      </summary>
      <ul className="mt-1 grid list-disc gap-1 pl-4">
        {notes.map((note) => (
          <li key={note}>{nonBreaking(note)}</li>
        ))}
      </ul>
    </details>
  );
};
