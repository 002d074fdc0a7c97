import {
  batchesWith,
  bottlesOf,
  suspectsOf,
  type Suspect,
  type TrailBatch,
} from '@jubbet/core/batch';
import { nameIn, type Catalog } from '@jubbet/core/catalog';
import { countedWords, formatList, nameOrNone, trailWords } from '@jubbet/core/words';
import { Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import { flushSync } from 'react-dom';
import { useSearchParams } from 'react-router';
import { Button } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { Missing } from '../../parts/Missing';
import { saveTable } from '../../parts/saveTable';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { bottles, type ShelvedRecord } from '../../store/bottles';
import type { RecipientRecord } from '../../store/database';
import { people } from '../../store/people';
import { recipients } from '../../store/recipients';
import { trailedBatches } from '../../store/trail';
import { useStored } from '../../store/useStored';
import { RecallRows } from './RecallRows';

/** Where a recall begins, by its address. */
interface Begun {
  readonly title: string;
  readonly suspects: readonly Suspect[];
  /** The batch that it is about, where it is about one. */
  readonly batch: TrailBatch | null;
}

const lotWords = (catalog: Catalog, materialId: string, lot: string): string =>
  `${nameIn(catalog, materialId)}${lot ? `, lot ${lot}` : ''}`;

const begunFrom = (
  catalog: Catalog,
  params: URLSearchParams,
  all: readonly TrailBatch[],
  shelf: readonly ShelvedRecord[],
): Begun | null => {
  const batch = all.find(({ id }) => id === params.get('batch'));
  if (batch) {
    return {
      title: `Batches from the same bottles as ${nameOrNone(batch.name)}, ${batch.number}`,
      suspects: suspectsOf(all, batch),
      batch,
    };
  }
  const bottleId = params.get('bottle');
  const onShelf = shelf.find(({ id }) => id === bottleId)?.bottle;
  // A bottle that is gone from the shelf still is in what was made from it.
  const gone = all.flatMap(({ from }) => from).find((entry) => entry.bottleId === bottleId);
  const found = onShelf ?? gone;
  if (!bottleId || !found) return null;
  const { materialId, lot } = found;
  return {
    title: `Batches made with ${lotWords(catalog, materialId, lot)}`,
    suspects: [
      { kind: 'bottle', bottleId },
      ...(lot ? [{ kind: 'lot', materialId, lot } as const] : []),
    ],
    batch: null,
  };
};

/** What a batch has in common with what is suspect, in words. */
const sharedWords = (
  catalog: Catalog,
  all: readonly TrailBatch[],
  trailBatch: TrailBatch,
  { suspects, batch }: Begun,
): string => {
  if (batch?.id === trailBatch.id) return 'itself';
  const shared = bottlesOf(all, trailBatch).filter(({ bottleId, materialId, lot }) =>
    suspects.some((suspect) =>
      suspect.kind === 'bottle'
        ? suspect.bottleId === bottleId
        : suspect.kind === 'lot' && suspect.materialId === materialId && suspect.lot === lot,
    ),
  );
  const names = [...new Set(shared.map((s) => lotWords(catalog, s.materialId, s.lot)))];
  return names.length > 0 ? formatList(names) : 'has it in it';
};

/** From a bottle, a lot or a batch to every other piece that shares it, and who has it. */
export const RecallScreen = () => {
  const catalog = useCatalog();
  const [params] = useSearchParams();
  const trailed = useStored(['trail'], () => trailedBatches()).data;
  const given = useStored(['recipients'], () => recipients.list()).data;
  const shelf = useStored(['bottles'], () => bottles.list()).data;
  const house = useStored(['people'], () => people.list()).data;
  const [isPrinting, setPrinting] = useState(false);
  const all = useMemo(() => (trailed ?? []).map(({ batch }) => batch), [trailed]);
  const begun = useMemo(
    () => (shelf ? begunFrom(catalog, params, all, shelf) : null),
    [catalog, params, all, shelf],
  );
  const found = useMemo(
    () => (begun ? new Set(batchesWith(all, begun.suspects)) : new Set<TrailBatch>()),
    [all, begun],
  );
  if (!trailed || !given || !shelf || !house) {
    return <p role="status">{trailWords.lookingThroughTheBatches}</p>;
  }
  if (!begun) {
    return <Missing title={trailWords.nothingToFollowHere} text={trailWords.openABottleOrA} />;
  }
  const names = new Map(house.map(({ id, person }) => [id, person.name]));
  const rows = trailed.filter(({ batch }) => found.has(batch));
  const byBatch = new Map<string, RecipientRecord[]>();
  for (const entry of given) {
    const { batchId } = entry.recipient;
    byBatch.set(batchId, [...(byBatch.get(batchId) ?? []), entry]);
  }
  const have = rows.flatMap(({ batch }) => byBatch.get(batch.id) ?? []);
  const told = have.filter(({ recipient }) => recipient.toldOn).length;
  const saveCsv = (): void =>
    saveTable(
      'recall',
      ['batch', 'name', 'made', 'shares', 'who', 'pieces', 'which', 'given', 'told'],
      rows.flatMap(({ batch }) => {
        const what = [
          batch.number,
          batch.name,
          batch.madeOn,
          sharedWords(catalog, all, batch, begun),
        ];
        const theirs = byBatch.get(batch.id) ?? [];
        if (theirs.length === 0) {
          const madeFor = batch.personId === null ? undefined : names.get(batch.personId);
          return [[...what, madeFor ?? '', '', '', '', '']];
        }
        return theirs.map(({ recipient: { name, pieces, which, on, toldOn } }) => [
          ...what,
          name,
          pieces,
          which,
          on,
          toldOn ?? '',
        ]);
      }),
    );
  return (
    <div className="mx-auto grid max-w-5xl grid-cols-[minmax(0,1fr)] gap-4">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle
          title={begun.title}
          aside={[
            countedWords(rows.length, 'batch'),
            ...(have.length > 0 ? [`${told} of ${have.length} told`] : []),
          ].join(' · ')}
        />
        <div className="flex flex-wrap gap-2">
          <Button onClick={saveCsv}>Save as CSV</Button>
          <Button
            onClick={() => {
              // Paper has every row, the window only those that are near.
              flushSync(() => setPrinting(true));
              window.print();
              setPrinting(false);
            }}
          >
            <Printer aria-hidden size={18} /> Print
          </Button>
        </div>
      </div>
      {rows.length === 0 ? (
        <p>{trailWords.noBatchInTheLog}</p>
      ) : (
        <RecallRows
          rows={rows}
          givenOf={(batchId) => byBatch.get(batchId) ?? []}
          madeFor={(personId) => names.get(personId) ?? null}
          shares={(batch) => sharedWords(catalog, all, batch, begun)}
          isWhole={isPrinting}
        />
      )}
      <p className="max-w-prose text-sm text-soft">{trailWords.ifSomethingMayHarmTell}</p>
    </div>
  );
};
