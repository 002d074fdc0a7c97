import { madePieces, plannedPieces } from '@jubbet/core/label';
import { settleProblemWords, labelWords } from '@jubbet/core/words';
import { madeOf } from '@jubbet/core/batch';
import type { BenchEvent } from '@jubbet/core/making';
import type { Recipe } from '@jubbet/core/recipe';
import { StoredScreen } from '../../parts/StoredScreen';
import { useCatalog } from '../../parts/catalog';
import { useMemo } from 'react';
import { useParams } from 'react-router';
import { ButtonLink } from '../../ui/Button';
import { OneBlend } from '../../parts/OneBlend';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { useWrite } from '../../parts/useWrite';
import { batches } from '../../store/batches';
import { blends } from '../../store/blends';
import type { BatchRecord } from '../../store/database';
import { madeBlend } from '../../store/madeBlend';
import { today } from '../../store/now';
import { settings } from '../../store/settings';
import { useStored } from '../../store/useStored';
import { useWorkedOut } from '../../workers/useWorkedOut';
import { type Printing } from './Labels';
import { useSale } from './SaleFields';

import { LabelsOf } from './LabelsOf';

const NoLabel = ({ text, back, to }: { text: string; back: string; to: string }) => (
  <section className="mx-auto max-w-xl py-10">
    <ScreenTitle title="No label yet" />
    <p className="mt-3">{text}</p>
    <ButtonLink look="first" className="mt-4" to={to}>
      {back}
    </ButtonLink>
  </section>
);

const LabelOfBatch = ({
  batch,
  events,
  printing,
}: {
  batch: BatchRecord;
  events: readonly BenchEvent[];
  printing: Printing;
}) => {
  const catalog = useCatalog();
  const made = useMemo(() => madeOf(madeBlend(catalog, batch), events), [catalog, batch, events]);
  const [first, ...others] = useMemo(() => madePieces(made), [made]);
  const { sale, fields } = useSale(printing);
  const write = useWrite();
  if (!first) {
    return (
      <NoLabel text={labelWords.nothingIsInItYet} back="To the bench" to={`/make/${batch.id}`} />
    );
  }
  return (
    <LabelsOf
      blend={made.blend}
      pieces={[first, ...others]}
      facts={{
        mark: made.tally.simulated ? 'practice' : batch.log === null ? 'not-finished' : null,
        batch: batch.number,
        madeOn: batch.madeOn,
        maker: printing.maker,
      }}
      notToBeUsed={batch.notToBeUsed}
      sale={sale}
      saleFields={fields}
      printing={printing}
      back={`/batches/${batch.id}`}
      onName={(name) => batches.name(batch.id, name)}
      reason={batch.saleReason ?? ''}
      onReason={(words) => write('The reason', () => batches.sellBecause(batch.id, words))}
    />
  );
};

/** The label of a batch, by what was counted and measured. */
export const BatchLabelScreen = () => {
  const { batchId = '' } = useParams();
  const found = useStored(['batch with events', batchId], () => batches.withEvents(batchId));
  const set = useStored(['settings'], () => settings.read());
  return (
    <StoredScreen of={set}>
      {(printing) => (
        <StoredScreen of={found} what="Batch">
          {(made) => <LabelOfBatch {...made} printing={printing} />}
        </StoredScreen>
      )}
    </StoredScreen>
  );
};

/** The label of a blend that is not made yet: today's date, and no batch. */
export const BlendLabelScreen = () => {
  const found = useStored(['settings'], () => settings.read());
  return (
    <StoredScreen of={found}>
      {(printing) => (
        <OneBlend>
          {({ id, recipe }) => <LabelOfDraft blendId={id} recipe={recipe} printing={printing} />}
        </OneBlend>
      )}
    </StoredScreen>
  );
};

const LabelOfDraft = ({
  blendId,
  recipe,
  printing,
}: {
  blendId: string;
  recipe: Recipe;
  printing: Printing;
}) => {
  const catalog = useCatalog();
  const { worked } = useWorkedOut(recipe);
  const back = `/blends/${blendId}`;
  const no = (text: string) => <NoLabel text={text} back={labelWords.backToTheBlend} to={back} />;
  if (worked.state === 'gaps') {
    return no('Fill in the sentence first. Then there is something to label.');
  }
  if (worked.state === 'problem') return no(settleProblemWords(catalog, worked.problem));
  const [first, ...others] = plannedPieces(worked.blend, worked.evaluation);
  if (worked.evaluation.blocking)
    return no('Do not use this on the person it is for. It has no label.');
  if (!first) return no('It fills no container, so there is nothing to label.');
  return (
    <LabelsOf
      blend={worked.blend}
      pieces={[first, ...others]}
      facts={{ batch: '', madeOn: today(), maker: printing.maker }}
      printing={printing}
      back={back}
      onName={(name) => blends.name(blendId, name)}
    />
  );
};
