import { datesToMind, inTurn, runningOut, toReview, type Todo } from '@jubbet/core/planning';
import { dueAt, standingOf, type ReadAt } from '@jubbet/core/batch';
import { nameIn, type Catalog } from '@jubbet/core/catalog';
import { keeping } from '@jubbet/core/stock';
import { standingWords, testedWords } from '@jubbet/core/words';
import { useCatalog } from '../../parts/catalog';
import { bottles, type ShelvedRecord } from '../../store/bottles';
import { runningClocks, type RunningClock } from '../../store/clocks';
import type { PatchTestRecord } from '../../store/database';
import { keepingBatches } from '../../store/keepingBatches';
import { today } from '../../store/now';
import { patchTests } from '../../store/patchTests';
import { reactionsToFollow } from '../../store/reactions';
import { unreviewed } from '../../store/toReview';
import { useStored } from '../../store/useStored';

/** What a thing that is due is of: what it says, and where it is done. */
export interface TodoText {
  readonly text: string;
  readonly to: string;
}

/** A patch test that runs, with its record: it is read where it is reported. */
export interface OpenTest {
  readonly record: PatchTestRecord;
  readonly isDue: boolean;
}

const bottleName = (catalog: Catalog, { bottle }: ShelvedRecord): string =>
  `${nameIn(catalog, bottle.materialId)}${bottle.lot ? `, lot ${bottle.lot}` : ''}`;

const ofBottles = (
  catalog: Catalog,
  shelf: readonly ShelvedRecord[],
  day: string,
): readonly Todo<TodoText>[] => {
  const inUse = shelf.filter(({ bottle }) => bottle.finishedOn === null);
  const todoText = (record: ShelvedRecord): TodoText => ({
    text: bottleName(catalog, record),
    to: `/shelf/${record.id}`,
  });
  return [
    ...datesToMind(
      'bottle-date',
      inUse.flatMap((record) => {
        const keeps = keeping(catalog, record.bottle);
        return keeps ? [{ id: record.id, until: keeps.until, of: todoText(record) }] : [];
      }),
      day,
    ),
    ...runningOut(
      inUse.map((record) => ({
        id: record.id,
        left: record.bottle.left,
        size: record.bottle.size,
        of: todoText(record),
      })),
      day,
    ),
  ];
};

const ofClocks = (clocks: readonly RunningClock[], nowMs: number): readonly Todo<TodoText>[] =>
  clocks.map(({ timerId, endsAt, words, of, batchId }) => ({
    kind: 'clock',
    id: `clock/${timerId}`,
    when: endsAt,
    isLate: Date.parse(endsAt) <= nowMs,
    of: { text: `${words}: ${of}`, to: `/make/${batchId}` },
  }));

const dueHours = (standing: string): ReadAt => (standing === 'due-24' ? 24 : 48);

/** Everything that needs doing, and the patch tests that run. */
export const useTodos = (
  nowMs: number,
): { readonly todos: readonly Todo<TodoText>[]; readonly tests: readonly OpenTest[] } | null => {
  const catalog = useCatalog();
  const shelf = useStored(['bottles'], () => bottles.list()).data;
  const tests = useStored(['patch tests'], () => patchTests.list()).data;
  const clocks = useStored(['clocks'], () => runningClocks()).data;
  const keeps = useStored(['keeping batches', 200], () => keepingBatches(200)).data;
  const reactions = useStored(['reactions'], () => reactionsToFollow()).data;
  const reviews = useStored(['unreviewed'], () => unreviewed()).data;
  if (!shelf || !tests || !clocks || !keeps || !reactions || !reviews) return null;
  const day = today();
  const open = tests.flatMap((record): (OpenTest & { standing: string })[] => {
    const standing = standingOf(record.test, nowMs);
    return standing === 'waiting' || standing === 'due-24' || standing === 'due-48'
      ? [{ record, standing, isDue: standing !== 'waiting' }]
      : [];
  });
  const todos = [
    ...reactions.map(({ id, on, name, batchId, batch, what }): Todo<TodoText> => ({
      kind: 'reaction',
      id: `reaction/${id}`,
      when: on,
      isLate: true,
      of: { text: `${name} reacted to ${batch}: ${what}`, to: `/batches/${batchId}#who-got-it` },
    })),
    ...open
      .filter(({ isDue }) => isDue)
      .map(({ record: { id, test }, standing }): Todo<TodoText> => ({
        kind: 'read-test',
        id: `test/${id}/${standing}`,
        when: dueAt(test, dueHours(standing)).toISOString(),
        isLate: true,
        of: {
          text: `${test.personName}, ${testedWords(test)}: ${standingWords(standingOf(test, nowMs))}`,
          to: '#tests',
        },
      })),
    ...ofClocks(clocks, nowMs),
    ...ofBottles(catalog, shelf, day),
    ...datesToMind(
      'batch-date',
      keeps.map(({ id, name, until }) => ({
        id,
        until,
        of: { text: name, to: `/batches/${id}` },
      })),
      day,
    ),
    ...toReview(
      reviews.map(({ id, madeOn, of }) => ({
        id,
        madeOn,
        of: { text: of, to: `/batches/${id}#how-it-was` },
      })),
      day,
    ),
  ];
  return { todos: inTurn(todos), tests: open };
};
