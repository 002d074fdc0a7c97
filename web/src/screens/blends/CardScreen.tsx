import type { Catalog } from '@jubbet/core/catalog';
import { labelOf, plannedPieces } from '@jubbet/core/label';
import { roughTime, stepKey, stepsOf } from '@jubbet/core/making';
import type { Calculated, WorkedOut } from '@jubbet/core/drops';
import { baseShare } from '@jubbet/core/mixture';
import type { Recipe } from '@jubbet/core/recipe';
import {
  capitalised,
  countedContainers,
  doNotUseWords,
  fillingsWords,
  findingMessage,
  formatNumber,
  formatPercent,
  labelText,
  nameOrNone,
  oneOf,
  onPlacesWords,
  roughTimeWords,
  settleProblemWords,
  stepDetail,
  stepTitle,
  strengthWords,
  verdictHeadline,
  verdictWords,
  wearerWords,
  blendsWords,
} from '@jubbet/core/words';
import { Printer } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button, ButtonLink } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { OneBlend } from '../../parts/OneBlend';
import { OilName } from '../../parts/OilName';
import { PreDilutions } from '../../parts/PreDilutions';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { Cell, Row, RowHead, Table } from '../../ui/Table';
import { nonBreaking } from '../../parts/nonBreaking';
import { useKeys } from '../../parts/useKeys';
import { useUnits } from '../../parts/useUnits';
import { today } from '../../store/now';
import { useWorkedOut } from '../../workers/useWorkedOut';

const Part = ({ title, children }: { title: string; children: ReactNode }) => (
  <section aria-label={title}>
    <h2 className="mb-1 text-lg print:text-[13pt]">{title}</h2>
    {children}
  </section>
);

/** What the figures are of. */
const wholeWords = ({ inOne, count, formula }: Calculated['blend']): string =>
  inOne
    ? 'In the whole batch'
    : count === 1
      ? `In the ${oneOf(formula.container.kind)}`
      : `In each of ${countedContainers(count, formula.container.kind)}`;

/** What goes in, in drops, ml and g; of what is mixed in one, all of it. */
const Ingredients = ({ done: { blend, evaluation } }: { done: Calculated }) => {
  const { mixture } = evaluation;
  return (
    <Table
      rows="figures"
      columns={[
        { name: wholeWords(blend) },
        { name: 'Drops', right: true },
        { name: 'ml', right: true },
        { name: 'g', right: true },
        { name: blend.formula.by === 'weight' ? '% by weight' : '%', right: true },
      ]}
    >
      <tbody>
        {mixture.oils.map(({ oil, drops, ml, g, byVolume, byWeight }) => (
          <Row key={oil.id}>
            <RowHead>
              <OilName name={oil.name} />
            </RowHead>
            <Cell right>{drops ?? '–'}</Cell>
            <Cell right>{formatNumber(ml.likely)}</Cell>
            <Cell right>{formatNumber(g.likely)}</Cell>
            <Cell right>
              {formatNumber((blend.formula.by === 'weight' ? byWeight : byVolume).likely)}
            </Cell>
          </Row>
        ))}
        {mixture.bases.map(({ base, ml, g }) => (
          <Row key={base.id}>
            <RowHead>{base.name}</RowHead>
            <Cell right />
            <Cell right>{formatNumber(ml.likely, 3)}</Cell>
            <Cell right>{formatNumber(g.likely, 3)}</Cell>
            <Cell right>{formatNumber(baseShare(mixture, { ml, g }, blend.formula.by), 3)}</Cell>
          </Row>
        ))}
      </tbody>
    </Table>
  );
};

/** Limits that are nearest, in a line each. */
const nearest = 4;

const Card = ({ done, recipe }: { done: Calculated; recipe: Recipe }) => {
  const catalog = useCatalog();
  const units = useUnits();
  const { blend, evaluation } = done;
  const { brief } = blend;
  const steps = stepsOf(blend, evaluation.mixture);
  const [piece] = plannedPieces(blend, evaluation);
  const label =
    piece &&
    labelText(blend.catalog, labelOf(blend, piece, { batch: '', madeOn: today(), maker: '' }));
  const raised = evaluation.findings.filter(({ verdict }) => verdict !== 'note');
  const worst = raised.filter(({ verdict }) => verdict === evaluation.verdict);
  const limits = raised.filter(({ value, limit }) => value !== null && limit !== null);
  return (
    <article
      aria-label="Recipe card"
      className="mt-4 grid gap-4 rounded-xl border border-line bg-sheet px-6 py-5 print:gap-2.5 print:border-0 print:bg-white print:p-0 print:text-[9.5pt] print:leading-snug"
    >
      <header className="border-b-2 border-ink pb-2">
        <p className="font-serif text-[26px] print:text-[20pt]">{nameOrNone(recipe.name)}</p>
        {recipe.purpose && <p>{recipe.purpose}</p>}
        <p className="font-semibold">
          {capitalised(fillingsWords(blend.fillings))}, for {wearerWords(brief.wearer)}.{' '}
          {label?.directions}
        </p>
        <p>
          {strengthWords(evaluation.mixture, blend.formula.by)} essential oil
          {recipe.target && ` (target ${formatPercent(recipe.target.percent, 3)})`}, on{' '}
          {onPlacesWords(brief)}.{' '}
          {evaluation.verdict === null
            ? verdictWords(null)
            : `${verdictHeadline(evaluation.verdict, worst.length, evaluation.blocking, brief.wearer)}.`}
        </p>
      </header>
      <div className="grid gap-4 md:grid-cols-2 print:grid-cols-2 print:gap-4">
        <Part title="Ingredients">
          <div tabIndex={0} role="region" aria-label="What goes in" className="overflow-x-auto">
            <Ingredients done={done} />
            <PreDilutions done={done} />
          </div>
        </Part>
        <div className="grid content-start gap-4 print:gap-2.5">
          <Part title="Limits">
            <ul className="grid list-disc gap-0.5 pl-5 text-[14.5px] print:text-[9pt]">
              {(worst.length > 0 && evaluation.verdict !== 'within' ? worst : limits)
                .slice(0, nearest)
                .map((entry) => (
                  <li key={findingMessage(catalog, entry)}>
                    {nonBreaking(findingMessage(catalog, entry))}
                  </li>
                ))}
            </ul>
          </Part>
          {label && (
            <Part title="Cautions">
              <ul className="grid list-disc gap-0.5 pl-5 text-[14.5px] print:text-[9pt]">
                {label.doNotUse ? (
                  <li className="font-bold">{doNotUseWords}</li>
                ) : (
                  label.cautions.map((caution) => <li key={caution}>{nonBreaking(caution)}</li>)
                )}
              </ul>
            </Part>
          )}
        </div>
      </div>
      <Part title="Steps">
        <ol className="grid list-decimal gap-1 pl-6 md:columns-1 print:block print:columns-2 print:gap-8 print:text-[9pt]">
          {steps.map((step) => (
            <li key={step.id}>
              <b className="font-semibold">{stepTitle(catalog, step, units)}.</b>{' '}
              {nonBreaking(stepDetail(catalog, step, units))}
              {recipe.stepWords[stepKey(step)] && (
                <>
                  {' '}
                  <i>{recipe.stepWords[stepKey(step)]}</i>
                </>
              )}
            </li>
          ))}
        </ol>
        <p className="mt-2 text-sm text-soft print:text-black">
          {blendsWords.publishedGuidanceNotMedicalAdvice(
            nonBreaking(roughTimeWords(roughTime(catalog, steps))),
          )}
        </p>
      </Part>
      {recipe.notes && (
        <Part title="Notes">
          <p className="whitespace-pre-wrap">{recipe.notes}</p>
        </Part>
      )}
    </article>
  );
};

/** Why there is no card: also of what must not be used, so that no paper leads past that. */
const noCardWords = (catalog: Catalog, worked: WorkedOut): string => {
  if (worked.state === 'gaps') {
    return 'Fill in the sentence first. Then there is something to write down.';
  }
  if (worked.state === 'problem') return settleProblemWords(catalog, worked.problem);
  return worked.evaluation.blocking
    ? 'Do not use this on the person it is for. It has no card.'
    : 'Looking for the drops closest to the target.';
};

const Shown = ({ blendId, recipe }: { blendId: string; recipe: Recipe }) => {
  const catalog = useCatalog();
  const { worked, looking } = useWorkedOut(recipe);
  const done = worked.state === 'done' && !worked.evaluation.blocking && !looking ? worked : null;
  useKeys({ p: () => done && window.print() });
  const back = `/blends/${blendId}`;
  return (
    <div className="mx-auto max-w-4xl">
      <div className="flex flex-wrap items-center justify-between gap-3 print:hidden">
        <ScreenTitle title={`Card of ${nameOrNone(recipe.name)}`} />
        <div className="flex gap-2">
          <ButtonLink to={back}>{blendsWords.backToTheBlend}</ButtonLink>
          {done && (
            <Button look="first" onClick={() => window.print()}>
              <Printer aria-hidden size={18} /> Print
            </Button>
          )}
        </div>
      </div>
      {done ? (
        <Card done={done} recipe={recipe} />
      ) : (
        <p role="status" className="mt-4">
          {noCardWords(catalog, worked)}
        </p>
      )}
    </div>
  );
};

/** A blend on one page: for whom, what goes in, the steps, the limits and the cautions. */
export const CardScreen = () => (
  <OneBlend>{({ id, recipe }) => <Shown blendId={id} recipe={recipe} />}</OneBlend>
);
