import { labelWords } from '@jubbet/core/words';
import { isVisible, shownName } from '@jubbet/core/quantity';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';

/** Asked before the first label is printed: what the blend is called, and whose name is on it. */
export const NamesFirst = ({
  isNamed,
  needsMaker,
  onNames,
  onCancel,
}: {
  isNamed: boolean;
  needsMaker: boolean;
  onNames: (names: { readonly name: string | null; readonly maker: string }) => Promise<void>;
  onCancel: () => void;
}) => {
  const [name, setName] = useState('');
  const [maker, setMaker] = useState('');
  const canGoOn = isNamed || isVisible(name);
  return (
    <form
      aria-label={labelWords.namesOnTheLabel}
      className="screen-only flex flex-wrap items-end gap-3 rounded-lg bg-slate-wash px-4 py-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (canGoOn) void onNames({ name: isNamed ? null : shownName(name), maker: maker.trim() });
      }}
    >
      {!isNamed && (
        <TextField
          autoFocus
          label={labelWords.whatIsItCalled}
          className="w-56"
          maxLength={120}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
      )}
      {needsMaker && (
        <TextField
          autoFocus={isNamed}
          label={labelWords.whoMadeItLeftEmpty}
          className="w-64"
          maxLength={120}
          value={maker}
          onChange={(event) => setMaker(event.target.value)}
        />
      )}
      <Button type="submit" look="first" disabled={!canGoOn}>
        Go on
      </Button>
      <Button look="quiet" onClick={onCancel}>
        Cancel
      </Button>
    </form>
  );
};
