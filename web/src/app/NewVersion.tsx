import { useEffect, useState } from 'react';
import { Button } from '../parts/Button';

/** Keeps the application for when there is no network, and tells when a newer one is there. */
export const NewVersion = () => {
  const [take, setTake] = useState<(() => void) | null>(null);
  useEffect(() => {
    // What comes first is the page: the machinery for being offline is fetched when it rests.
    const rest = setTimeout(() => {
      void import('virtual:pwa-register').then(({ registerSW }) => {
        const update = registerSW({
          immediate: true,
          onNeedRefresh: () => setTake(() => () => void update(true)),
        });
      });
    }, 1500);
    return () => clearTimeout(rest);
  }, []);
  if (!take) return null;
  return (
    <div
      role="status"
      className="screen-only fixed top-3 right-3 z-40 flex max-w-sm items-center gap-3 rounded-lg bg-night py-2 pr-2 pl-4 text-[#eceae2]"
    >
      <span>A new version of Jubbet is here. Your data stay as they are.</span>
      <Button onClick={take}>Use it</Button>
      <Button look="quiet" className="text-[#eceae2]!" onClick={() => setTake(null)}>
        Later
      </Button>
    </div>
  );
};
