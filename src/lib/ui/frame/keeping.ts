import { whyRefused } from '$lib/store/why';
import { REFUSED } from '$lib/ui/frame/refusals';
import { tell } from './tell.svelte';

/**
 * Keeps something, and says where it was asked for why that did not go.
 *
 * @returns the sentence to show there, or nothing when it is kept
 * @example fault = await notKept(() => saveYarn(db(), yarn));
 */
export async function notKept(work: () => Promise<unknown>): Promise<string> {
  try {
    await work();
    return '';
  } catch (error) {
    return `Not kept. ${REFUSED[whyRefused(error)]} What you typed stays here: make room, then save again.`;
  }
}

/**
 * Keeps something that has no form of its own, and says in passing why that did not go.
 *
 * @returns whether it is kept
 */
export async function keeping(work: () => Promise<unknown>): Promise<boolean> {
  const fault = await notKept(work);
  if (fault) void tell(fault);
  return fault === '';
}
