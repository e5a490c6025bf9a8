/** Asks the browser, once a visit, not to clear what is kept when the disk runs short; what it says is shown under Backup. */
let asked = false;
export async function askToKeep(): Promise<void> {
  if (asked || !('storage' in navigator)) return;
  asked = true;
  try {
    if (!(await navigator.storage.persisted())) await navigator.storage.persist();
  } catch {
    // A browser that will not be asked keeps things as it always did.
  }
}
