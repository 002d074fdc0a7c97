import { firstLine, type Recipe } from '@jubbet/core/recipe';
import { type Catalog, fillMl, usualContainers, nameIn } from '@jubbet/core/catalog';
import { enoughFor, stockOf } from '@jubbet/core/stock';
import {
  fillingsOf,
  intoContainer,
  isMixedInOne,
  timesAsMuch,
  type Evaluation,
  type Scaled,
  type ScaleProblem,
  workOut,
} from '@jubbet/core/drops';
import { shareChanges } from '@jubbet/core/advice';
import {
  fillingsWords,
  formatList,
  volumeWords,
  formatNumber,
  formatPercent,
  nameInSentence,
  blendWords,
} from '@jubbet/core/words';
import { outOfBottles, preDilutedIn, strengthBy } from '@jubbet/core/mixture';
import { useCatalog } from '../../parts/catalog';
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { NumberField } from '../../ui/NumberField';
import { nonBreaking } from '../../parts/nonBreaking';
import { bottles } from '../../store/bottles';
import { useStored } from '../../store/useStored';
import type { TokenProps } from './tokenProps';
import { useUnits } from '../../parts/useUnits';

/** What whole drops did to the shares, in a sentence; empty where they stayed. */
const shareWords = (catalog: Catalog, before: Evaluation, recipe: Recipe): string => {
  const worked = workOut(catalog, recipe);
  if (worked.state !== 'done') return '';
  const moved = shareChanges(before, worked.evaluation).filter(
    (entry) => formatNumber(entry.before) !== formatNumber(entry.after),
  );
  const by = recipe.by;
  const [was, is] = [
    strengthBy(before.mixture, by).likely,
    strengthBy(worked.evaluation.mixture, by).likely,
  ];
  if (is < 0.98 * was) {
    return `It comes to ${formatPercent(is)}, not ${formatPercent(was)}: the limits hold its drops.`;
  }
  return moved.length === 0
    ? 'Every share of the oils stays as it was.'
    : `Whole drops move the shares: ${formatList(
        moved.map(
          ({ oilId, before: was, after }) =>
            `${nameInSentence(catalog, oilId)} ${formatNumber(was)} to ${formatPercent(after)}`,
        ),
      )}.`;
};

const problemWords: Record<ScaleProblem, string> = {
  'not-whole':
    'That would be part of a container. Take another container below, and the strength stays.',
  'too-many': 'At most 1000 of one container.',
  'too-much': 'That would be more than 20 litres of one ingredient. Make it in several batches.',
};

const Panel = ({
  recipe,
  change,
  evaluation,
  count,
}: TokenProps & { evaluation: Evaluation; count: number }) => {
  const catalog = useCatalog();
  const units = useUnits();
  const [shownNotice, setShownNotice] = useState<string | null>(null);
  const { data: shelf = [] } = useStored(['bottles'], () => bottles.list());
  const stock = stockOf(shelf.map(({ bottle }) => bottle));
  const take = (next: Recipe) => {
    change(() => next);
    setShownNotice(`${fillingsWords(fillingsOf(next))}. ${shareWords(catalog, evaluation, next)}`);
  };
  const takeScaled = (scaled: Scaled) => {
    if (scaled.ok) take(scaled.recipe);
    else setShownNotice(problemWords[scaled.problem]);
  };
  const times = (factor: number) => takeScaled(timesAsMuch(catalog, recipe, evaluation, factor));
  const inBottles = outOfBottles(evaluation.mixture, preDilutedIn(catalog, recipe), count);
  const enough = enoughFor({ mixture: inBottles }, count, stock);
  const [scarce] = enough;
  const most = scarce ? Math.floor(scarce.times * firstLine(recipe).count + 1e-9) : 0;
  const [first] = fillingsOf(recipe);
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap items-center gap-2">
        <Button onClick={() => times(0.5)}>Half</Button>
        <Button onClick={() => times(2)}>Double</Button>
        <label className="flex items-baseline gap-2">
          or
          <NumberField
            label={blendWords.howManyContainersOfThe}
            framed
            className="w-16"
            value={firstLine(recipe).count}
            rule={{ least: 1, most: 1000, whole: true }}
            onNumber={(wanted) => times(wanted / firstLine(recipe).count)}
          />
          {recipe.containers.length > 1 ? 'of the first, the others to match' : 'of them'}
        </label>
      </div>
      <label className="grid gap-1">
        <span className="text-sm text-soft">{blendWords.sameStrengthInAnotherContainer}</span>
        <select
          aria-label={blendWords.sameStrengthInAnotherContainer}
          className="min-h-10 rounded-md border border-field bg-sheet px-2"
          value=""
          onChange={(event) => {
            const id = event.target.value;
            if (id) takeScaled(intoContainer(catalog, recipe, evaluation, { id }));
          }}
        >
          <option value="">choose …</option>
          {usualContainers
            .filter(({ kind, id }) => kind === first?.container.kind && id !== first.container.id)
            .map((entry) => (
              <option key={entry.id} value={entry.id}>
                {volumeWords(entry.nominalMl, units, 4)}, takes {volumeWords(fillMl(entry), units)}
              </option>
            ))}
        </select>
      </label>
      <div className="border-t border-line pt-3 text-sm">
        {scarce ? (
          <div className="flex flex-wrap items-center gap-2">
            <span className="flex-1 basis-64">
              {nonBreaking(
                `${nameIn(catalog, scarce.materialId)} runs out first: ${formatNumber(scarce.left, 3)} ${scarce.unit} on the shelf, ${formatNumber(scarce.needed)} ${scarce.unit} for this.`,
              )}{' '}
              {most >= 1
                ? `Enough for ${formatNumber(scarce.times)} times as much.`
                : 'Not enough for one.'}
            </span>
            {most >= 1 && recipe.containers.length === 1 && most !== firstLine(recipe).count && (
              <Button onClick={() => times(most / firstLine(recipe).count)}>
                {blendWords.makeSoMany(formatNumber(most, 4))}
              </Button>
            )}
          </div>
        ) : (
          <p className="text-soft">{blendWords.noneOfThisIsOn}</p>
        )}
      </div>
      <p aria-live="polite" className="text-sm empty:hidden">
        {shownNotice}
      </p>
      {isMixedInOne(catalog, recipe) && (
        <p className="text-sm text-soft">{blendWords.amountsOfTheWholeBatch}</p>
      )}
    </div>
  );
};

/** Half, double, another container, or what the shelf allows: whole drops found again each time. */
export const ScaleDialog = ({
  onClose,
  ...panel
}: TokenProps & { evaluation: Evaluation; count: number; onClose: () => void }) => (
  <Dialog open onClose={onClose} className="relative z-50" aria-label="Scale">
    <div className="fixed inset-0 grid place-items-center overflow-y-auto bg-black/30 p-3">
      <DialogPanel className="grid w-full max-w-md gap-4 rounded-xl border border-line bg-sheet p-5 text-ink">
        <DialogTitle className="text-xl">Scale</DialogTitle>
        <Panel {...panel} />
        <div className="flex justify-end">
          <Button onClick={onClose}>Done</Button>
        </div>
      </DialogPanel>
    </div>
  </Dialog>
);
