/** How often a page that stays open asks whether there is a newer version. */
const ASK_MS = 3_600_000;

/** Whether a newer version waits, and how it is taken. */
export interface Update {
  /** `waiting`: it is here, complete, and starts when asked; `apart`: this window is older than what the server has. */
  readonly state: 'none' | 'waiting' | 'apart';
  /** Loads this window anew with the newer version. What is being typed is kept as drafts; other windows stay as they are. */
  take: () => void;
}

/**
 * Watches for a newer version of the application. It is fetched whole beside the running one and starts only when every
 * window of the old one is closed, or when `take` asks for it: versions are never mixed in one window.
 */
export function watchUpdate(): Update {
  let state = $state<Update['state']>('none');
  let waiting: ServiceWorker | null = null;

  $effect(() => {
    const workers = navigator.serviceWorker as ServiceWorkerContainer | undefined;
    let registration: ServiceWorkerRegistration | undefined;
    const look = (): void => {
      // Without one in charge this is the first visit: what waits then is this very version.
      if (!registration?.waiting || !workers?.controller) return;
      waiting = registration.waiting;
      state = 'waiting';
    };
    const found = (): void => registration?.installing?.addEventListener('statechange', look);
    const ask = (): void => {
      // Without a network there is nothing newer.
      if (document.visibilityState === 'visible') registration?.update().catch(() => undefined);
    };
    void workers?.ready.then((it) => {
      registration = it;
      it.addEventListener('updatefound', found);
      found();
      look();
    });
    const apart = (): void => {
      if (state === 'none') state = 'apart';
    };
    const clock = setInterval(ask, ASK_MS);
    addEventListener('vite:preloadError', apart);
    document.addEventListener('visibilitychange', ask);
    return () => {
      clearInterval(clock);
      removeEventListener('vite:preloadError', apart);
      document.removeEventListener('visibilitychange', ask);
    };
  });

  return {
    get state() {
      return state;
    },
    take() {
      if (!waiting) return location.reload();
      navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true });
      waiting.postMessage('take over');
    }
  };
}
