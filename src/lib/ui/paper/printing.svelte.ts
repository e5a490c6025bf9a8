import { flushSync } from 'svelte';

let printing = $state(false);

if (typeof addEventListener === 'function') {
  // The page is laid out for paper as soon as this event is over: what only paper shows must stand by then.
  addEventListener('beforeprint', () => flushSync(() => (printing = true)));
  addEventListener('afterprint', () => (printing = false));
}

/** Whether the page is being printed; what only paper shows is drawn then and not before. */
export const onPaper = (): boolean => printing;
