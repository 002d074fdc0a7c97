import { firstLine, type Recipe } from '@jubbet/core/recipe';
import {
  settleProblemWords,
  verdictHeadline,
  fillingsWords,
  findingMessage,
  noteWords,
  massWords,
  volumeWords,
} from '@jubbet/core/words';
import { isReason } from '@jubbet/core/making';
import type { WorkedOut } from '@jubbet/core/drops';
import { useCatalog } from '../../parts/catalog';
import { useUnits } from '../../parts/useUnits';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { Button, ButtonLink } from '../../parts/Button';
import { errorWords } from '../../parts/errorWords';
import { Missing } from '../../parts/Missing';
import { NumberField } from '../../parts/NumberField';
import { Questions } from '../../parts/Questions';
import { ScreenTitle } from '../../parts/ScreenTitle';
import { useWrite } from '../../parts/useWrite';
import { useAnswer } from '../../parts/useAnswer';
import { answers } from '../../store/answers';
import { VerdictMark } from '../../parts/VerdictMark';
import { batches } from '../../store/batches';
import { blends } from '../../store/blends';
import { useStored } from '../../store/useStored';
import { useWorkedOut } from '../../workers/useWorkedOut';

type Done = Extract<WorkedOut, { state: 'done' }>;

const Refused = ({ done, back }: { done: Done; back: string }) => {
  const catalog = useCatalog();
  return (
    <section className="mt-4 rounded-xl bg-brick-wash px-5 py-4">
      <h2 className="text-xl text-brick">
        <span aria-hidden>■ </span>
        {verdictHeadline('over', 1, true, done.blend.brief.wearer)}
      </h2>
      <ul className="mt-2 list-disc pl-5">
        {done.evaluation.findings
          .filter(({ blocking }) => blocking)
          .map((entry) => (
            <li key={findingMessage(catalog, entry)}>{findingMessage(catalog, entry)}</li>
          ))}
      </ul>
      <p className="mt-3">You can’t override this. Change the blend, the place or the person.</p>
      <ButtonLink look="first" className="mt-4" to={back}>
        Back to the blend
      </ButtonLink>
    </section>
  );
};

const Ready = ({
  done,
  recipe,
  blendId,
  back,
}: {
  done: Done;
  recipe: Recipe;
  blendId: string;
  back: string;
}) => {
  const catalog = useCatalog();
  const units = useUnits();
  const navigate = useNavigate();
  const [count, setCount] = useState(firstLine(recipe).count);
  const [reason, setReason] = useState('');
  const [failure, setFailure] = useState<string | null>(null);
  const { evaluation } = done;
  const over = evaluation.verdict === 'over';
  const told = evaluation.findings.filter(
    ({ verdict }) => verdict !== 'within' && verdict !== 'note',
  );
  const notes = noteWords(catalog, evaluation.findings);
  const missing = over && !isReason(reason);
  const start = async () => {
    try {
      const id = await batches.start({
        blendId,
        recipe: {
          ...recipe,
          containers: [{ ...firstLine(recipe), count }, ...recipe.containers.slice(1)],
        },
        blend: done.blend,
        evaluation,
        reason,
      });
      await navigate(`/make/${id}`);
    } catch (error) {
      setFailure(errorWords(error));
    }
  };
  return (
    <form
      className="grid gap-4 rounded-xl border border-line bg-sheet px-5 py-4"
      onSubmit={(event) => {
        event.preventDefault();
        if (!missing) void start();
      }}
    >
      <p className="text-lg">
        <VerdictMark verdict={evaluation.verdict} />
      </p>
      {told.length > 0 && (
        <ul className="grid gap-1">
          {told.map((entry) => (
            <li key={findingMessage(catalog, entry)}>
              <VerdictMark verdict={entry.verdict} /> · {findingMessage(catalog, entry)}
            </li>
          ))}
        </ul>
      )}
      {notes.length > 0 && (
        <div>
          <h2 className="font-sans text-[15px] font-semibold">Good to know</h2>
          <ul className="mt-1 list-disc pl-5 text-[15px]">
            {notes.map((note) => (
              <li key={note}>{note}</li>
            ))}
          </ul>
        </div>
      )}
      {over && (
        <label className="grid gap-1">
          <span className="font-semibold">Why go past this limit?</span>
          <span className="text-sm text-soft">
            A few words. They are saved with the batch, and it can’t be made without them.
          </span>
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
      {done.blend.inOne ? (
        <p>
          {volumeWords(evaluation.mixture.fillMl, units)}
          {`, ${massWords(evaluation.mixture.totalG.likely, units)}`}, mixed together, for{' '}
          {fillingsWords(done.blend.fillings)}.
        </p>
      ) : (
        <label className="flex items-baseline gap-2">
          How many bottles
          <NumberField
            label="How many bottles"
            framed
            className="w-16"
            value={count}
            rule={{ least: 1, most: 1000, whole: true }}
            onNumber={setCount}
          />
        </label>
      )}
      {failure && (
        <p role="alert" className="text-brick">
          The batch was not started: {failure}. Nothing was lost.
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <Button look="first" type="submit" disabled={missing}>
          To the bench
        </Button>
        <ButtonLink to={back}>Back to the blend</ButtonLink>
      </div>
    </form>
  );
};

const Start = ({ blendId, recipe }: { blendId: string; recipe: Recipe }) => {
  const catalog = useCatalog();
  const { worked, looking } = useWorkedOut(recipe);
  const back = `/blends/${blendId}`;
  const write = useWrite();
  const answer = useAnswer(
    recipe.brief.personId,
    (one) => void write('The answer', () => answers.ofBlend(blendId, one)),
  );
  return (
    <div className="mx-auto max-w-2xl">
      <ScreenTitle title={`Make ${recipe.name || 'this blend'}`} />
      {worked.state !== 'done' ? (
        <section className="mt-4 rounded-xl bg-slate-wash px-5 py-4">
          <p>
            {worked.state === 'gaps'
              ? 'Fill in the sentence first. Then there is something to measure.'
              : settleProblemWords(catalog, worked.problem)}
          </p>
          <ButtonLink look="first" className="mt-4" to={back}>
            Back to the blend
          </ButtonLink>
        </section>
      ) : worked.evaluation.blocking ? (
        <Refused done={worked} back={back} />
      ) : (
        <div className="mt-4 grid gap-4">
          <Questions
            blend={worked.blend}
            mixture={worked.evaluation.mixture}
            findings={worked.evaluation.findings}
            onAnswer={(one) => void answer(one)}
          />
          {looking ? (
            <p role="status">Looking for the drops closest to the target.</p>
          ) : (
            <Ready done={worked} recipe={recipe} blendId={blendId} back={back} />
          )}
        </div>
      )}
    </div>
  );
};

/** Before the bench: what is about to be made, and whether it may be. */
export const StartScreen = () => {
  const { blendId = '' } = useParams();
  const { data, error } = useStored(['blend', blendId], () => blends.get(blendId));
  if (error) throw error;
  if (data === undefined) return null;
  if (data === null) {
    return <Missing title="Blend not found" text="It may have been deleted." />;
  }
  return <Start blendId={blendId} recipe={data.recipe} />;
};
