<script lang="ts">
  import { type Kit, yarnName, yarnsById } from '$lib/core/kit';
  import type { DrawnUp } from '$lib/core/series';
  import YarnDot from '../yarn/YarnDot.svelte';

  interface Props {
    up: DrawnUp;
    /** How many were asked for. */
    many: number;
    kit: Kit;
    /** Whether it can be kept: it has a day on which it begins. */
    dated: boolean;
    onkeep: () => void;
  }
  let { up, many, kit, dated, onkeep }: Props = $props();
  const nameOf = (id: string): string => {
    const yarn = yarnsById(kit.yarns).get(id);
    return yarn ? yarnName(yarn) : id;
  };
  const hexOf = (id: string): string => yarnsById(kit.yarns).get(id)?.colour.hex ?? '#888888';
</script>

{#if !up.ok}
  <div class="mt-4 rounded-box border-2 border-warning bg-warning/15 px-4 py-3" role="status" data-testid="missing">
    {#if up.missing.length > 0}
      <p class="font-semibold">There is not enough yarn for {many}.</p>
      <p>
        Missing: about {up.missing
          .map((m) => `${Math.ceil(m.metres)} m (${Math.ceil(m.grams)} g) of ${nameOf(m.id)}`)
          .join(' and ')}. Take more yarns, fewer things, or weigh what is there.
      </p>
    {:else}
      <p class="font-semibold">
        {up.unplanned.join(', ') || 'It'} cannot be knitted on this machine in any of these yarns: another size, another ring
        or other yarns.
      </p>
    {/if}
  </div>
{:else}
  <div class="mt-4" data-testid="drawn">
    <ol class="flex flex-wrap gap-2">
      {#each up.things as thing, i (i)}
        <li class="flex items-center gap-2 rounded-box border border-base-300 bg-base-100 px-3 py-2">
          <span class="numerals font-semibold">{i + 1}</span>
          {#each thing.yarns as id (id)}<span title={nameOf(id)}
              ><YarnDot hex={hexOf(id)} size={26} /><span class="sr-only">{nameOf(id)}</span></span
            >{/each}
          <span class="text-sm">{thing.size}</span>
        </li>
      {/each}
    </ol>
    <button type="button" class="btn mt-4 btn-primary" disabled={!dated} onclick={onkeep}>Keep the series</button>
  </div>
{/if}
