// Puts rows into the browser's data base as they would stand there after years of use.

/**
 * Writes into the data base of a page that has opened the application once.
 *
 * @param {import('@playwright/test').Page} page
 * @param {Record<string, unknown[]>} tables rows by the name of their table
 */
export async function put(page, tables) {
  await page.evaluate(async (all) => {
    const base = await new Promise((resolve, reject) => {
      const asked = indexedDB.open('tomble');
      asked.onsuccess = () => resolve(asked.result);
      asked.onerror = () => reject(asked.error);
    });
    for (const [name, rows] of Object.entries(all)) {
      await new Promise((resolve, reject) => {
        const change = base.transaction(name, 'readwrite');
        for (const row of rows) change.objectStore(name).put(row);
        change.oncomplete = () => resolve(undefined);
        change.onerror = () => reject(change.error);
      });
    }
    base.close();
  }, tables);
}

/**
 * Reads a table of the browser's data base.
 *
 * @param {import('@playwright/test').Page} page
 * @param {string} name
 * @returns {Promise<any[]>}
 */
export function take(page, name) {
  return page.evaluate(
    (table) =>
      new Promise((resolve, reject) => {
        const asked = indexedDB.open('tomble');
        asked.onerror = () => reject(asked.error);
        asked.onsuccess = () => {
          const base = asked.result;
          const all = base.transaction(table, 'readonly').objectStore(table).getAll();
          all.onsuccess = () => {
            base.close();
            resolve(all.result);
          };
        };
      }),
    name
  );
}

/**
 * Rows of a crank that was turned and taken back, so often that a plan of any length has room for them.
 *
 * @param {string} projectId
 * @param {number} count
 */
export function events(projectId, count) {
  return Array.from({ length: count }, (_, i) => ({
    projectId,
    at: new Date(Date.UTC(2026, 0, 1) + i * 1000).toISOString(),
    key: `bench ${projectId} ${String(i).padStart(9, '0')}`,
    what: i % 40 < 30 ? { do: 'row', yarn: '' } : { do: 'undo' }
  })).map((event, i, all) => (i === all.length - 1 ? { ...event, what: { do: 'jump', to: 12 } } : event));
}

/** Yarns of a large stash: the same article in many colours, and many articles. */
export function yarns(like, count) {
  return Array.from({ length: count }, (_, i) => ({
    ...like,
    id: `bench-${i}`,
    name: `Tarn ${i}`,
    colour: {
      ...like.colour,
      name: `Ash ${i % 90}`,
      hex: `#${((i * 2654435761) % 0xffffff).toString(16).padStart(6, '0')}`
    },
    stockGrams: 50 + (i % 300)
  }));
}
