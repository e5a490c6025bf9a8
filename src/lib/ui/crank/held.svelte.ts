/**
 * Whose hand is at the crank of a project: one window at a time, so that no row is counted by two. Where the browser has no
 * locks it is always this one.
 */
export function holdCrank(id: () => string): { readonly elsewhere: boolean; readonly take: () => void } {
  let elsewhere = $state(false);
  let take = $state.raw<() => void>(() => {});
  $effect(() => {
    const name = `tomble-crank ${id()}`;
    if (!('locks' in navigator)) return;
    const left = new AbortController();
    let letGo = (): void => {};
    const hold = async (): Promise<void> => {
      if (left.signal.aborted) return;
      elsewhere = false;
      await new Promise<void>((done) => (letGo = done));
    };
    const lost = (): void => {
      // Another window took it over, or this one was left while it waited.
      if (!left.signal.aborted) elsewhere = true;
    };
    const wait = (): void => void navigator.locks.request(name, { signal: left.signal }, hold).catch(lost);
    take = () => void navigator.locks.request(name, { steal: true }, hold).catch(lost);
    void navigator.locks
      .request(name, { ifAvailable: true }, async (lock) => {
        if (lock) return hold();
        elsewhere = !left.signal.aborted;
        // Held elsewhere: it is this window's turn when the other one is left.
        wait();
      })
      .catch(lost);
    return () => {
      left.abort();
      letGo();
    };
  });
  return {
    get elsewhere() {
      return elsewhere;
    },
    take: () => take()
  };
}
