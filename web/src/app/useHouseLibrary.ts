import { liveQuery } from 'dexie';
import { useEffect, useState } from 'react';
import { layLibrary, readLibrary } from '../store/library';

/** Counts up whenever materials or bottles of the house have changed, here or in another tab. */
export const useHouseLibrary = (): number => {
  const [revision, setRevision] = useState(0);
  useEffect(() => {
    const subscription = liveQuery(() => readLibrary()).subscribe((house) => {
      void layLibrary(house).then((changed) => {
        if (changed) setRevision((before) => before + 1);
      });
    });
    return () => subscription.unsubscribe();
  }, []);
  return revision;
};
