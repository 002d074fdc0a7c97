import { Notice } from '../../ui/Notice';
import { wearerChangeWords, nameOrNone, batchesWords } from '@jubbet/core/words';
import {
  asIngredient,
  recipeAsMade,
  recipeAsPlanned,
  isAsPlanned,
  madeBestBefore,
  wearerChanges,
  type Made,
} from '@jubbet/core/batch';
import type { Recipe } from '@jubbet/core/recipe';
import type { Bottle } from '@jubbet/core/stock';
import { wearerOn } from '@jubbet/core/brief';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Button, ButtonLink } from '../../ui/Button';
import { More, MoreAct, MoreLink } from '../../ui/More';
import { useNotice } from '../../parts/notice';
import { useWrite } from '../../parts/useWrite';
import { batches } from '../../store/batches';
import { blends } from '../../store/blends';
import { bottles } from '../../store/bottles';
import type { BatchRecord } from '../../store/database';
import { drafts } from '../../store/drafts';
import { plannedRecipe } from '../../store/madeBlend';
import { materials } from '../../store/materials';
import { today } from '../../store/now';
import { people } from '../../store/people';
import { useStored } from '../../store/useStored';

/** A new sheet for the same wearer as they are today, and what has changed of them since. */
const useAgain = (batch: BatchRecord) => {
  const navigate = useNavigate();
  const tell = useNotice();
  const write = useWrite();
  return async (recipe: Recipe): Promise<void> => {
    const person = batch.personId === null ? null : await people.get(batch.personId);
    const then = plannedRecipe(batch).brief.wearer;
    const now = person ? wearerOn(person.person, today()) : null;
    const id = await write('The new blend', () =>
      blends.add({
        ...recipe,
        name: `${nameOrNone(batch.file.name)}, again`.slice(0, 120),
        brief: { ...recipe.brief, wearer: then, personId: person?.id ?? null },
      }),
    );
    if (id === undefined) return;
    await navigate(`/blends/${id}`);
    const changes =
      now && then !== null && then !== 'anyone'
        ? wearerChanges(then, now).map(wearerChangeWords)
        : [];
    if (changes.length > 0) {
      tell({ text: `${now?.name ?? 'The person'} has changed since then: ${changes.join('; ')}.` });
    }
  };
};

/** A batch as a bottle: its number is its lot, and it was opened when it was made. */
const bottleOfBatch = (
  materialId: string,
  { number, madeOn }: BatchRecord,
  ml: number,
  until: string,
): Bottle => ({
  materialId,
  lot: number,
  supplier: '',
  boughtOn: null,
  openedOn: madeOn,
  printedDate: until,
  unit: 'ml',
  size: Math.round(100 * ml) / 100,
  atStart: Math.round(100 * ml) / 100,
  price: null,
  weighings: [],
  analysis: null,
  first: false,
  finishedOn: null,
});

/** What can be done with a batch. */
export const BatchActions = ({ batch, made }: { batch: BatchRecord; made: Made }) => {
  const navigate = useNavigate();
  const tell = useNotice();
  const write = useWrite();
  const again = useAgain(batch);
  const settled = plannedRecipe(batch);
  const kept = useStored(['drafts', batch.blendId], () => drafts.list(batch.blendId));
  const planned =
    kept.data?.find(({ batchId }) => batchId === batch.id)?.recipe ?? recipeAsPlanned(settled);
  const [asking, setAsking] = useState(false);
  const remove = async (wasMade: boolean) => {
    const gone = await write('The batch', () => batches.remove(batch.id, wasMade).then(() => true));
    if (!gone) return;
    await navigate('/batches');
    tell({
      text: `Batch ${batch.number} is deleted.`,
      undo: () => void write('The batch', () => batches.restore(batch.id)),
    });
  };
  const open = batch.finishedAt === null;
  const asVersion = async () => {
    const kept = await write('The version', () =>
      drafts.keep(batch.blendId, recipeAsMade(settled, made), `As made, ${batch.number}`),
    );
    if (kept) await navigate(`/blends/${batch.blendId}/versions`);
  };
  const asMaterial = async () => {
    const until = madeBestBefore(made, batch.madeOn);
    const id = `own-batch-${batch.id}`;
    const material =
      until &&
      asIngredient(
        made,
        { number: batch.number, madeOn: batch.madeOn, bestBefore: until.date },
        id,
      );
    if (!material) {
      tell({ text: 'This batch has no essential oil: use its carrier instead.' });
      return;
    }
    const [first] = made.containers.filter(({ isEmpty }) => !isEmpty);
    const ml = first?.evaluation.mixture.fillMl ?? 0;
    const put = await write('The material', async () => {
      const isNew = await materials.addOnce(material);
      // What is left of a batch is on the shelf as any other bottle does.
      if (isNew && ml > 0) await bottles.add(bottleOfBatch(id, batch, ml, until.date));
      return true;
    });
    if (put) await navigate(`/materials/${id}`);
  };
  if (asking) {
    return (
      <Notice
        tone="caution"
        role="alertdialog"
        aria-label="Was it made?"
        className="flex flex-wrap items-center gap-2"
      >
        <p>{batchesWords.wasThisBatchMadeThen}</p>
        <Button autoFocus onClick={() => void remove(true)}>
          It was made
        </Button>
        <Button onClick={() => void remove(false)}>{batchesWords.itWasNotPutIt}</Button>
        <Button look="quiet" onClick={() => setAsking(false)}>
          Cancel
        </Button>
      </Notice>
    );
  }
  const wasChanged = !made.isEmpty && !isAsPlanned(settled, made);
  const isWhole = !open && !batch.notToBeUsed;
  return (
    <div className="flex flex-wrap gap-2 print:hidden">
      <More>
        {wasChanged && (
          <>
            <MoreAct onClick={() => void again(planned)}>{batchesWords.makeAgainAsPlanned}</MoreAct>
            <MoreAct onClick={() => void asVersion()}>{batchesWords.saveAsAVersion}</MoreAct>
          </>
        )}
        {isWhole && !made.isEmpty && (
          <MoreAct onClick={() => void asMaterial()}>{batchesWords.useAsIngredient}</MoreAct>
        )}
        {isWhole && <MoreLink to={`/batches/${batch.id}/for-sale`}>For sale</MoreLink>}
        <MoreLink to={`/recall?batch=${encodeURIComponent(batch.id)}`}>
          {batchesWords.batchesFromTheSameBottles}
        </MoreLink>
        <MoreAct onClick={() => (made.isEmpty ? void remove(false) : setAsking(true))}>
          Delete
        </MoreAct>
      </More>
      <Button onClick={() => void again(recipeAsMade(settled, made))}>Make again</Button>
      <ButtonLink look={open ? 'plain' : 'first'} to={`/batches/${batch.id}/label`}>
        Label
      </ButtonLink>
      {open && (
        <ButtonLink look="first" to={`/make/${batch.id}`}>
          Go on making
        </ButtonLink>
      )}
    </div>
  );
};
