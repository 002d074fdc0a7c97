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
import { errorText, type ErrorText } from '../../parts/errorText';
import { useLeaveGuard } from '../../parts/useLeaveGuard';
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
 * nothing of ours is on its way; where both changed, the newer is kept and it is reported.
 */
export const useRecipe = (record: BlendRecord) => {
  const { id } = record;
  const client = useQueryClient();
  const [history, setHistory] = useState(() =>
    resumed(client.getQueryData<History<Recipe>>(['history', id]), record.recipe),
  );
  const [failure, setFailure] = useState<ErrorText | null>(null);
  const [overtaken, setOvertaken] = useState(false);
  const current = useRef(history);
  const revision = useRef(record.revision);
  /** What is to be written next; what is typed meanwhile takes its place. */
  const next = useRef<Recipe | null>(null);
  const isWriting = useRef(false);
  const [saving, setSaving] = useState(false);

  const act = useCallback(
    (action: HistoryAction<Recipe>): Recipe | null => {
      const after = historyAfter(current.current, action);
      if (after === current.current) return null;
      current.current = after;
      setHistory(after);
      client.setQueryDefaults(['history'], { gcTime: Infinity });
      client.setQueryData(['history', id], after);
      return after.present;
    },
    [client, id],
  );

  useEffect(() => {
    if (isWriting.current || record.revision <= revision.current) return;
    revision.current = record.revision;
    if (same(record.recipe, current.current.present)) return;
    act({ kind: 'overtaken', by: record.recipe });
  }, [record, act]);

  const write = useCallback(
    async (recipe: Recipe) => {
      next.current = recipe;
      if (isWriting.current) return;
      isWriting.current = true;
      setSaving(true);
      try {
        for (let taken: Recipe | null = recipe; taken; taken = next.current) {
          const written = await blends.write(id, taken, revision.current);
          revision.current = written.revision;
          setFailure(null);
          if (written.overtaken) {
            // Another tab wrote first: its version is shown; ours, as it was here, is one undo away.
            next.current = null;
            act({ kind: 'overtaken', by: written.recipe });
            setOvertaken(true);
          } else if (next.current === taken) next.current = null;
        }
      } catch (error) {
        next.current = null;
        setFailure(errorText(error));
      }
      isWriting.current = false;
      setSaving(false);
    },
    [id, act],
  );
  useLeaveGuard(saving || failure !== null);

  const change = useCallback(
    (edit: Edit, field?: string) => {
      const to = edit(current.current.present);
      if (to === current.current.present || same(to, current.current.present)) return;
      const at = performance.now();
      act(field === undefined ? { kind: 'change', to, at } : { kind: 'change', to, at, field });
      void write(to);
    },
    [act, write],
  );

  const walk = useCallback(
    (kind: 'undo' | 'redo') => {
      const to = act({ kind });
      if (!to) return;
      setOvertaken(false);
      void write(to);
    },
    [act, write],
  );
  const undo = useCallback(() => walk('undo'), [walk]);
  const redo = useCallback(() => walk('redo'), [walk]);
  const dismiss = useCallback(() => setOvertaken(false), []);
  /** Writes what is on the sheet once more, after it could not be written. */
  const retry = useCallback(() => void write(current.current.present), [write]);

  const steps = { undo: history.past.length, redo: history.future.length };
  return {
    recipe: history.present,
    change,
    undo,
    redo,
    steps,
    saving,
    failure,
    retry,
    overtaken,
    dismiss,
  };
};
