import { Notice } from '../../ui/Notice';
import { Panel } from '../../ui/Panel';
import type { Answer } from '@jubbet/core/brief';
import type { WorkedOut } from '@jubbet/core/drops';
import { answerBrief } from '@jubbet/core/recipe';
import { stillNeededWords, blendWords } from '@jubbet/core/words';
import { clsx } from 'clsx';
import { ListFilter } from 'lucide-react';
import { useEffect, useMemo, useRef, useState, type RefObject } from 'react';
import { useNavigate } from 'react-router';
import { ButtonLink } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { FoldButton, useFold } from '../../parts/Fold';
import { Kbd } from '../../ui/Kbd';
import { useNotice } from '../../parts/notice';
import { NoteBar } from '../../parts/NoteBar';
import { PreDilutions } from '../../parts/PreDilutions';
import { Questions } from '../../parts/Questions';
import { RecipeCatalog } from '../../parts/RecipeCatalog';
import { useAfterPaint } from '../../ui/useAfterPaint';
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
import { NotSaved } from './NotSaved';
import { Glasses } from './Glasses';
import { NameTitle } from './NameTitle';
import { SuggestedChanges } from './SuggestedChanges';
import { PurposeAndNotes } from './PurposeAndNotes';
import { OilTable } from './OilTable';
import { ScaleDialog } from './ScaleDialog';
import { SheetActions } from './SheetActions';
import { openFirstGap } from '../../parts/openFirstGap';
import { openAsked } from './gaps';
import { Sentence } from './Sentence';
import { TexturePanel } from './TexturePanel';
import { sheetModel } from './sheetModel';
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
  const catalog = useCatalog();
  const latest = useRef(recipe);
  useEffect(() => {
    latest.current = recipe;
  });
  const fold = useFold('sheet/amounts');
  const { container, done, blend, evaluation, isOneCarrier, hasBases, offersChoosing } = sheetModel(
    catalog,
    recipe,
    worked,
    fold.isOpen,
  );
  const mixture = evaluation?.mixture ?? null;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-3 md:grid-cols-[150px_minmax(0,1fr)] xl:grid-cols-[172px_minmax(0,1fr)_300px]">
      <Panel
        aria-label="Glass"
        className="flex flex-col items-center self-start px-3 py-4 text-center max-md:order-4 md:max-xl:order-2"
      >
        <Glasses recipe={recipe} blend={blend} mixture={mixture} />
        <FillWords
          container={container}
          recipe={recipe}
          change={change}
          done={done}
          isShort={!fold.isOpen}
        />
        {mixture && <NoteBar mixture={mixture} words className="mt-2 w-full" />}
      </Panel>
      <div className="grid grid-cols-[minmax(0,1fr)] content-start gap-3 max-xl:order-2">
        <Panel className="px-4 py-2.5 max-sm:px-3">
          <OilTable
            recipe={recipe}
            change={change}
            worked={worked}
            addRef={addRef}
            isShort={!fold.isOpen}
          />
          {done && <PreDilutions done={done} />}
          {hasBases && <BaseTable recipe={recipe} change={change} worked={worked} />}
          {hasBases && <p className="mt-1 text-[13px] text-soft">{blendWords.mayBeTyped}</p>}
          <div
            className={clsx(
              'mt-2 grid items-start gap-2',
              hasBases
                ? 'sm:grid-cols-[minmax(0,1fr)_auto_auto_minmax(0,1fr)]'
                : 'sm:grid-cols-[minmax(0,1fr)_auto_auto]',
            )}
          >
            <AddOil
              ref={addRef}
              taken={recipe.oils.map(({ id }) => id).join()}
              latest={latest}
              change={change}
            />
            <span className="self-start pt-2 max-sm:hidden">
              <Kbd>/</Kbd>
            </span>
            {offersChoosing && (
              <ButtonLink
                to="oils"
                className="px-2.5!"
                aria-label={blendWords.chooseOilsByNoteSmell}
                title={blendWords.chooseOilsByNoteSmell}
              >
                <ListFilter aria-hidden size={18} />
              </ButtonLink>
            )}
            {hasBases && (
              <AddBase
                taken={recipe.bases.map(({ id }) => id).join()}
                latest={latest}
                change={change}
              />
            )}
          </div>
          {fold.isKnown && (
            <FoldButton isOpen={fold.isOpen} onToggle={fold.toggle}>
              {isOneCarrier ? 'ml, g, parts and carriers' : 'ml, g and parts'}
            </FoldButton>
          )}
        </Panel>
        {evaluation && <TexturePanel recipe={recipe} change={change} evaluation={evaluation} />}
        {evaluation && <PastePanel change={change} evaluation={evaluation} />}
        <PurposeAndNotes recipe={recipe} change={change} isFolded={!fold.isOpen} />
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
          {blend && evaluation && (
            <Findings findings={evaluation.findings} blend={blend} mixture={evaluation.mixture} />
          )}
          <p className="px-1 text-[13px] text-soft">
            {blendWords.publishedGuidanceNotMedicalAdvice}
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
  const [isScaling, setScaling] = useState(false);
  const openedWith = useOpenedWith();
  const isOpened = useRef(false);
  const isGap = worked.state === 'gaps';
  useEffect(() => {
    if (!painted || !openedWith || isOpened.current) return;
    isOpened.current = true;
    // The address keeps how it was opened: come back to, a sheet without gaps asks nothing again.
    if (isGap) openAsked(openedWith.opens);
  }, [painted, openedWith, isGap]);
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
  return (
    <div
      aria-busy={!painted || saving}
      className="mx-auto grid max-w-[1280px] grid-cols-[minmax(0,1fr)] gap-3"
    >
      <div className="flex flex-wrap items-center justify-between gap-3">
        <NameTitle
          name={recipe.name}
          onName={(name) => change((before) => ({ ...before, name }), 'name')}
        />
        <SheetActions
          id={record.id}
          isForSale={recipe.brief.forSale}
          steps={steps}
          onUndo={undo}
          onRedo={redo}
          onScale={evaluation ? () => setScaling(true) : null}
          onGaps={isGap ? sayGaps : null}
        />
      </div>
      {isScaling && evaluation && (
        <ScaleDialog
          recipe={recipe}
          change={change}
          evaluation={evaluation}
          count={blend?.count ?? 1}
          onClose={() => setScaling(false)}
        />
      )}
      <NotSaved failure={failure} onRetry={retry} />
      {overtaken && (
        <Notice tone="caution" isUrgent className="flex gap-3">
          <span className="flex-1">{blendWords.thisBlendWasChangedIn}</span>
          <button type="button" className="underline" onClick={dismiss}>
            Close
          </button>
        </Notice>
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
