import { fillingsOf } from '@jubbet/core/drops';
import type { PlanRead } from '@jubbet/core/exchange';
import { mostInPlan, type Plan } from '@jubbet/core/planning';
import {
  containerWords,
  formatList,
  moneyWords,
  nameOrNone,
  planMessageWords,
  wearerWords,
} from '@jubbet/core/words';
import { Link } from 'react-router';
import { Button } from '../../ui/Button';
import { SelectField } from '../../ui/Field';
import { useNotice } from '../../parts/notice';
import { NumberField } from '../../ui/NumberField';
import { Section } from '../../ui/Section';
import { Tick } from '../../ui/Tick';
import { blends } from '../../store/blends';
import type { BlendRecord } from '../../store/database';
import { newId } from '../../store/newId';
import { useStored } from '../../store/useStored';
import type { ChangePlan } from './usePlan';

type Line = Plan['lines'][number];

const pieces = { least: 1, most: mostInPlan.pieces, whole: true };

/** What a line says of its blend: how it is filled, for whom, and what is against it. */
const About = ({
  blend,
  answer,
  line,
}: {
  /** Null where it is no longer in the book; undefined until it is read. */
  blend: BlendRecord | null | undefined;
  answer: PlanRead | null;
  line: Line;
}) => {
  if (blend === undefined) return null;
  if (blend === null) {
    return <p className="text-sm text-brick">■ {planMessageWords({ code: 'blend-gone' })}</p>;
  }
  const { recipe } = blend;
  const fillings = fillingsOf(recipe);
  const why = answer?.ok === false && answer.line?.id === line.id ? answer.line.why : null;
  const isOver = answer?.ok === true && answer.over.includes(line.id);
  return (
    <>
      <p className="text-sm text-soft">
        {fillings.length > 0 &&
          `${formatList(fillings.map(({ container }) => containerWords(container)))}, `}
        for {wearerWords(recipe.brief.wearer ?? 'anyone')}
      </p>
      {why !== null && (
        <p role="alert" className="text-sm text-brick">
          ■ {planMessageWords({ code: 'not-planned', why })}
        </p>
      )}
      {isOver && (
        <p role="alert" className="text-sm text-brick">
          ■ {planMessageWords({ code: 'over-limit' })}
        </p>
      )}
    </>
  );
};

/** The blends of a plan, how many of each, and what one costs. */
export const PlanLines = ({
  plan,
  change,
  here,
  answer,
  currency,
}: {
  plan: Plan;
  change: ChangePlan;
  here: ReadonlyMap<string, BlendRecord | null>;
  answer: PlanRead | null;
  currency: string;
}) => {
  const tell = useNotice();
  const names = useStored(['blend names'], () => blends.names()).data ?? [];
  const choices = names
    .map(({ id, ...of }) => [id, nameOrNone(of['recipe.name'] ?? '')] as const)
    .sort(([, a], [, b]) => a.localeCompare(b));
  const nameOf = ({ blendId }: Line): string =>
    here.get(blendId)?.recipe.name ||
    nameOrNone(names.find(({ id }) => id === blendId)?.['recipe.name'] ?? '');
  const set = (line: Line): void =>
    change((now) => ({
      ...now,
      lines: now.lines.map((entry) => (entry.id === line.id ? line : entry)),
    }));
  const remove = (line: Line): void => {
    const at = plan.lines.indexOf(line);
    change((now) => ({ ...now, lines: now.lines.filter(({ id }) => id !== line.id) }));
    tell({
      text: `${nameOf(line)} removed from the plan.`,
      undo: () => change((now) => ({ ...now, lines: now.lines.toSpliced(at, 0, line) })),
    });
  };
  return (
    <Section title="What is made">
      <ul>
        {plan.lines.map((line) => {
          const blend = here.get(line.blendId);
          const name = nameOf(line);
          const cost = answer?.ok ? (answer.report.cost.perPiece[line.id] ?? null) : undefined;
          return (
            <li key={line.id} className="border-b border-line py-2 first:pt-0">
              <div className="flex flex-wrap items-baseline gap-x-3 gap-y-1">
                <NumberField
                  label={`How many of ${name}`}
                  framed
                  className="w-14"
                  value={line.pieces}
                  rule={pieces}
                  onNumber={(next) => set({ ...line, pieces: next })}
                />
                <Link to={`/blends/${line.blendId}`} className="font-semibold text-press">
                  {name}
                </Link>
                {cost !== undefined && (
                  <span className="ml-auto text-sm">
                    {cost === null ? (
                      <span className="text-soft">cost not known</span>
                    ) : (
                      <b>{moneyWords(cost, currency)} each</b>
                    )}
                  </span>
                )}
              </div>
              <About blend={blend} answer={answer} line={line} />
              <div className="flex flex-wrap items-center justify-between gap-x-3 print:hidden">
                <Tick
                  isOn={line.patchTest}
                  label={`Patch test of ${name}, 48 hours`}
                  onTick={(patchTest) => set({ ...line, patchTest })}
                >
                  Patch test, 48 hours
                </Tick>
                <Button look="quiet" aria-label={`Remove ${name}`} onClick={() => remove(line)}>
                  Remove
                </Button>
              </div>
            </li>
          );
        })}
      </ul>
      {plan.lines.length < mostInPlan.lines && (
        <div className="print:hidden">
          <SelectField
            label="Add a blend"
            value=""
            choices={[['', 'Choose a blend'] as const, ...choices]}
            onChoose={(blendId) => {
              if (blendId === '') return;
              const line = { id: newId(), blendId, pieces: 1, patchTest: false };
              change((now) => ({ ...now, lines: [...now.lines, line] }));
            }}
          />
        </div>
      )}
    </Section>
  );
};
