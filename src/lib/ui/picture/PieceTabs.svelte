<script lang="ts">
  import type { Readings } from '$lib/core/tomble';

  let { result, piece, onpiece }: { result: Readings; piece: number; onpiece: (piece: number) => void } = $props();
</script>

{#if result.plan.pieces.length > 1}
  <div class="flex flex-wrap gap-1" role="group" aria-label="Which part hangs here">
    {#each result.plan.pieces as part, p (p)}
      <button
        type="button"
        class="btn btn-sm {p === piece ? 'btn-neutral' : 'btn-quiet'}"
        aria-pressed={p === piece}
        onclick={() => onpiece(p)}>{part.copies > 1 ? `${part.copies} x ` : ''}{part.label}</button
      >
    {/each}
  </div>
{/if}
