/** The part of the browser's small storage that the journal needs. */
export type Shelf = Pick<Storage, 'length' | 'key' | 'getItem' | 'setItem' | 'removeItem'>;

/** What stands in where the browser gives no small storage: nothing is kept, and nothing is found. */
const NO_SHELF: Shelf = { length: 0, key: () => null, getItem: () => null, setItem: () => {}, removeItem: () => {} };

/** The small storage of this browser; a browser that refuses it still counts rows, in the data base alone. */
export function browserShelf(): Shelf {
  try {
    return localStorage;
  } catch {
    return NO_SHELF;
  }
}

/** Keeps a small thing where it can be kept; where it cannot, nothing is said. */
export function keepSmall(key: string, value: string, shelf = browserShelf()): void {
  try {
    shelf.setItem(key, value);
  } catch {
    // Full: it is asked anew at the next visit.
  }
}

/** What the keys of rows on the shelf begin with. */
export const PREFIX = 'tomble-row:';

/** Keys of the rows that lie on a shelf. */
export const keysOn = (shelf: Shelf): string[] =>
  Array.from({ length: shelf.length }, (_, i) => shelf.key(i) ?? '').filter((key) => key.startsWith(PREFIX));
