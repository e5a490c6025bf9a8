import { untrack } from 'svelte';
import { replaceState } from '$app/navigation';
import { page } from '$app/state';
import { yarnName } from '$lib/core/kit';
import { swapsOf } from '$lib/core/substitute';
import { tell } from '../frame/tell.svelte';
import type { ProjectState } from '../state/project.svelte';

/**
 * Puts a yarn that was chosen elsewhere into the plan, once. What hangs on the machine is asked about like any other
 * change. To be called while a component of the plan is made.
 */
export function swapIn(at: ProjectState): void {
  $effect(() => {
    const { swap } = page.state;
    if (!swap) return;
    untrack(() => {
      replaceState('', {});
      const { kit, project, result } = at;
      const [old, now] = [swap.from, swap.to].map((id) => kit?.yarns.find((y) => y.id === id));
      if (!kit || !project || !now || !result) return;
      at.edit(swapsOf(kit, result)(swap));
      if (at.asked) return;
      const text = `${yarnName(now)}${old ? ` in place of ${yarnName(old)}` : ''}.`;
      void tell(text, { label: 'Undo', onClick: () => at.undo() });
    });
  });
}
