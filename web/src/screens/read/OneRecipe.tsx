import { Notice } from '../../ui/Notice';
import { strengthsByDrop } from '@jubbet/core/advice';
import {
  issuesOf,
  recipeOfRead,
  saidUse,
  understoodAs,
  type ReadRecipe,
} from '@jubbet/core/reading';
import { dropsPerMlOf } from '@jubbet/core/catalog';
import type { SpoonCountry } from '@jubbet/core/quantity';
import { readIssueWords, skippedWords, isGuess, readWords } from '@jubbet/core/words';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { useCatalog } from '../../parts/catalog';
import { NotUnderstood } from '../../parts/NotUnderstood';
import { useNotice } from '../../parts/notice';
import { useWrite } from '../../parts/useWrite';
import { blends } from '../../store/blends';
import type { Settings } from '../../store/settings';
import { ReadIngredients } from './ReadIngredients';
import { ReadLines } from './ReadLines';
import { ReallyIs } from './ReallyIs';
import { Section } from '../../ui/Section';

/** One recipe that was read: what does not add up, what it is made of, what it really is. */
export const OneRecipe = ({
  read,
  source,
  set,
}: {
  read: ReadRecipe;
  source: string;
  set: Pick<Settings, 'dropSize' | 'guideline' | 'spoons'>;
}) => {
  const catalog = useCatalog();
  const navigate = useNavigate();
  const tell = useNotice();
  const write = useWrite();
  const [materials, setMaterials] = useState<Readonly<Record<number, string | null>>>({});
  const [amounts, setAmounts] = useState<Readonly<Record<number, string>>>({});
  const [answers, setAnswers] = useState<readonly (readonly [string, string | null])[]>([]);
  const [ounce, setOunce] = useState<'volume' | 'weight'>('volume');
  const [chosenCountry, setCountry] = useState<SpoonCountry | null>(null);
  const said = useMemo(() => saidUse(read), [read]);
  const country = chosenCountry ?? said.country ?? (set.spoons === 'ask' ? 'us' : set.spoons);
  const [dropsPerMl, setDropsPerMl] = useState(dropsPerMlOf(set.dropSize));
  const taken = useMemo(
    () =>
      recipeOfRead(read, source, catalog, {
        materials,
        amounts,
        ounce,
        country,
        dropsPerMl,
        guideline: set.guideline,
      }),
    [read, source, catalog, materials, amounts, ounce, country, dropsPerMl, set.guideline],
  );
  const recipe = useMemo(
    () =>
      answers.reduce(
        (before, [text, id]) => understoodAs(catalog, text, id, country)(before),
        taken.recipe,
      ),
    [answers, taken.recipe, catalog, country],
  );
  const asked = new Set([...recipe.notUnderstood, ...answers.map(([text]) => text)]);
  const leftOut = taken.leftOut.filter(({ text }) => !asked.has(text));
  // The strength that is shown is said everywhere.
  const strength = strengthsByDrop(catalog, recipe).find(({ perMl }) => perMl === 20)?.percent;
  const issues = issuesOf(read, catalog, strength);
  const trouble = issues.filter((issue) => !isGuess(issue));
  const make = async (recipe: typeof taken.recipe): Promise<void> => {
    const id = await write('The blend', () => blends.add(recipe));
    if (id === undefined) return;
    await navigate(`/blends/${id}`);
    tell({
      text: 'The recipe is a blend now. Its text stands in the notes.',
      undo: () => void write('The blend', () => blends.remove(id)),
    });
  };
  return (
    <>
      <h2 className="font-serif text-2xl">{read.title || 'A recipe without a name'}</h2>
      <Section heading="h3" title={readWords.whatDoesNotAddUp}>
        {trouble.length === 0 ? (
          <p>{readWords.everythingAddsUp}</p>
        ) : (
          <ul className="grid gap-1.5">
            {trouble.map((issue) => {
              const words = readIssueWords(catalog, issue);
              const isGrave = issue.code === 'never-on-skin' || issue.code === 'strong-habit';
              return (
                <li key={words} className={isGrave ? 'text-brick' : undefined}>
                  <span aria-hidden>{isGrave ? '■ ' : '▲ '}</span>
                  {words}
                </li>
              );
            })}
          </ul>
        )}
      </Section>
      <ReadIngredients
        read={read}
        materials={materials}
        onChoose={(n, id) => setMaterials({ ...materials, [n]: id })}
        amounts={amounts}
        onAmount={(n, typed) => setAmounts({ ...amounts, [n]: typed })}
        ounce={issues.some(({ code }) => code === 'which-ounce') ? ounce : null}
        onOunce={setOunce}
        country={country}
        onCountry={setCountry}
      />
      <NotUnderstood
        texts={recipe.notUnderstood}
        onAnswer={(text, id) => setAnswers([...answers, [text, id]])}
      />
      {leftOut.length > 0 && (
        <Notice tone="caution">▲ {skippedWords(leftOut.map(({ text }) => text))}</Notice>
      )}
      <ReallyIs
        recipe={recipe}
        dropsPerMl={dropsPerMl}
        onDropsPerMl={setDropsPerMl}
        onMake={(recipe) => void make(recipe)}
      />
      <ReadLines read={read} />
    </>
  );
};
