import { madeOf } from '@jubbet/core/batch';
import { regions, type Region } from '@jubbet/core/catalog';
import type { Blend } from '@jubbet/core/drops';
import { type LabelFacts, madePieces, type Piece, plannedPieces } from '@jubbet/core/label';
import type { BenchEvent } from '@jubbet/core/making';
import type { Recipe } from '@jubbet/core/recipe';
import { settleProblemWords, labelWords } from '@jubbet/core/words';
import { useMemo, type ReactNode } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { z } from 'zod';
import { StoredScreen } from '../../parts/StoredScreen';
import { useCatalog } from '../../parts/catalog';
import { Missing } from '../../parts/Missing';
import { OneBlend } from '../../parts/OneBlend';
import { batches } from '../../store/batches';
import type { BatchRecord } from '../../store/database';
import { madeBlend } from '../../store/madeBlend';
import { today } from '../../store/now';
import { settings, type Settings } from '../../store/settings';
import { useStored } from '../../store/useStored';
import { useWorkedOut } from '../../workers/useWorkedOut';

/** What is sold: a batch as it was made, or a blend as it is planned. */
export interface Sold {
  readonly name: string;
  /** Beside its name: which batch, or that none is made yet. */
  readonly aside: string;
  readonly blend: Blend;
  readonly pieces: readonly [Piece, ...Piece[]];
  readonly labelled: LabelFacts;
  readonly notToBeUsed: boolean;
  /** Why it is sold past a limit; empty where no one has said. */
  readonly reason: string;
  /** Its own page, without a slash at the end. */
  readonly path: string;
}

const regionSchema = z.enum(regions).catch('eu');

/** Where it is sold and which of its containers is meant: both are in the address. */
export const useSoldWhere = ({ pieces }: Pick<Sold, 'pieces'>) => {
  const [params, setParams] = useSearchParams();
  const region: Region = regionSchema.parse(params.get('for') ?? undefined);
  const chosen = params.get('which') ?? '0';
  return {
    region,
    chosen,
    piece: pieces[Number(chosen)] ?? pieces[0],
    choose: (next: { readonly for?: Region; readonly which?: string }): void =>
      setParams(
        { for: region, which: chosen, ...next },
        // At once: a radio button goes back to the one before while an address is awaited.
        { replace: true, flushSync: true },
      ),
  };
};

type Show = (sold: Sold, set: Settings) => ReactNode;

const SoldBatch = ({
  batch,
  events,
  set,
  show,
}: {
  batch: BatchRecord;
  events: readonly BenchEvent[];
  set: Settings;
  show: Show;
}) => {
  const catalog = useCatalog();
  const made = useMemo(() => madeOf(madeBlend(catalog, batch), events), [catalog, batch, events]);
  const [first, ...others] = useMemo(() => madePieces(made), [made]);
  if (!first)
    return <Missing title={labelWords.nothingIsInIt} text={labelWords.makeTheBatchFirst} />;
  return show(
    {
      name: batch.file.name,
      aside: `batch ${batch.number}`,
      blend: made.blend,
      pieces: [first, ...others],
      labelled: { batch: batch.number, madeOn: batch.madeOn, maker: set.maker },
      notToBeUsed: batch.notToBeUsed,
      reason: batch.saleReason ?? '',
      path: `/batches/${batch.id}`,
    },
    set,
  );
};

const SoldBlend = ({
  id,
  recipe,
  set,
  show,
}: {
  id: string;
  recipe: Recipe;
  set: Settings;
  show: Show;
}) => {
  const catalog = useCatalog();
  const { worked } = useWorkedOut(recipe);
  const no = (text: string) => <Missing title={labelWords.nothingToSellYet} text={text} />;
  if (worked.state === 'gaps') return no('Fill in the sentence of the blend first.');
  if (worked.state === 'problem') return no(settleProblemWords(catalog, worked.problem));
  const [first, ...others] = plannedPieces(worked.blend, worked.evaluation);
  if (!first) return no('It fills no container.');
  return show(
    {
      name: recipe.name,
      aside: 'as planned; a batch is judged by what was counted',
      blend: worked.blend,
      pieces: [first, ...others],
      labelled: { batch: '', madeOn: today(), maker: set.maker },
      notToBeUsed: false,
      reason: '',
      path: `/blends/${id}`,
    },
    set,
  );
};

const OneSoldBatch = ({ id, set, show }: { id: string; set: Settings; show: Show }) => {
  const found = useStored(['batch with events', id], () => batches.withEvents(id));
  return (
    <StoredScreen of={found} what="Batch">
      {(made) => <SoldBatch {...made} set={set} show={show} />}
    </StoredScreen>
  );
};

/** The batch or the blend of the address, as something for sale. */
export const WithSold = ({ children: show }: { children: Show }) => {
  const { batchId } = useParams();
  const found = useStored(['settings'], () => settings.read());
  return (
    <StoredScreen of={found}>
      {(set) =>
        batchId === undefined ? (
          <OneBlend>
            {({ id, recipe }) => <SoldBlend id={id} recipe={recipe} set={set} show={show} />}
          </OneBlend>
        ) : (
          <OneSoldBatch id={batchId} set={set} show={show} />
        )
      }
    </StoredScreen>
  );
};
