import { Failed } from '../../parts/Failed';
import { Panel } from '../../ui/Panel';
import { fillMl } from '@jubbet/core/catalog';
import type { WorkedOut } from '@jubbet/core/drops';
import { isReason, roughTime, stepsOf } from '@jubbet/core/making';
import { firstLine, type Recipe } from '@jubbet/core/recipe';
import type { Answer } from '@jubbet/core/brief';
import {
  capitalised,
  containerWordsOf,
  countedContainers,
  findingMessage,
  formatList,
  massWords,
  noteWords,
  oneOf,
  roughTimeWords,
  verdictHeadline,
  volumeWords,
  makeWords,
} from '@jubbet/core/words';
import { Minus, Plus } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { ContainerFigure } from '../../parts/ContainerFigure';
import { sizeOf } from '../../parts/container/size';
import { errorText, type ErrorText } from '../../parts/errorText';
import { layersOf } from '../../parts/layers';
import { NumberField } from '../../ui/NumberField';
import { Questions } from '../../parts/Questions';
import { nonBreaking } from '../../parts/nonBreaking';
import { useUnits } from '../../parts/useUnits';
import { VerdictMark, verdictInk, verdictShapes, verdictWash } from '../../parts/VerdictMark';
import { batches } from '../../store/batches';
import { TableOfMaterials } from './TableOfMaterials';

type Done = Extract<WorkedOut, { state: 'done' }>;

/** More of one kind than this are reported and not drawn. */
const mostDrawn = 3;

/** All containers side by side are drawn so wide and so high at the most, in px. */
const roomPx = { width: 190, height: 240 };

const Part = ({ title, children }: { title: string; children: ReactNode }) => (
  <Panel aria-label={title} className="px-4 py-3">
    <h2 className="text-lg">{title}</h2>
    {children}
  </Panel>
);

/** The containers as they will be, full, all to one scale. */
const Containers = ({ done: { blend, evaluation }, count }: { done: Done; count: number }) => {
  const kinds = blend.inOne ? blend.fillings : [{ container: blend.formula.container, count }];
  const drawn = kinds.flatMap(({ container, count: many }) =>
    Array.from(
      { length: Math.min(many, Math.max(1, Math.floor(mostDrawn / kinds.length))) },
      () => container,
    ),
  );
  const wide = drawn.reduce((total, container) => total + sizeOf(container).width + 3, 0);
  const high = Math.max(...drawn.map((container) => sizeOf(container).height));
  const scale = Math.min(roomPx.width / wide, roomPx.height / high);
  return (
    <div className="flex items-end justify-center gap-1.5">
      {drawn.map((container, n) => (
        <ContainerFigure
          key={n}
          container={container}
          layers={layersOf(evaluation.mixture, blend.inOne ? fillMl(container) : null)}
          pxPerMm={scale}
        />
      ))}
    </div>
  );
};

/** What is about to be made, what it takes, and what to know before the bench. */
export const BeforeBench = ({
  done,
  recipe,
  blendId,
  looking,
  onAnswer,
}: {
  done: Done;
  recipe: Recipe;
  blendId: string;
  /** True while the drops closest to the target are still looked for. */
  looking: boolean;
  onAnswer: (answer: Answer) => void;
}) => {
  const catalog = useCatalog();
  const units = useUnits();
  const navigate = useNavigate();
  const [count, setCount] = useState(firstLine(recipe).count);
  const [reason, setReason] = useState('');
  const [failure, setFailure] = useState<ErrorText | null>(null);
  const { evaluation, blend } = done;
  const { mixture } = evaluation;
  const over = evaluation.verdict === 'over';
  const raised = evaluation.findings.filter(
    ({ verdict }) => verdict !== 'within' && verdict !== 'note',
  );
  const worst = raised.filter(({ verdict }) => verdict === evaluation.verdict);
  const notes = noteWords(catalog, evaluation.findings);
  const missing = over && !isReason(reason);
  const containers = blend.inOne
    ? formatList(
        blend.fillings.map((filling) => countedContainers(filling.count, filling.container.kind)),
      )
    : countedContainers(count, blend.formula.container.kind);
  const time = roughTime(catalog, stepsOf({ ...blend, count }, mixture));
  const start = async () => {
    try {
      const id = await batches.start({
        blendId,
        recipe: {
          ...recipe,
          containers: [{ ...firstLine(recipe), count }, ...recipe.containers.slice(1)],
        },
        blend,
        evaluation,
        reason,
      });
      await navigate(`/make/${id}`);
    } catch (error) {
      setFailure(errorText(error));
    }
  };
  return (
    <form
      className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-4 md:grid-cols-[220px_minmax(0,1fr)] xl:grid-cols-[230px_minmax(0,1fr)_300px]"
      onSubmit={(event) => {
        event.preventDefault();
        if (!missing && !looking) void start();
      }}
    >
      <Panel
        aria-label="Containers"
        className="grid content-center gap-3 self-start px-4 py-5 text-center"
      >
        <Containers done={done} count={count} />
        {blend.inOne ? (
          <p className="text-lg font-semibold">{capitalised(containers)}</p>
        ) : (
          <div className="flex items-center justify-center gap-1.5">
            <Button
              className="size-11 rounded-full! px-0!"
              aria-label="One bottle less"
              disabled={count <= 1}
              onClick={() => setCount(count - 1)}
            >
              <Minus aria-hidden size={18} />
            </Button>
            <label className="flex items-baseline gap-1 font-semibold whitespace-nowrap">
              <NumberField
                label="How many bottles"
                framed
                className="w-12 text-center! text-lg font-semibold"
                value={count}
                rule={{ least: 1, most: 1000, whole: true }}
                onNumber={setCount}
              />
              {count === 1
                ? oneOf(blend.formula.container.kind)
                : containerWordsOf(blend.formula.container.kind).plural}
            </label>
            <Button
              className="size-11 rounded-full! px-0!"
              aria-label="One bottle more"
              disabled={count >= 1000}
              onClick={() => setCount(count + 1)}
            >
              <Plus aria-hidden size={18} />
            </Button>
          </div>
        )}
        <p className="text-sm text-soft">
          {nonBreaking(
            blend.inOne
              ? `${volumeWords(mixture.fillMl, units)}, ${massWords(mixture.totalG.likely, units)} in total, mixed together`
              : `${volumeWords(blend.formula.container.nominalMl, units, 4)} each, filled to ${volumeWords(mixture.fillMl, units)}`,
          )}
        </p>
      </Panel>
      <Part title="On the table">
        <TableOfMaterials blend={blend} mixture={mixture} count={blend.inOne ? 1 : count} />
        <p className="mt-3 text-sm text-soft">
          {makeWords.alsoCleanAndDryPaper(containers, nonBreaking(roughTimeWords(time)))}
        </p>
      </Part>
      <div className="grid content-start gap-3 md:max-xl:col-span-2">
        <section
          aria-label="Verdict"
          className={`rounded-xl px-4 py-3 ${evaluation.verdict ? verdictWash[evaluation.verdict] : 'bg-slate-wash'}`}
        >
          <p className="text-lg">
            {evaluation.verdict ? (
              <span className={verdictInk[evaluation.verdict]}>
                <span aria-hidden>{verdictShapes[evaluation.verdict]} </span>
                {verdictHeadline(evaluation.verdict, worst.length, false, blend.brief.wearer)}
              </span>
            ) : (
              'Nothing in it yet'
            )}
          </p>
          <ul className="grid gap-1 text-[14.5px]">
            {raised.map((entry) => (
              <li key={findingMessage(catalog, entry)}>
                {entry.verdict !== evaluation.verdict && (
                  <>
                    <VerdictMark verdict={entry.verdict} /> ·{' '}
                  </>
                )}
                {nonBreaking(findingMessage(catalog, entry))}
              </li>
            ))}
          </ul>
        </section>
        <Questions
          blend={blend}
          mixture={mixture}
          findings={evaluation.findings}
          onAnswer={onAnswer}
        />
        {notes.length > 0 && (
          <Part title="Good to know">
            <ul className="mt-1 grid list-disc gap-1 pl-4 text-[14.5px]">
              {notes.map((note) => (
                <li key={note}>{nonBreaking(note)}</li>
              ))}
            </ul>
          </Part>
        )}
        {over && (
          <label className="grid gap-1">
            <span className="font-semibold">{makeWords.whyGoPastThisLimit}</span>
            <span className="text-sm text-soft">{makeWords.fewWordsTheyAreSaved}</span>
            <textarea
              required
              rows={3}
              maxLength={2000}
              className="rounded-md border border-field bg-transparent px-2 py-1.5"
              value={reason}
              onChange={(event) => setReason(event.target.value)}
            />
          </label>
        )}
        <Failed failure={failure} words={makeWords.batchNotStarted} />
        {looking ? (
          <p role="status">{makeWords.lookingForTheDropsClosest}</p>
        ) : (
          <Button look="first" type="submit" className="min-h-14 text-lg!" disabled={missing}>
            To the bench
          </Button>
        )}
      </div>
    </form>
  );
};
