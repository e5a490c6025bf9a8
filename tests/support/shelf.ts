import type { Shelf } from '$lib/store/shelf';

/** The browser's small storage as its standard describes it (HTML, Web storage), in memory. */
export function memoryShelf(): Shelf {
  const kept = new Map<string, string>();
  return {
    get length() {
      return kept.size;
    },
    key: (i) => [...kept.keys()][i] ?? null,
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => void kept.set(key, value),
    removeItem: (key) => void kept.delete(key)
  };
}
