import type { Component, ComponentProps } from 'svelte';
import type { Toaster } from 'svelte-sonner';

/** What holds the words that come and go; none until the first of them is said. */
let holder = $state.raw<Component<ComponentProps<typeof Toaster>> | null>(null);

/** The component that shows what was told, for the frame to draw; null until something was. */
export const teller = (): typeof holder => holder;

/**
 * Says in passing that something was done, with a way back where there is one. What shows it is loaded with the first
 * word.
 *
 * @param text what was done
 * @param action the button beside it, e.g. the way back
 * @example void tell(`Deleted: ${name}`, { label: 'Undo', onClick: putBack });
 */
export async function tell(text: string, action?: { label: string; onClick: () => void }): Promise<void> {
  const { toasts } = await import('./toasts');
  const { toast, Toaster } = await toasts();
  holder = Toaster;
  toast(text, action ? { action } : {});
}

/**
 * Loads a part of the screen that is wanted just now. Where it does not come, that is told.
 *
 * @returns the component, or null
 * @example const Sheet = await wanted(() => import('./Sheet.svelte'));
 */
export async function wanted<T>(load: () => Promise<{ readonly default: T }>): Promise<T | null> {
  try {
    return (await load()).default;
  } catch {
    void tell('A part of the application did not load. Load the page again.');
    return null;
  }
}
