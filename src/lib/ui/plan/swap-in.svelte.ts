import { untrack } from 'svelte';
import { replaceState } from '$app/navigation';
import { page } from '$app/state';
import { yarnName } from '$lib/core/kit';
import { yarnSwap } from '$lib/core/kinds/swap-yarn';
import { tell } from '../frame/tell.svelte';
import type { ProjectState } from '../state/project.svelte';

/**
 * Puts a stand-in that was chosen elsewhere into the plan, once. What hangs on the machine is asked about like any other
 * change. To be called while a component of the plan is made.
 */
export function swapIn(at: ProjectState): void {
  $effect(() => {
    const { swap } = page.state;
    if (!swap) return;
    untrack(() => {
      replaceState('', {});
      const { kit, project } = at;
      const [old, now] = [swap.from, swap.to].map((id) => kit?.yarns.find((y) => y.id === id));
      if (!project || !now) return;
      at.edit(yarnSwap(project.brief, swap.from, swap.to, swap.strands));
      if (at.asked) return;
      const text = `${yarnName(now)}${old ? ` in place of ${yarnName(old)}` : ''}.`;
      void tell(text, { label: 'Undo', onClick: () => at.undo() });
    });
  });
}
