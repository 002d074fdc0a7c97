let writes = 0;

/** The browser asks whether the page may be left. */
export const askFirst = (event: BeforeUnloadEvent): void => event.preventDefault();

const count = (change: 1 | -1): void => {
  const before = writes;
  writes += change;
  if (before > 0 && writes > 0) return;
  document.body.ariaBusy = String(writes > 0);
  if (writes > 0) window.addEventListener('beforeunload', askFirst);
  else window.removeEventListener('beforeunload', askFirst);
};

/**
 * Work that ends on the disk. As long as any is under way the page says that it is busy, and
 * closing it asks first.
 */
export const underWay = async <T>(work: () => Promise<T>): Promise<T> => {
  count(1);
  try {
    return await work();
  } finally {
    count(-1);
  }
};
