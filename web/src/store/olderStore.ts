// A store from before the first release is not opened: all there is in it can be saved as JSON.

const requested = <T>(request: IDBRequest<T>): Promise<T> =>
  new Promise((resolve, reject) => {
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error ?? new DOMException('', 'UnknownError'));
  });

/** Everything in a store of any version, as JSON: each table by its name, with its rows. */
export const olderStoreJson = async (name = 'jubbet'): Promise<string> => {
  // Without a version it is opened as it is.
  const database = await requested(indexedDB.open(name));
  try {
    const tables = [...database.objectStoreNames];
    const all: Record<string, unknown[]> = {};
    if (tables.length > 0) {
      const transaction = database.transaction(tables, 'readonly');
      for (const table of tables)
        all[table] = await requested(transaction.objectStore(table).getAll());
    }
    return `${JSON.stringify({ format: 'jubbet-older-store', version: database.version, tables: all }, null, 2)}\n`;
  } finally {
    database.close();
  }
};

/**
 * Deletes a store of any version. Another tab that holds it is waited for.
 *
 * @param onBlocked called where another tab holds it
 */
export const deleteOlderStore = async (onBlocked: () => void, name = 'jubbet'): Promise<void> => {
  const request = indexedDB.deleteDatabase(name);
  request.onblocked = onBlocked;
  await requested(request);
};
