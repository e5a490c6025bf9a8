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

<section
  class="mt-4 flex flex-wrap items-start gap-x-4 gap-y-1 border-l-4 border-info bg-info/10 px-3 py-2"
  aria-labelledby="changed-plans"
>
  <details class="min-w-0 flex-1">
    <summary class="cursor-pointer">
      <h2 id="changed-plans" class="inline font-semibold">What changed in your plans, and why</h2>
      <span class="quiet">· rows of pieces on a machine stay as they were</span>
    </summary>
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
  </details>
  <button type="button" class="btn btn-quiet btn-sm" onclick={done}><X class="size-4" /> Got it</button>
</section>
