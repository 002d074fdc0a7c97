import { appWords } from '@jubbet/core/words';
import { Button } from '../ui/Button';
import type { StoreTrouble } from '../parts/storeTrouble';
import { OlderStore } from './OlderStore';

/** In place of the application, while its data cannot be reached. */
export const StorePage = ({
  trouble: { title, what, todo, isOlder },
}: {
  trouble: StoreTrouble;
}) => (
  <main className="mx-auto max-w-xl px-6 py-10" role="alert">
    <title>{`${title} · Jubbet`}</title>
    <h1 className="text-[26px]">{title}</h1>
    <p className="mt-3">{what}</p>
    <p className="mt-3">{todo}</p>
    {isOlder ? (
      <OlderStore />
    ) : (
      <div className="mt-4">
        <Button look="first" onClick={() => window.location.reload()}>
          {appWords.loadThePageAgain}
        </Button>
      </div>
    )}
  </main>
);
