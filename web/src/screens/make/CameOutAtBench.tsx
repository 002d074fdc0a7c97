import { madeFromTally } from '@jubbet/core/batch';
import { madePieces } from '@jubbet/core/label';
import type { Blend } from '@jubbet/core/drops';
import type { Step, Tally } from '@jubbet/core/making';
import { piecesWords, makeWords } from '@jubbet/core/words';
import { useState } from 'react';
import { CameOut } from '../../parts/CameOut';
import { focusPad } from './focusPad';
import { panel, panelButton } from './panel';
import type { Choose } from './useBench';

/** While a jug or pan is poured: how many it really fills. */
export const CameOutAtBench = ({
  blend,
  planned,
  tally,
  onEvents,
}: {
  blend: Blend;
  planned: readonly Step[];
  tally: Tally;
  onEvents: Choose;
}) => {
  const [open, setOpen] = useState(false);
  if (!blend.inOne) return null;
  const made = madeFromTally(blend, planned, tally);
  const close = (): void => {
    setOpen(false);
    focusPad();
  };
  return (
    <section aria-label={makeWords.howManyItFills} className={panel}>
      {open ? (
        <CameOut
          made={made}
          isAfterEnd={false}
          onSave={(event) => {
            onEvents([event]);
            return Promise.resolve(true);
          }}
          onDone={close}
        />
      ) : (
        <div className="flex flex-wrap items-center justify-between gap-2">
          <p>{piecesWords(madePieces(made))}</p>
          <button type="button" className={panelButton} onClick={() => setOpen(true)}>
            More or fewer
          </button>
        </div>
      )}
    </section>
  );
};
