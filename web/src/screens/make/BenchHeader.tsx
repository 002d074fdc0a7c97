import type { Blend } from '@jubbet/core/drops';
import { fillingsWords, nameOrNone, wearerWords, makeWords } from '@jubbet/core/words';
import { ArrowLeft, LifeBuoy, ListChecks, TriangleAlert } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { ButtonLink } from '../../ui/Button';
import { Kbd } from '../../ui/Kbd';
import { ScreenTitle } from '../../ui/ScreenTitle';
import type { BatchRecord } from '../../store/database';

const headerButton =
  'inline-flex min-h-11 items-center gap-2 rounded-lg px-2 text-ink no-underline hover:underline disabled:opacity-50';

/** What is made, for whom, and the ways off the pad. */
export const BenchHeader = ({
  batch,
  blend,
  isLabelling,
  canStepBack,
  listed,
  onStepBack,
  onMishap,
  onList,
  children,
}: {
  batch: BatchRecord;
  blend: Blend;
  isLabelling: boolean;
  canStepBack: boolean;
  /** True while all steps are shown. */
  listed: boolean;
  onStepBack: () => void;
  onMishap: () => void;
  onList: () => void;
  /** How far it is. */
  children: ReactNode;
}) => (
  <header className="grid grid-cols-[minmax(0,1fr)] gap-3">
    <div className="flex items-center gap-x-4 max-sm:flex-wrap max-sm:gap-x-1">
      <Link to="/today" className={headerButton}>
        <ArrowLeft aria-hidden size={20} /> Leave
      </Link>
      <div className="min-w-0 flex-1 truncate max-sm:order-first max-sm:basis-full">
        <ScreenTitle
          title={`Making: ${nameOrNone(batch.file.name)}`}
          aside={`batch ${batch.number} · ${fillingsWords(blend.fillings)} · for ${wearerWords(blend.brief.wearer)}`}
        />
      </div>
      {isLabelling && (
        <ButtonLink look="paper" className="min-h-11" to={`/batches/${batch.id}/label`}>
          Print the label
        </ButtonLink>
      )}
      <button
        type="button"
        className={`${headerButton} max-sm:ml-auto`}
        disabled={!canStepBack}
        onClick={onStepBack}
      >
        Step back <Kbd>←</Kbd>
      </button>
      <button
        type="button"
        className={headerButton}
        aria-label={makeWords.mishapSomethingElseWentIn}
        onClick={onMishap}
      >
        <TriangleAlert aria-hidden size={20} /> <span className="max-sm:hidden">Mishap</span>
      </button>
      <Link to="/first-aid" className={headerButton} aria-label={makeWords.helpSomebodyIsHurtOr}>
        <LifeBuoy aria-hidden size={20} /> <span className="max-md:hidden">Help</span>
      </Link>
      <button
        type="button"
        className={headerButton}
        aria-expanded={listed}
        aria-label={makeWords.allStepsOfTheBatch}
        onClick={onList}
      >
        <ListChecks aria-hidden size={22} />
      </button>
    </div>
    {children}
  </header>
);
