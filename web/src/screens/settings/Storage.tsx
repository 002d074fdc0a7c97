import { settingsWords } from '@jubbet/core/words';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from '../../ui/Button';

/** How much of the storage is used, and whether the browser promises to keep it. */
const useStorage = () => {
  const client = useQueryClient();
  const { data } = useQuery({
    queryKey: ['storage'],
    queryFn: async () => {
      if (!('storage' in navigator)) return null;
      const { usage = 0 } = await navigator.storage.estimate();
      return { used: usage, kept: await navigator.storage.persisted() };
    },
  });
  const ask = async () => {
    await navigator.storage.persist();
    await client.invalidateQueries({ queryKey: ['storage'] });
  };
  return { state: data, ask };
};

/** What the storage holds, and the way to ask that it is kept. */
export const Storage = () => {
  const { state, ask } = useStorage();
  if (state === null) {
    return (
      <p className="border-t border-line pt-3 text-sm text-soft">
        {settingsWords.thisBrowserDoesNotSay}
      </p>
    );
  }
  if (!state) return null;
  return (
    <p className="flex flex-wrap items-center gap-2 border-t border-line pt-3 text-sm text-soft">
      {(state.used / 1_000_000).toFixed(1)} MB are used.{' '}
      {state.kept ? (
        'The browser has promised to keep them.'
      ) : (
        <>
          {settingsWords.browserMayClearThemWhen}
          <Button onClick={() => void ask()}>{settingsWords.askNotToDelete}</Button>
        </>
      )}
    </p>
  );
};
