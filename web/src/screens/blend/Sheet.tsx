import type { Answer } from '@jubbet/core/brief';
import type { WorkedOut } from '@jubbet/core/drops';
import { answerBrief, firstLine } from '@jubbet/core/recipe';
import { stillNeededWords } from '@jubbet/core/words';
import { formatDistanceToNow } from 'date-fns';
import { ListFilter, Redo2, Undo2 } from 'lucide-react';
import { useEffect, useMemo, useRef, type RefObject } from 'react';
import { useNavigate } from 'react-router';
import { Button, ButtonLink } from '../../parts/Button';
import { useCatalog } from '../../parts/catalog';
import { Kbd } from '../../parts/Kbd';
import { useNotice } from '../../parts/notice';
import { NoteBar } from '../../parts/NoteBar';
import { PreDilutions } from '../../parts/PreDilutions';
import { Questions } from '../../parts/Questions';
import { RecipeCatalog } from '../../parts/RecipeCatalog';
import { useAfterPaint } from '../../parts/useAfterPaint';
import { useAnswer } from '../../parts/useAnswer';
import { useSpoons } from '../../parts/useSpoons';
import { useKeys } from '../../parts/useKeys';
import { useOpenedWith } from '../../parts/openedWith';
import type { BlendOfToday } from '../../store/blends';
import { useWorkedOut } from '../../workers/useWorkedOut';
import { AddOil } from './AddOil';
import { AddBase } from './AddBase';
import { BaseTable } from './BaseTable';
import { FillWords } from './FillWords';
import { Findings } from './Findings';
import { Notes } from './Notes';
import { NotSaved } from './NotSaved';
import { Glasses } from './Glasses';
import { NameTitle } from './NameTitle';
import { SuggestedChanges } from './SuggestedChanges';
import { PurposeAndNotes } from './PurposeAndNotes';
import { OilTable } from './OilTable';
import { ScaleButton } from './ScaleButton';
import { openFirstGap, openPart } from './gaps';
import { Sentence } from './Sentence';
import { TexturePanel } from './TexturePanel';
import { shownContainer } from './shownContainer';
import type { TokenProps } from './tokenProps';
import { ofToday } from './ofToday';
import { PastePanel } from './PastePanel';
import { PersonChanged } from './PersonChanged';
import { Unanswered } from './Unanswered';
import { useRecipe } from './useRecipe';
import { lineMl } from './OilTotals';
import { useAddedHere } from './useAddedHere';
import { useUndoKeys } from './useUndoKeys';
import { VerdictBox } from '../../parts/VerdictBox';

/** What is under the sentence: the glass, the oils and bases, and what holds them back. */
const SheetBody = ({
  recipe,
  change,
  worked,
  looking,
  addRef,
  onAnswer,
}: TokenProps & {
  worked: WorkedOut;
  looking: boolean;
  addRef: RefObject<HTMLInputElement | null>;
  onAnswer: (answer: Answer) => void;
}) => {
  const latest = useRef(recipe);
  useEffect(() => {
    latest.current = recipe;
  });
  const container = shownContainer(firstLine(recipe).container);
  const evaluation = worked.state === 'done' ? worked.evaluation : null;
  const blend = worked.state === 'done' ? worked.blend : null;
  const mixture = evaluation?.mixture ?? null;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-3 md:grid-cols-[150px_minmax(0,1fr)] xl:grid-cols-[172px_minmax(0,1fr)_300px]">
      <section
        aria-label="Glass"
        className="flex flex-col items-center self-start rounded-xl border border-line bg-sheet px-3 py-4 text-center max-md:order-4 md:max-xl:order-2"
      >
        <Glasses recipe={recipe} blend={blend} mixture={mixture} />
        <FillWords
          container={container}
          recipe={recipe}
          change={change}
          done={worked.state === 'done' ? worked : null}
        />
        {mixture && <NoteBar mixture={mixture} words className="mt-2 w-full" />}
      </section>
      <div className="grid grid-cols-[minmax(0,1fr)] content-start gap-3 max-xl:order-2">
        <div className="rounded-xl border border-line bg-sheet px-4 py-2.5 max-sm:px-3">
          <OilTable recipe={recipe} change={change} worked={worked} addRef={addRef} />
          {worked.state === 'done' && <PreDilutions done={worked} />}
          <BaseTable recipe={recipe} change={change} worked={worked} />
          <div className="mt-2 grid items-start gap-2 sm:grid-cols-[minmax(0,1fr)_auto_auto_minmax(0,1fr)]">
            <AddOil
              ref={addRef}
              taken={recipe.oils.map(({ id }) => id).join()}
              latest={latest}
              change={change}
            />
            <span className="self-start pt-2 max-sm:hidden">
              <Kbd>/</Kbd>
            </span>
            <ButtonLink
              to="oils"
              className="px-2.5!"
              aria-label="Choose oils by note, smell and person"
              title="Choose oils by note, smell and person"
            >
              <ListFilter aria-hidden size={18} />
            </ButtonLink>
            <AddBase
              taken={recipe.bases.map(({ id }) => id).join()}
              latest={latest}
              change={change}
            />
          </div>
        </div>
        {evaluation && <TexturePanel recipe={recipe} change={change} evaluation={evaluation} />}
        {evaluation && <PastePanel change={change} evaluation={evaluation} />}
        <PurposeAndNotes recipe={recipe} change={change} />
      </div>
      <div className="grid content-start gap-3 max-xl:contents">
        <div className="max-xl:order-1 max-xl:col-span-full">
          <VerdictBox worked={worked} looking={looking} />
        </div>
        <div className="grid gap-3 empty:hidden max-xl:order-1 max-xl:col-span-full">
          {recipe.notUnderstood.length > 0 && (
            <Unanswered texts={recipe.notUnderstood} change={change} />
          )}
          <SuggestedChanges recipe={recipe} change={change} />
          {blend && evaluation && (
            <Questions
              blend={blend}
              mixture={evaluation.mixture}
              findings={evaluation.findings}
              onAnswer={onAnswer}
            />
          )}
        </div>
        <div className="grid gap-3 max-xl:order-3 max-xl:col-span-full">
          {worked.state === 'done' && (
            <>
              <Findings
                findings={worked.evaluation.findings}
                blend={worked.blend}
                mixture={worked.evaluation.mixture}
              />
              <Notes findings={worked.evaluation.findings} />
            </>
          )}
          <p className="px-1 text-[13px] text-soft">
            Published guidance, not medical advice. Local rules, the supplier’s sheet and a licensed
            practitioner come first.
          </p>
        </div>
      </div>
    </div>
  );
};

/** One blend: brief, glass, oils, verdict. The sentence is painted before all else. */
export const Sheet = ({ record }: { record: BlendOfToday }) => {
  const {
    recipe: written,
    change,
    undo,
    redo,
    steps,
    saving,
    failure,
    retry,
    overtaken,
    dismiss,
  } = useRecipe(record);
  const catalog = useCatalog();
  const recipe = useMemo(() => ofToday(written, record), [written, record]);
  const answer = useAnswer(recipe.brief.personId, (entry) => change(answerBrief(entry)));
  useAddedHere(catalog, change, lineMl(recipe));
  useUndoKeys(undo, redo);
  const { worked, looking } = useWorkedOut(recipe);
  // Whose spoons an amount is in is known before one can be typed.
  const { isKnown } = useSpoons();
  const painted = useAfterPaint('sheet') && isKnown;
  const addRef = useRef<HTMLInputElement>(null);
  const openedWith = useOpenedWith();
  const isOpened = useRef(false);
  useEffect(() => {
    if (!painted || !openedWith || isOpened.current) return;
    isOpened.current = true;
    openPart(openedWith.opens);
  }, [painted, openedWith]);
  const navigate = useNavigate();
  const makePath = `/blends/${record.id}/make`;
  const labelPath = `/blends/${record.id}/label`;
  useKeys({
    '/': () => addRef.current?.focus(),
    m: () => void navigate(makePath),
    l: () => void navigate(labelPath),
  });
  const tell = useNotice();
  const sayGaps = (): void => {
    if (worked.state === 'gaps') tell({ text: stillNeededWords(catalog, worked.gaps) });
    openFirstGap();
  };
  const evaluation = worked.state === 'done' ? worked.evaluation : null;
  const blend = worked.state === 'done' ? worked.blend : null;
  const changed = formatDistanceToNow(new Date(record.updatedAt), { addSuffix: true });
  return (
    <div
      aria-busy={!painted || saving}
      className="mx-auto grid max-w-[1280px] grid-cols-[minmax(0,1fr)] gap-3"
    >
      <div className="flex flex-wrap items-center justify-between gap-3">
        <NameTitle
          name={recipe.name}
          aside={`changed ${changed}`}
          onName={(name) => change((before) => ({ ...before, name }), 'name')}
        />
        <div className="flex flex-wrap gap-2">
          <Button
            look="quiet"
            className="px-2!"
            aria-label="Undo"
            title="Undo, Ctrl and Z"
            disabled={steps.undo === 0}
            onClick={undo}
          >
            <Undo2 aria-hidden size={18} />
          </Button>
          <Button
            look="quiet"
            className="px-2!"
            aria-label="Redo"
            title="Redo, Ctrl, Shift and Z"
            disabled={steps.redo === 0}
            onClick={redo}
          >
            <Redo2 aria-hidden size={18} />
          </Button>
          <ScaleButton
            recipe={recipe}
            change={change}
            evaluation={evaluation}
            count={blend?.count ?? 1}
          />
          <ButtonLink to={`/blends/${record.id}/who`}>Who can use it</ButtonLink>
          <ButtonLink to={`/blends/${record.id}/versions`}>Versions</ButtonLink>
          <ButtonLink to={`/blends/${record.id}/card`}>Card</ButtonLink>
          {recipe.brief.forSale && (
            <ButtonLink to={`/blends/${record.id}/for-sale`}>For sale</ButtonLink>
          )}
          <ButtonLink to={labelPath}>
            Label <Kbd>L</Kbd>
          </ButtonLink>
          {worked.state === 'gaps' ? (
            <Button look="first" onClick={sayGaps}>
              Make this
            </Button>
          ) : (
            <ButtonLink look="first" to={makePath}>
              Make this <Kbd>M</Kbd>
            </ButtonLink>
          )}
        </div>
      </div>
      <NotSaved failure={failure} onRetry={retry} />
      {overtaken && (
        <p role="alert" className="flex gap-3 rounded-lg bg-amber-wash px-4 py-2 text-amber">
          <span className="flex-1">
            This blend was changed in another tab at the same moment. That version is shown; press
            Undo for yours.
          </span>
          <button type="button" className="underline" onClick={dismiss}>
            Close
          </button>
        </p>
      )}
      <PersonChanged record={record} recipe={recipe} />
      <Sentence recipe={recipe} change={change} mixture={evaluation?.mixture ?? null} />
      {painted && (
        <RecipeCatalog recipe={recipe}>
          <SheetBody
            recipe={recipe}
            change={change}
            worked={worked}
            looking={looking}
            addRef={addRef}
            onAnswer={(entry) => void answer(entry)}
          />
        </RecipeCatalog>
      )}
    </div>
  );
};
