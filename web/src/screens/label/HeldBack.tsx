import { Panel } from '../../ui/Panel';
import { labelWords } from '@jubbet/core/words';
import type { Catalog, Region } from '@jubbet/core/catalog';
import type { SaleStanding } from '@jubbet/core/label';
import { isReason } from '@jubbet/core/making';
import { useState, type ReactNode } from 'react';
import { Button, ButtonLink } from '../../ui/Button';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { AgainstSelling } from './AgainstSelling';

/** Why something is sold past a limit: it stays with the batch, for whoever assesses it. */
const SaleReason = ({ onReason }: { onReason: (words: string) => Promise<unknown> }) => {
  const [words, setWords] = useState('');
  return (
    <form
      aria-label={labelWords.whyItIsSoldPastThis}
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (isReason(words)) void onReason(words.trim());
      }}
    >
      <label className="grid gap-1">
        <span className="font-semibold">{labelWords.whyIsItSoldPast}</span>
        <span className="text-sm text-soft">{labelWords.fewWordsForExampleWhat}</span>
        <textarea
          rows={3}
          maxLength={2000}
          className="rounded-md border border-field bg-transparent px-2 py-1.5"
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
      </label>
      <div>
        <Button type="submit" look="first" disabled={!isReason(words)}>
          Save the reason
        </Button>
      </div>
    </form>
  );
};

/** In place of a label to sell it with: why there is none, and what would bring it. */
export const HeldBack = ({
  name,
  catalog,
  standing,
  region,
  fields,
  back,
  onReason,
}: {
  name: string;
  catalog: Catalog;
  standing: SaleStanding;
  region: Region;
  /** What these labels are for: to keep, or to sell somewhere else. */
  fields: ReactNode;
  back: string;
  onReason: (words: string) => Promise<unknown>;
}) => (
  <div className="mx-auto grid max-w-4xl gap-4">
    <div className="flex flex-wrap items-center justify-between gap-3">
      <ScreenTitle title={`Label: ${name}`} aside={labelWords.noneToSellItWith} />
      <ButtonLink to={back}>Back</ButtonLink>
    </div>
    <Panel className="flex flex-wrap items-end gap-x-6 gap-y-3 px-4 py-3">{fields}</Panel>
    <AgainstSelling catalog={catalog} standing={standing} region={region} />
    {standing.forbidden.length === 0 && <SaleReason onReason={onReason} />}
  </div>
);
