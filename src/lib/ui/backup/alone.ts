/** Name of the lock that a window holds while it brings in a backup, goes back, or begins afresh. */
const LOCK = 'tomble:bring-in';

/** How long a wait is before something is said about it, ms. */
const PATIENCE_MS = 300;

/** Whether the browser has such locks; where it has none, the data base alone keeps windows apart. */
const hasLocks = (): boolean => 'locks' in navigator;

/**
 * Does what changes very much, one window at a time. What others keep meanwhile is kept either way; the lock is there for the
 * word about it.
 *
 * @param onwait is called when another window is at it
 * @example await alone(() => bringIn(db(), wanted), () => (waits = true));
 */
export async function alone<T>(work: () => Promise<T>, onwait: () => void = () => undefined): Promise<T> {
  if (!hasLocks()) return work();
  const patience = setTimeout(onwait, PATIENCE_MS);
  return navigator.locks.request(LOCK, () => {
    clearTimeout(patience);
    return work();
  });
}

/** Whether some window is bringing in a backup, going back, or beginning afresh. */
export async function isBringingIn(): Promise<boolean> {
  if (!hasLocks()) return false;
  const { held } = await navigator.locks.query();
  return held?.some(({ name }) => name === LOCK) ?? false;
}
