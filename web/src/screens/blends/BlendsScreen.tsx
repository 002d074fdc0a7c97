import { countedWords, nameOrNone, blendsWords } from '@jubbet/core/words';
import { lazy, startTransition, Suspense, useCallback, useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { Button, ButtonLink } from '../../ui/Button';
import { Kbd } from '../../ui/Kbd';
import { OneRecord } from '../../parts/OneRecord';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { useKeys } from '../../parts/useKeys';
import { useWrite } from '../../parts/useWrite';
import { blends } from '../../store/blends';
import { settings } from '../../store/settings';
import { useStored, useThere } from '../../store/useStored';
import { isWhole, useBookFilter, type BookFilter } from './bookFilter';
import { ShelfCard } from './ShelfCard';
import { ShelfGrid } from './ShelfGrid';

/** The other way to look, and what is stated once all is there. */
const BookList = lazy(async () => ({
  default: (await import('../../ui/WindowList')).WindowList,
}));
const BlendCard = lazy(async () => ({ default: (await import('./BlendCard')).BlendCard }));
const RefusedFile = lazy(async () => ({ default: (await import('./ImportBlend')).RefusedFile }));
const ImportBlend = lazy(async () => ({ default: (await import('./ImportBlend')).ImportBlend }));
const FolderNews = lazy(async () => ({ default: (await import('./FolderNews')).FolderNews }));
const ExampleHere = lazy(async () => ({ default: (await import('./ExampleHere')).ExampleHere }));
const SaveReminder = lazy(async () => ({ default: (await import('./SaveReminder')).SaveReminder }));

/** Search and filters are loaded beside the names. */
const BookTools = lazy(async () => ({ default: (await import('./BookTools')).BookTools }));

/** Names that were on the screen once come at once with all that belongs to them. */
let namedBefore = false;

/**
 * The names come first: what is drawn, judged and filtered is loaded once they are painted.
 *
 * @param noNames true where nothing can be named before the filters are there
 */
const useNamed = (noNames: boolean): readonly [boolean, () => void] => {
  const [named, setNamed] = useState(noNames || namedBefore);
  const onNamed = useCallback(() => {
    namedBefore = true;
    requestAnimationFrame(() => startTransition(() => setNamed(true)));
  }, []);
  return [named || noNames, onNamed];
};

/** Is beside the names, and says that it is there. */
const Named = ({ onNamed }: { onNamed: () => void }) => {
  useEffect(onNamed, [onNamed]);
  return null;
};

/** The blends, on shelves or as a list. */
const Book = ({
  ids,
  look,
  named = false,
  onNamed,
}: {
  ids: readonly string[];
  look: BookFilter['look'];
  /** False until the names are on the screen, and the filters above them still on their way. */
  named?: boolean;
  /** Reported when the first name is on the screen. */
  onNamed?: () => void;
}) => {
  const first = useStored(['blend', ids[0]], () => blends.get(ids[0] ?? ''));
  const isRead = first.data !== undefined || first.error !== null;
  const entry = (id: string) => (
    <OneRecord
      what="blend"
      of={['blend', id]}
      read={() => blends.get(id)}
      nameOf={({ recipe }) => nameOrNone(recipe.name)}
      onDelete={() => blends.remove(id)}
    >
      {(record) => (
        <>
          {look === 'shelf' ? (
            <ShelfCard record={record} named={named} />
          ) : (
            <Suspense fallback={<div className="h-24" />}>
              <BlendCard record={record} named={named} />
            </Suspense>
          )}
        </>
      )}
    </OneRecord>
  );
  return (
    <div className={named ? '' : 'pt-13'}>
      {/* Also where the first is broken and has no name. */}
      {onNamed && isRead && <Named onNamed={onNamed} />}
      {look === 'shelf' ? (
        <ShelfGrid ids={ids}>{entry}</ShelfGrid>
      ) : (
        <Suspense fallback={null}>
          <BookList ids={ids} rowPx={106} className="mt-4">
            {entry}
          </BookList>
        </Suspense>
      )}
    </div>
  );
};

/** Every blend, what it is for, and whether it is within limits. */
export const BlendsScreen = () => {
  const navigate = useNavigate();
  const [filter, change] = useBookFilter();
  const [refused, setRefused] = useState<string | null>(null);
  const data = useThere(['blend ids'], () => blends.ids());
  const [named, onNamed] = useNamed(!isWhole(filter) || data?.length === 0);
  const exampleHere = useStored(['settings'], () => settings.read()).data?.exampleHere;
  const write = useWrite();
  const create = () =>
    void write('The new blend', () => blends.create()).then(
      (id) => id && navigate(`/blends/${id}`),
    );
  useKeys({ n: create });

  const waiting =
    data && isWhole(filter) ? <Book ids={data} look={filter.look} onNamed={onNamed} /> : null;
  return (
    <div className="mx-auto max-w-6xl">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle
          title="Blends"
          aside={data && data.length > 0 ? countedWords(data.length, 'blend') : ''}
        />
        <div className="flex flex-wrap gap-2">
          <Suspense fallback={<Button disabled>Import</Button>}>
            <ButtonLink to="/read">Read a recipe</ButtonLink>
            <ButtonLink to="/scan">Scan a code</ButtonLink>
            {named ? <ImportBlend onRefused={setRefused} /> : <Button disabled>Import</Button>}
          </Suspense>
          <Button look="first" onClick={create}>
            New blend <Kbd>N</Kbd>
          </Button>
        </div>
      </div>
      {refused && (
        <Suspense fallback={null}>
          <RefusedFile sentence={refused} onClose={() => setRefused(null)} />
        </Suspense>
      )}
      {exampleHere && (
        <Suspense fallback={null}>
          <ExampleHere />
        </Suspense>
      )}
      {named && (
        <Suspense fallback={null}>
          <SaveReminder />
          <FolderNews />
        </Suspense>
      )}
      {data?.length === 0 && (
        <p className="mt-6 max-w-prose">{blendsWords.blendStartsAsASentence}</p>
      )}
      {data && data.length > 0 && (
        <Suspense fallback={waiting}>
          {named ? (
            <BookTools filter={filter} change={change} ids={data}>
              {(ids) => <Book ids={ids} look={filter.look} named />}
            </BookTools>
          ) : (
            waiting
          )}
        </Suspense>
      )}
    </div>
  );
};
