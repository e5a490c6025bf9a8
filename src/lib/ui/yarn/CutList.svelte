<script lang="ts">
  import type { CutLine } from '$lib/core/read';
  import { showCut, type Units } from '$lib/core/quantity';
  import type { Speech } from '$lib/words';

  let { cuts, units, say }: { cuts: readonly CutLine[]; units: Units; say: Speech } = $props();
</script>

{#if cuts.length}
  <h3 class="mt-4 font-semibold">To cut for the finishing</h3>
  <ul class="mt-1 grid gap-x-6 gap-y-0.5 text-sm sm:grid-cols-2">
    {#each cuts as cut (`${cut.yarnId} ${cut.what} ${cut.lengthMm}`)}
      <li class="flex items-baseline gap-2">
        <span class="w-24 shrink-0 text-right numerals font-semibold"
          >{cut.count > 1 ? `${cut.count} x ` : ''}{showCut(cut.lengthMm, units)}</span
        >
        <span>{cut.name}: {say.cut(cut)}</span>
      </li>
    {/each}
  </ul>
{/if}
