import {
  type History,
  historyOf,
  historyAfter,
  type HistoryAction,
  type Edit,
  type Recipe,
} from '@jubbet/core/recipe';
import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { errorWords } from '../../parts/errorWords';
import { blends } from '../../store/blends';
import type { BlendRecord } from '../../store/database';

const same = (a: Recipe, b: Recipe): boolean => JSON.stringify(a) === JSON.stringify(b);

/** The history of a sheet that was left, taken up again with what the store has by now. */
const resumed = (left: History<Recipe> | undefined, stored: Recipe): History<Recipe> => {
  if (!left) return historyOf(stored);
  return same(left.present, stored) ? left : historyAfter(left, { kind: 'overtaken', by: stored });
};

/**
 * The recipe on the sheet, with undo and redo, which stay while another screen is visited. A
 * change shows at once and is written at once. What is changed in another tab is taken over when
 * nothing of ours is on its way; where both changed, the newer is kept and it is told.
 */
export const useRecipe = (record: BlendRecord) => {
  const { id } = record;
  const client = useQueryClient();
  const [history, setHistory] = useState(() =>
    resumed(client.getQueryData<History<Recipe>>(['history', id]), record.recipe),
  );
  const [failure, setFailure] = useState<string | null>(null);
  const [overtaken, setOvertaken] = useState(false);
  const current = useRef(history);
  const revision = useRef(record.revision);
  const onItsWay = useRef(0);
  const queue = useRef<Promise<void>>(Promise.resolve());
  /** Counts up when another tab was first: what waited to be written then is written no more. */
  const overtakes = useRef(0);

  const act = useCallback(
    (action: HistoryAction<Recipe>): Recipe | null => {
      const next = historyAfter(current.current, action);
      if (next === current.current) return null;
      current.current = next;
      setHistory(next);
      client.setQueryDefaults(['history'], { gcTime: Infinity });
      client.setQueryData(['history', id], next);
      return next.present;
    },
    [client, id],
  );

  useEffect(() => {
    if (onItsWay.current > 0 || record.revision <= revision.current) return;
    revision.current = record.revision;
    if (same(record.recipe, current.current.present)) return;
    act({ kind: 'overtaken', by: record.recipe });
  }, [record, act]);

  const write = useCallback(
    (next: Recipe) => {
      onItsWay.current += 1;
      const turn = overtakes.current;
      queue.current = queue.current
        .then(async () => {
          if (turn !== overtakes.current) return;
          const written = await blends.write(id, next, revision.current);
          revision.current = written.revision;
          setFailure(null);
          if (!written.overtaken) return;
          // Another tab wrote first: its version is shown, ours, as it stood here, is one undo away.
          overtakes.current += 1;
          act({ kind: 'overtaken', by: written.recipe });
          setOvertaken(true);
        })
        .catch((error: unknown) => {
          setFailure(errorWords(error));
        })
        .finally(() => {
          onItsWay.current -= 1;
        });
    },
    [id, act],
  );

  const change = useCallback(
    (edit: Edit, field?: string) => {
      const to = edit(current.current.present);
      if (to === current.current.present || same(to, current.current.present)) return;
      const at = performance.now();
      act(field === undefined ? { kind: 'change', to, at } : { kind: 'change', to, at, field });
      write(to);
    },
    [act, write],
  );

  const walk = useCallback(
    (kind: 'undo' | 'redo') => {
      const next = act({ kind });
      if (!next) return;
      setOvertaken(false);
      write(next);
    },
    [act, write],
  );
  const undo = useCallback(() => walk('undo'), [walk]);
  const redo = useCallback(() => walk('redo'), [walk]);
  const dismiss = useCallback(() => setOvertaken(false), []);
  /** Writes what stands on the sheet once more, after it could not be written. */
  const retry = useCallback(() => write(current.current.present), [write]);

  const steps = { undo: history.past.length, redo: history.future.length };
  return { recipe: history.present, change, undo, redo, steps, failure, retry, overtaken, dismiss };
};
