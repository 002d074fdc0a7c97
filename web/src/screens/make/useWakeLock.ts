import { useEffect } from 'react';

/** Keeps the screen awake while the bench is open, where the browser can. */
export const useWakeLock = (): void => {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let left = false;
    const hold = async (): Promise<void> => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
      try {
        const held = await navigator.wakeLock.request('screen');
        if (left) await held.release();
        else lock = held;
      } catch {
        // Low battery, or not allowed: counting goes on without it.
      }
    };
    const again = (): void => void hold();
    void hold();
    document.addEventListener('visibilitychange', again);
    return () => {
      left = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release();
    };
  }, []);
};
