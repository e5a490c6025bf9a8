import { liveQuery } from 'dexie';

/** A value that follows the database. */
export interface Live<T> {
  readonly value: T | undefined;
  readonly error: unknown;
}

/**
 * Follows a query of the database for as long as the component lives. `undefined` means it is still loading.
 */
export function live<T>(query: () => Promise<T>): Live<T> {
  let value = $state.raw<T | undefined>(undefined);
  let error = $state.raw<unknown>(undefined);
  $effect(() => {
    const subscription = liveQuery(query).subscribe({
      next: (found) => (value = found),
      error: (failed: unknown) => (error = failed)
    });
    return () => subscription.unsubscribe();
  });
  return {
    get value() {
      return value;
    },
    get error() {
      return error;
    }
  };
}
