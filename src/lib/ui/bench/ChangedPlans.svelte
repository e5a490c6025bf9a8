<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import { toldAll, type ToldChange } from '$lib/store/changes';
  import { keeping } from '$lib/ui/frame/keeping';
  import { paths } from '$lib/ui/paths';
  import { db } from '$lib/ui/state/db';
  import { CHANGED } from '$lib/words/changes';

  let { changes, onread }: { changes: readonly ToldChange[]; onread: () => void } = $props();

  /** Projects named one by one up to this many; more are counted. */
  const NAMED = 4;

  async function done(): Promise<void> {
    if (await keeping(() => toldAll(db()))) onread();
  }
</script>

<section class="mt-4 border-l-4 border-info bg-info/10 px-4 py-3" aria-labelledby="changed-plans">
  <div class="flex items-start justify-between gap-3">
    <h2 id="changed-plans" class="text-lg font-semibold">What changed in your plans, and why</h2>
    <button type="button" class="btn btn-quiet btn-sm" onclick={done}><X class="size-4" /> Got it</button>
  </div>
  <p class="mt-1">Rows of pieces that are on a machine stay as they were.</p>
  <ul class="mt-2 space-y-2">
    {#each changes as { code, projects } (code)}
      <li>
        <span class="font-semibold">{CHANGED[code].what}</span>
        {CHANGED[code].why}
        <span class="block text-sm">
          {#each projects.slice(0, NAMED) as { id, name }, i (id)}
            {i > 0 ? ' · ' : ''}<a class="underline" href={paths.plan(id)}>{name}</a>
          {/each}
          {#if projects.length > NAMED}and {projects.length - NAMED} more{/if}
        </span>
      </li>
    {/each}
  </ul>
</section>
