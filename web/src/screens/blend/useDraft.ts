import type { BlendDraft } from '@jubbet/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import { errorWords } from '../../parts/errorWords';
import { blends } from '../../store/blends';
import type { BlendRecord } from '../../store/database';
import type { Change } from './changes';

/** Keystrokes in one field that follow each other faster than this are one step of undo, in ms. */
const oneStep = 700;
const mostSteps = 200;

const same = (a: BlendDraft, b: BlendDraft): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * The draft on the sheet, with undo and redo. A change shows at once and is
 * written at once. What is changed in another tab is taken over when nothing of
 * ours is on its way; where both changed, the newer is kept and it is told.
 */
export const useDraft = (record: BlendRecord) => {
  const [draft, setDraft] = useState(record.draft);
  const [failure, setFailure] = useState<string | null>(null);
  const [overtaken, setOvertaken] = useState(false);
  const [steps, setSteps] = useState({ undo: 0, redo: 0 });
  const current = useRef<BlendDraft>(record.draft);
  const revision = useRef(record.revision);
  const past = useRef<BlendDraft[]>([]);
  const future = useRef<BlendDraft[]>([]);
  const lastChange = useRef(0);
  const lastField = useRef<string | undefined>(undefined);
  const onItsWay = useRef(0);
  const queue = useRef<Promise<void>>(Promise.resolve());
  /** Counts up when another tab was first: what waited to be written then is written no more. */
  const overtakes = useRef(0);
  const { id } = record;

  const show = useCallback((next: BlendDraft) => {
    current.current = next;
    setDraft(next);
    setSteps({ undo: past.current.length, redo: future.current.length });
  }, []);

  useEffect(() => {
    if (onItsWay.current > 0 || record.revision <= revision.current) return;
    revision.current = record.revision;
    if (same(record.draft, current.current)) return;
    past.current.push(current.current);
    show(record.draft);
  }, [record, show]);

  const write = useCallback(
    (next: BlendDraft) => {
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
          past.current.push(current.current);
          show(written.draft);
          setOvertaken(true);
        })
        .catch((error: unknown) => {
          setFailure(errorWords(error));
        })
        .finally(() => {
          onItsWay.current -= 1;
        });
    },
    [id, show],
  );

  const change = useCallback(
    (make: Change, field?: string) => {
      const next = make(current.current);
      if (next === current.current || same(next, current.current)) return;
      const at = performance.now();
      const goesOn =
        field !== undefined && field === lastField.current && at - lastChange.current < oneStep;
      if (!goesOn) {
        past.current = [...past.current, current.current].slice(-mostSteps);
      }
      lastChange.current = at;
      lastField.current = field;
      future.current = [];
      show(next);
      write(next);
    },
    [show, write],
  );

  const walk = useCallback(
    (from: typeof past, to: typeof past) => {
      const next = from.current.pop();
      if (!next) return;
      to.current.push(current.current);
      lastField.current = undefined;
      setOvertaken(false);
      show(next);
      write(next);
    },
    [show, write],
  );
  const undo = useCallback(() => walk(past, future), [walk]);
  const redo = useCallback(() => walk(future, past), [walk]);
  const dismiss = useCallback(() => setOvertaken(false), []);
  /** Writes what stands on the sheet once more, after it could not be written. */
  const retry = useCallback(() => write(current.current), [write]);

  return { draft, change, undo, redo, steps, failure, retry, overtaken, dismiss };
};
