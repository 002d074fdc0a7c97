import { useEffect } from 'react';
import { askFirst } from './underWay';

/** While something is on its way to the disk, or could not get there, closing the page asks first. */
export const useLeaveGuard = (unsaved: boolean): void => {
  useEffect(() => {
    if (!unsaved) return;
    window.addEventListener('beforeunload', askFirst);
    return () => window.removeEventListener('beforeunload', askFirst);
  }, [unsaved]);
};
