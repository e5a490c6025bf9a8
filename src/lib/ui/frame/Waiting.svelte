<script lang="ts">
  import { isBringingIn } from '../backup/alone';
  import type { ProjectState } from '../state/project.svelte';

  let { at }: { at: ProjectState } = $props();
  /** How often it is asked whether it is done, ms. */
  const ASK_MS = 500;
  let waits = $state(false);
  $effect(() => {
    waits = false;
    if (!at.slow) return;
    const ask = async (): Promise<void> => void (waits = await isBringingIn());
    void ask();
    const asking = setInterval(() => void ask(), ASK_MS);
    return () => clearInterval(asking);
  });
</script>

{#if waits}
  <p class="sticky top-0 z-30 border-b border-info bg-base-100 lg:top-16 print:hidden" role="status">
    <span class="block bg-info/15"
      ><span class="mx-auto block max-w-[110rem] px-4 py-2"
        ><strong>Another window is bringing in a backup.</strong> What you do here is kept as soon as it is done; go on.</span
      ></span
    >
  </p>
{/if}
