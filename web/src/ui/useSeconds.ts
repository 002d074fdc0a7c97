import { useEffect, useState } from 'react';

/** The moment in ms, again each second while there is something to wait for. */
export const useSeconds = (waiting: boolean): number => {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!waiting) return;
    const tick = () => setNow(Date.now());
    tick();
    const timer = window.setInterval(tick, 1000);
    // A page that was asleep catches up at once.
    document.addEventListener('visibilitychange', tick);
    return () => {
      window.clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
    };
  }, [waiting]);
  return now;
};
