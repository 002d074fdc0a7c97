import { Notice } from '../../ui/Notice';
import { fillingsOf } from '@jubbet/core/drops';
import { planFileOf } from '@jubbet/core/exchange';
import { containerKey } from '@jubbet/core/planning';
import { capitalised, containerWords, nameOrNone, planMessageWords } from '@jubbet/core/words';
import { useEffect, useMemo } from 'react';
import { useNavigate, useParams } from 'react-router';
import { StoredScreen, together } from '../../parts/StoredScreen';
import { Button } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { useNotice } from '../../parts/notice';
import { Progress } from '../../ui/Progress';
import { saveFile } from '../../parts/saveFile';
import { useAutosavedText } from '../../ui/useAutosavedText';
import { useHeadingFocus } from '../../ui/useHeadingFocus';
import { useWrite } from '../../parts/useWrite';
import { bottles, type ShelvedRecord } from '../../store/bottles';
import type { BlendRecord, PlanRecord } from '../../store/database';
import { materials } from '../../store/materials';
import { plans } from '../../store/plans';
import { settings } from '../../store/settings';
import { useStored } from '../../store/useStored';
import { PlanLines } from './PlanLines';
import { PlanOrder } from './PlanOrder';
import { PlanSentence } from './PlanSentence';
import { PlanToBuy } from './PlanToBuy';
import { PlanWhen } from './PlanWhen';
import { usePlan } from './usePlan';
import { usePlanned } from './usePlanned';

const NameOfPlan = ({ name, onName }: { name: string; onName: (name: string) => void }) => {
  const title = name || 'A new plan';
  useEffect(() => {
    document.title = `${title} · Jubbet`;
  }, [title]);
  const heading = useHeadingFocus();
  const field = useAutosavedText(name, onName);
  return (
    <div className="min-w-0 flex-1 max-sm:basis-full">
      <h1 ref={heading} tabIndex={-1} className="sr-only">
        {title}
      </h1>
      <input
        aria-label="Name"
        maxLength={120}
        placeholder="Name this plan"
        className="-ml-1.5 max-w-full rounded-md border border-dashed border-field bg-transparent px-1.5 font-serif text-[26px] leading-tight font-semibold [field-sizing:content] placeholder:text-soft placeholder:italic focus:border-press"
        {...field}
      />
    </div>
  );
};

/** What of the house a plan speaks of. */
interface Here {
  readonly blends: ReadonlyMap<string, BlendRecord | null>;
  readonly shelf: readonly ShelvedRecord[];
  readonly own: Awaited<ReturnType<typeof materials.list>>;
  readonly currency: string;
}

const PlanPage = ({ record, here }: { record: PlanRecord; here: Here }) => {
  const catalog = useCatalog();
  const navigate = useNavigate();
  const tell = useNotice();
  const write = useWrite();
  const { plan, problem, change } = usePlan(record);
  const recipes = useMemo(
    () => new Map([...here.blends].flatMap(([id, blend]) => (blend ? [[id, blend.recipe]] : []))),
    [here.blends],
  );
  const text = useMemo(() => {
    const file = planFileOf(plan, {
      catalog,
      recipes,
      own: here.own.map(({ own }) => own),
      bottles: here.shelf,
    });
    return file.lines.length === 0 || problem !== null ? null : JSON.stringify(file);
  }, [plan, problem, catalog, recipes, here.own, here.shelf]);
  const { answer, share, isLooking, stop } = usePlanned(text);
  const report = answer?.ok ? answer.report : null;
  const containerNames = new Map(
    plan.lines.flatMap(({ blendId }) => {
      const recipe = recipes.get(blendId);
      return recipe
        ? fillingsOf(recipe).map(
            ({ container }) =>
              [containerKey(container), capitalised(containerWords(container))] as const,
          )
        : [];
    }),
  );
  const nameOf = (batch: string): string => {
    const made = report?.batches.find(({ id }) => id === batch);
    const line = plan.lines.find(({ id }) => id === made?.line);
    const name = nameOrNone(recipes.get(line?.blendId ?? '')?.name ?? '');
    const several = report?.batches.filter((other) => other.line === made?.line) ?? [];
    return several.length > 1
      ? `${name} (${several.findIndex(({ id }) => id === batch) + 1} of ${several.length})`
      : name;
  };
  const remove = async (): Promise<void> => {
    const removed = await write('The plan', async () => {
      await plans.remove(record.id);
      return true;
    });
    if (!removed) return;
    await navigate('/plans');
    tell({
      text: `${nameOrNone(plan.name)} deleted.`,
      undo: () => void write('The plan', () => plans.restore(record.id)),
    });
  };
  return (
    <div className="mx-auto grid max-w-6xl grid-cols-[minmax(0,1fr)] gap-4">
      <div className="flex flex-wrap items-center gap-2">
        <NameOfPlan name={plan.name} onName={(name) => change((now) => ({ ...now, name }))} />
        <Button look="quiet" onClick={() => void remove()}>
          Delete
        </Button>
        <Button
          disabled={text === null}
          onClick={() =>
            saveFile(`${nameOrNone(plan.name)}, plan.json`, text ?? '', 'application/json')
          }
        >
          Export
        </Button>
        <Button onClick={() => window.print()}>Print</Button>
      </div>
      <PlanSentence plan={plan} change={change} />
      {problem !== null && (
        <Notice tone="caution" isUrgent>
          ▲ {problem}
        </Notice>
      )}
      {answer?.ok === false && answer.line === null && (
        <Notice tone="over" isUrgent>
          ■ {planMessageWords({ code: 'not-planned', why: answer.sentence })}
        </Notice>
      )}
      {isLooking && (
        <Progress
          what={answer ? 'Looking for a better order' : 'Working it out'}
          share={share}
          stop={answer ? 'Stop and take this one' : 'Stop'}
          onStop={stop}
        />
      )}
      <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[minmax(0,22rem)_minmax(0,1fr)]">
        <div className="grid grid-cols-[minmax(0,1fr)] gap-4">
          <PlanLines
            plan={plan}
            change={change}
            here={here.blends}
            answer={answer}
            currency={here.currency}
          />
          {report && (
            <PlanToBuy {...{ plan, change, report, containerNames }} currency={here.currency} />
          )}
        </div>
        {report && (
          <div className="grid grid-cols-[minmax(0,1fr)] gap-4">
            <PlanWhen report={report} nameOf={nameOf} />
            <PlanOrder report={report} nameOf={nameOf} />
          </div>
        )}
      </div>
    </div>
  );
};

/** A plan of gifts: what is made, what to buy, when to do what. */
export const PlanScreen = () => {
  const { planId = '' } = useParams();
  const found = useStored(['plan', planId], () => plans.withBlends(planId));
  const shelf = useStored(['bottles'], () => bottles.list());
  const own = useStored(['materials'], () => materials.list());
  const set = useStored(['settings'], () => settings.read());
  return (
    <StoredScreen of={found} what="Plan">
      {({ record, blends }) => (
        <StoredScreen of={together({ shelf, own, set })}>
          {({ set: { currency }, ...here }) => (
            <PlanPage key={planId} record={record} here={{ ...here, blends, currency }} />
          )}
        </StoredScreen>
      )}
    </StoredScreen>
  );
};
