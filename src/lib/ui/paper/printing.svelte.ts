import { flushSync } from 'svelte';

let printing = $state(false);

/** The page is laid out for paper as soon as this returns: what only paper shows must stand by then. */
function set(now: boolean): void {
  if (now !== printing) flushSync(() => (printing = now));
}

if (typeof matchMedia === 'function') {
  // Some browsers tell of printing by the one, some by the other.
  addEventListener('beforeprint', () => set(true));
  addEventListener('afterprint', () => set(false));
  matchMedia('print').addEventListener('change', ({ matches }) => set(matches));
}

/** Whether the page is being printed; what only paper shows is drawn then and not before. */
export const onPaper = (): boolean => printing;
