import { partsWords } from '@jubbet/core/words';
import { botanicalOf, searchBases, searchOils, type Base, type Oil } from '@jubbet/core/catalog';
import { useState } from 'react';
import { Button } from '../ui/Button';
import { useCatalog } from './catalog';
import { PickByName } from './PickByName';

/** One thing that nobody has understood, with the ways to answer it. */
const Entry = ({
  text,
  onAnswer,
}: {
  text: string;
  onAnswer: (materialId: string | null) => void;
}) => {
  const catalog = useCatalog();
  const [isNaming, setIsNaming] = useState(false);
  return (
    <li className="grid gap-2 border-t border-line pt-2 first:border-t-0 first:pt-0">
      <span className="break-words">“{text}”</span>
      {isNaming ? (
        <PickByName<Oil | Base>
          label={`What “${text}” is`}
          placeholder={partsWords.typeThreeLettersThenEnter}
          search={(query) => [...searchOils(catalog, query), ...searchBases(catalog, query)]}
          isTaken={() => false}
          describe={(material) => ('kind' in material ? material.kind : botanicalOf(material))}
          onPick={({ id }) => onAnswer(id)}
        />
      ) : (
        <span className="flex flex-wrap gap-2">
          <Button aria-label={`Say what “${text}” is`} onClick={() => setIsNaming(true)}>
            This is …
          </Button>
          <Button aria-label={`Leave out “${text}”`} onClick={() => onAnswer(null)}>
            Leave it out
          </Button>
          <Button aria-label={`“${text}” is not an ingredient`} onClick={() => onAnswer(null)}>
            Not an ingredient
          </Button>
        </span>
      )}
    </li>
  );
};

/** What of a recipe nobody has understood: until each is answered, the blend can’t be checked. */
export const NotUnderstood = ({
  texts,
  onAnswer,
}: {
  texts: readonly string[];
  /** The material that it is; null where it is none, or stays out. */
  onAnswer: (text: string, materialId: string | null) => void;
}) =>
  texts.length === 0 ? null : (
    <section
      aria-labelledby="not-understood"
      className="grid gap-2 rounded-xl bg-slate-wash px-4 py-3"
    >
      <h3 id="not-understood" className="text-lg">
        <span aria-hidden>○ </span>Not understood
      </h3>
      <p className="text-[15px]">{partsWords.blendCantBeCheckedUntil(texts.length)}</p>
      <ul className="grid gap-2">
        {texts.map((text) => (
          <Entry key={text} text={text} onAnswer={(id) => onAnswer(text, id)} />
        ))}
      </ul>
    </section>
  );
