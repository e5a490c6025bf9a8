<script lang="ts">
  import ChevronLeft from '@lucide/svelte/icons/chevron-left';
  import ChevronRight from '@lucide/svelte/icons/chevron-right';
  import { release } from './release';

  let { at, count, onmove }: { at: number; count: number; onmove: (to: number) => void } = $props();
</script>

<div class="flex items-center gap-2" role="group" aria-label="Step by step">
  <button
    type="button"
    class="btn btn-square btn-quiet"
    aria-label="The moment before"
    disabled={at === 0}
    onclick={(e) => release(e, () => onmove(at - 1))}><ChevronLeft class="size-6" /></button
  >
  <span class="flex items-center gap-1.5" aria-hidden="true">
    {#each { length: count } as _, i (i)}
      <span class="size-2.5 rounded-full {i === at ? 'bg-base-content' : 'bg-base-content/30'}"></span>
    {/each}
  </span>
  <button
    type="button"
    class="btn btn-square btn-quiet"
    aria-label="The next moment"
    disabled={at >= count - 1}
    onclick={(e) => release(e, () => onmove(at + 1))}><ChevronRight class="size-6" /></button
  >
  <span class="numerals text-base" data-testid="moment-count">{at + 1} of {count}</span>
</div>
