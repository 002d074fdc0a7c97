import { Notice } from '../../ui/Notice';
import type { Recipe } from '@jubbet/core/recipe';
import { findingMessage, settleProblemWords, verdictHeadline, makeWords } from '@jubbet/core/words';
import type { WorkedOut } from '@jubbet/core/drops';
import { useCatalog } from '../../parts/catalog';
import { ButtonLink } from '../../ui/Button';
import { OneBlend } from '../../parts/OneBlend';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { useWrite } from '../../parts/useWrite';
import { useAnswer } from '../../parts/useAnswer';
import { answers } from '../../store/answers';
import { batches } from '../../store/batches';
import { useStored } from '../../store/useStored';
import { momentWords } from '../../parts/moments';
import { BeforeBench } from './BeforeBench';
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
      <p className="mt-3">{makeWords.youCantOverrideThisChange}</p>
      <ButtonLink look="first" className="mt-4" to={back}>
        {makeWords.backToTheBlend}
      </ButtonLink>
    </section>
  );
};

/** The clock of this device is before what was written down already. */
const ClockBehind = () => {
  const last = useStored(['batch ahead'], () => batches.ahead()).data;
  if (!last) return null;
  return (
    <Notice tone="caution" isUrgent className="mt-4">
      {makeWords.accordingToThisDevicesClock(last.number, momentWords(new Date(last.startedAt)))}
    </Notice>
  );
};

const Start = ({ blendId, recipe }: { blendId: string; recipe: Recipe }) => {
  const catalog = useCatalog();
  const { worked, looking } = useWorkedOut(recipe);
  const back = `/blends/${blendId}`;
  const write = useWrite();
  const answer = useAnswer(
    recipe.brief.personId,
    (entry) => void write('The answer', () => answers.ofBlend(blendId, entry)),
  );
  return (
    <div
      className={
        worked.state === 'done' && !worked.evaluation.blocking
          ? 'mx-auto max-w-6xl'
          : 'mx-auto max-w-2xl'
      }
    >
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle title={`Before you make ${recipe.name || 'this blend'}`} />
        <ButtonLink to={back}>{makeWords.backToTheBlend}</ButtonLink>
      </div>
      <ClockBehind />
      {worked.state !== 'done' ? (
        <section className="mt-4 rounded-xl bg-slate-wash px-5 py-4">
          <p>
            {worked.state === 'gaps'
              ? 'Fill in the sentence first. Then there is something to measure.'
              : settleProblemWords(catalog, worked.problem)}
          </p>
          <ButtonLink look="first" className="mt-4" to={back}>
            {makeWords.backToTheBlend}
          </ButtonLink>
        </section>
      ) : worked.evaluation.blocking ? (
        <Refused done={worked} back={back} />
      ) : (
        <BeforeBench
          done={worked}
          recipe={recipe}
          blendId={blendId}
          looking={looking}
          onAnswer={(entry) => void answer(entry)}
        />
      )}
    </div>
  );
};

/** Before the bench: what is about to be made, and whether it may be. */
export const StartScreen = () => (
  <OneBlend>{({ id, recipe }) => <Start blendId={id} recipe={recipe} />}</OneBlend>
);
