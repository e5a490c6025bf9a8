/**
 * Keeps the screen awake while the component lives and the page is in view, where the browser can.
 */
export function keepAwake(): { readonly awake: boolean } {
  let awake = $state(false);
  $effect(() => {
    let lock: WakeLockSentinel | undefined;
    const ask = async (): Promise<void> => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
      try {
        lock = await navigator.wakeLock.request('screen');
        awake = true;
        lock.addEventListener('release', () => (awake = false));
      } catch {
        // Low battery or a browser that does not allow it: the count is kept all the same.
        awake = false;
      }
    };
    const onVisible = (): void => void ask();
    void ask();
    document.addEventListener('visibilitychange', onVisible);
    return () => {
      document.removeEventListener('visibilitychange', onVisible);
      void lock?.release();
    };
  });
  return {
    get awake() {
      return awake;
    }
  };
}
