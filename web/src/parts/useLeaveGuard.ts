import { useEffect } from 'react';

/** While something is on its way to the disk, or could not get there, closing the page asks first. */
export const useLeaveGuard = (unsaved: boolean): void => {
  useEffect(() => {
    if (!unsaved) return;
    const ask = (event: BeforeUnloadEvent): void => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [unsaved]);
};
