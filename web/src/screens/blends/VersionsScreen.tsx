import { nameOrNone, blendsWords } from '@jubbet/core/words';
import { StoredScreen } from '../../parts/StoredScreen';
import { useCatalog } from '../../parts/catalog';
import type { Catalog } from '@jubbet/core/catalog';
import { workOut } from '@jubbet/core/drops';
import type { Recipe } from '@jubbet/core/recipe';
import { format } from 'date-fns';
import { lazy, Suspense, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { Button, ButtonLink } from '../../ui/Button';
import { OneBlend } from '../../parts/OneBlend';
import { Photos } from '../../parts/Photos';
import { useNotice } from '../../parts/notice';
import { useWrite } from '../../parts/useWrite';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { VerdictMark } from '../../parts/VerdictMark';
import { blends } from '../../store/blends';
import type { BlendRecord, DraftRecord } from '../../store/database';
import { drafts } from '../../store/drafts';
import { useStored } from '../../store/useStored';
import { Tick } from '../../ui/Tick';

/** What compares them brings its charts along: loaded when two are chosen. */
const CompareVersions = lazy(async () => ({
  default: (await import('./CompareVersions')).CompareVersions,
}));

/** More than this are not told apart any more. */
const mostCompared = 4;

/** The sheet itself, among its drafts. */
const nowId = 'now';

const field = 'rounded-md border border-field bg-transparent px-2 py-1.5 placeholder:text-soft';

const verdictOf = (catalog: Catalog, recipe: Recipe) => {
  const worked = workOut(catalog, recipe);
  return worked.state === 'done' ? worked.evaluation.verdict : 'unknown';
};

const Row = ({
  record,
  chosen,
  onChoose,
  onBack,
}: {
  record: DraftRecord;
  chosen: boolean;
  onChoose: () => void;
  onBack: () => void;
}) => {
  const catalog = useCatalog();
  const tell = useNotice();
  const write = useWrite();
  const title = record.name || `Version ${record.number}`;
  const keep = (words: Partial<Pick<DraftRecord, 'name' | 'good'>>) =>
    void write('What you wrote', () => drafts.write(record.id, words));
  const remove = async () => {
    const removed = await write('The version', () => drafts.remove(record.id));
    if (!removed) return;
    tell({
      text: `${title} is gone.`,
      undo: () => void write('The version', () => drafts.putBack(removed)),
    });
  };
  return (
    <li className="grid gap-2 rounded-xl border border-line bg-sheet px-4 py-3">
      <div className="flex flex-wrap items-baseline gap-x-3 gap-y-1">
        <h2 className="text-lg">{title}</h2>
        <p className="text-sm text-soft">
          version {record.number} · {format(new Date(record.at), 'd MMM yyyy')} ·{' '}
          <VerdictMark verdict={verdictOf(catalog, record.recipe)} />
          {record.batchId && (
            <>
              {' · '}
              <Link to={`/batches/${record.batchId}`} className="text-press">
                its batch
              </Link>
            </>
          )}
        </p>
        <Tick className="ml-auto" isOn={chosen} onTick={onChoose}>
          compare <span className="sr-only">{title}</span>
        </Tick>
      </div>
      <div className="grid gap-2 sm:grid-cols-[12rem_1fr]">
        <input
          aria-label={`Name of version ${record.number}`}
          className={field}
          maxLength={120}
          placeholder={blendsWords.nameForIt}
          defaultValue={record.name}
          onChange={(event) => keep({ name: event.target.value })}
        />
        <input
          aria-label={`What was good about version ${record.number}`}
          className={field}
          maxLength={10_000}
          placeholder={blendsWords.whatWasGoodAboutIt}
          defaultValue={record.good}
          onChange={(event) => keep({ good: event.target.value })}
        />
      </div>
      <div className="flex flex-wrap gap-2">
        <Button onClick={onBack} aria-label={`Restore ${title}`}>
          Restore this version
        </Button>
        <Button look="quiet" onClick={() => void remove()} aria-label={`Delete ${title}`}>
          Delete
        </Button>
      </div>
    </li>
  );
};

const Drafts = ({ blend, list }: { blend: BlendRecord; list: readonly DraftRecord[] }) => {
  const navigate = useNavigate();
  const tell = useNotice();
  const write = useWrite();
  const [chosen, setChosen] = useState<readonly string[]>([nowId]);
  const toggle = (id: string) =>
    setChosen((before) =>
      before.includes(id)
        ? before.filter((other) => other !== id)
        : [...before, id].slice(-mostCompared),
    );
  const sides = chosen.flatMap((id) => {
    if (id === nowId) return [{ id, title: 'The blend now', recipe: blend.recipe }];
    const record = list.find((entry) => entry.id === id);
    return record
      ? [{ id, title: record.name || `Version ${record.number}`, recipe: record.recipe }]
      : [];
  });
  const goBack = async (record: DraftRecord) => {
    const before = blend.recipe;
    const written = await write('The blend', () =>
      blends.write(blend.id, record.recipe, blend.revision),
    );
    if (!written) return;
    if (written.overtaken) {
      tell({ text: 'The blend was just changed in another tab. Nothing was done.' });
      return;
    }
    await navigate(`/blends/${blend.id}`);
    tell({
      text: `The blend is as it was in ${record.name || `version ${record.number}`}.`,
      undo: () => void write('The blend', () => blends.write(blend.id, before, written.revision)),
    });
  };
  return (
    <div className="mx-auto grid max-w-5xl grid-cols-[minmax(0,1fr)] gap-3">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle title={`Versions of ${blend.recipe.name || 'a blend'}`} />
        <div className="flex gap-2">
          <Button
            onClick={() => void write('The version', () => drafts.keep(blend.id, blend.recipe))}
          >
            {blendsWords.saveAsAVersion}
          </Button>
          <ButtonLink look="first" to={`/blends/${blend.id}`}>
            {blendsWords.backToTheBlend}
          </ButtonLink>
        </div>
      </div>
      {list.length === 0 && <p className="max-w-prose">{blendsWords.eachTimeYouMakeA}</p>}
      {list.length > 0 && (
        <Tick isOn={chosen.includes(nowId)} onTick={() => toggle(nowId)}>
          {blendsWords.compareTheBlendAsIt}
        </Tick>
      )}
      {sides.length > 1 && (
        <Suspense fallback={null}>
          <CompareVersions sides={sides} />
        </Suspense>
      )}
      <ul className="grid gap-2">
        {list.map((record) => (
          <Row
            key={record.id}
            record={record}
            chosen={chosen.includes(record.id)}
            onChoose={() => toggle(record.id)}
            onBack={() => void goBack(record)}
          />
        ))}
      </ul>
      <div className="mt-4">
        <Photos of={{ kind: 'blend', id: blend.id }} what={nameOrNone(blend.recipe.name)} />
      </div>
    </div>
  );
};

/** A blend as it was each time it was made. */
export const VersionsScreen = () => {
  const { blendId = '' } = useParams();
  const found = useStored(['drafts', blendId], () => drafts.list(blendId));
  return (
    <StoredScreen of={found}>
      {(list) => <OneBlend>{(record) => <Drafts blend={record} list={list} />}</OneBlend>}
    </StoredScreen>
  );
};
