import { appWords } from '@jubbet/core/words';
import { useEffect, useSyncExternalStore } from 'react';
import { useNavigation } from 'react-router';
import { Button } from '../ui/Button';
import type { Versions } from './versions';

/** What comes first is the page: being offline is seen to when it rests, in ms. */
const whenItRests = 1500;

// One watch for the life of the page, whichever room is open.
let versions: Versions | null = null;
let take: (() => void) | null = null;
const listeners = new Set<() => void>();

const offer = (next: (() => void) | null): void => {
  take = next;
  listeners.forEach((listener) => listener());
};

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** Keeps the application for when there is no network, and tells when a newer one is there. */
export const NewVersion = () => {
  const newer = useSyncExternalStore(subscribe, () => take);
  const { state, location } = useNavigation();
  useEffect(() => {
    const rest = setTimeout(() => {
      if (versions || !('serviceWorker' in navigator)) return;
      void import('./versions').then(({ watchVersions }) => {
        versions ??= watchVersions(navigator.serviceWorker, offer, () => window.location.reload());
      });
    }, whenItRests);
    return () => clearTimeout(rest);
  }, []);
  useEffect(() => {
    if (state === 'loading' && versions?.isSuperseded()) {
      window.location.assign(`${location.pathname}${location.search}${location.hash}`);
    }
  }, [state, location]);
  if (!newer) return null;
  return (
    <div
      role="status"
      className="screen-only fixed top-3 right-3 z-40 flex max-w-sm items-center gap-3 rounded-lg bg-night py-2 pr-2 pl-4 text-night-ink"
    >
      <span>{appWords.newVersionOfJubbetIs}</span>
      <Button onClick={newer}>Use it</Button>
      <Button look="quiet" className="text-night-ink!" onClick={() => offer(null)}>
        Later
      </Button>
    </div>
  );
};
