import type { BlendDraft } from '@jubbet/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import { blends } from '../../store/blends';
import type { BlendRecord } from '../../store/database';
import type { Change } from './changes';

/**
 * The draft on the sheet. A change shows at once and is written at once; what is
 * changed in another tab is taken over when nothing of ours is still on its way.
 */
export const useDraft = (record: BlendRecord) => {
  const [draft, setDraft] = useState(record.draft);
  const [failure, setFailure] = useState<string | null>(null);
  const current = useRef<BlendDraft>(record.draft);
  const onItsWay = useRef(0);
  const { id } = record;

  useEffect(() => {
    if (onItsWay.current > 0) return;
    if (JSON.stringify(record.draft) === JSON.stringify(current.current)) return;
    current.current = record.draft;
    setDraft(record.draft);
  }, [record]);

  const change = useCallback(
    (next: Change) => {
      const changed = next(current.current);
      if (changed === current.current) return;
      current.current = changed;
      setDraft(changed);
      onItsWay.current += 1;
      blends
        .write(id, changed)
        .then(
          () => setFailure(null),
          (error: unknown) => setFailure(error instanceof Error ? error.message : String(error)),
        )
        .finally(() => {
          onItsWay.current -= 1;
        });
    },
    [id],
  );
  return { draft, change, failure };
};
