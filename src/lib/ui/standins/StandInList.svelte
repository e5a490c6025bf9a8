<script lang="ts">
  import type { Substitute } from '$lib/core/convert';
  import { type Habits, yarnName } from '$lib/core/kit';
  import { standInBut, standInColour, standInStock } from '$lib/words';
  import YarnDot from '../yarn/YarnDot.svelte';

  interface Props {
    /** The best first, without the one that is there now. */
    list: readonly Substitute[];
    habits: Habits;
    onuse: ((s: Substitute) => void) | undefined;
    onstrands: (yarnId: string, strands: number) => void;
  }
  let { list, habits, onuse, onstrands }: Props = $props();
  const FEW = 8;
  let all = $state(false);
  let find = $state('');
  const words = $derived(find.trim().toLowerCase().split(/\s+/));
  const found = $derived(
    list.filter((s) => {
      const text = `${yarnName(s.yarn)} ${s.yarn.fibre}`.toLowerCase();
      return words.every((word) => text.includes(word));
    })
  );
  const shown = $derived(all || find ? found : found.slice(0, FEW));
  const WORD = { good: 'Good', possible: 'Possible', poor: 'Better not' } as const;
  const BADGE = { good: 'badge-success', possible: 'badge-warning', poor: 'badge-error' } as const;
  const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
</script>

<section class="sheet p-4" aria-label="All stand-ins">
  <div class="flex flex-wrap items-center justify-between gap-2">
    <h2 class="text-lg font-semibold">Every yarn, the best first</h2>
    <input class="input w-48" type="search" aria-label="Find a yarn" placeholder="Find" bind:value={find} />
  </div>
  <ul class="mt-2">
    {#each shown as s (`${s.yarn.id} ${s.strands}`)}
      <li class="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-base-300 py-2.5">
        <YarnDot hex={s.yarn.colour.hex} size={28} />
        <div class="min-w-0 flex-1 basis-56">
          <p>
            <strong>{yarnName(s.yarn)}{s.strands > 1 ? `, ${s.strands} strands` : ''}</strong>
            <span class="ml-1 badge badge-sm {BADGE[s.verdict]}">{WORD[s.verdict]}</span>
          </p>
          {#if standInBut(s, habits)}<p class="text-sm">{standInBut(s, habits)}</p>{/if}
          <p class="text-sm quiet">{capital(standInColour(s))}; {standInStock(s, habits)}.</p>
        </div>
        <div class="flex items-center gap-2">
          <select
            class="select w-28 select-sm"
            aria-label="Strands of {yarnName(s.yarn)}"
            value={String(s.strands)}
            onchange={(e) => onstrands(s.yarn.id, Number(e.currentTarget.value))}
          >
            <option value="1">1 strand</option><option value="2">2 strands</option><option value="3">3 strands</option>
          </select>
          {#if onuse}<button
              type="button"
              class="btn btn-quiet btn-sm"
              aria-label="Use {yarnName(s.yarn)} in this plan"
              onclick={() => onuse(s)}>Use it</button
            >{/if}
        </div>
      </li>
    {:else}
      <li class="border-t border-base-300 py-2.5 quiet">No yarn is called that.</li>
    {/each}
  </ul>
  {#if found.length > shown.length}
    <button type="button" class="btn mt-1 btn-quiet" onclick={() => (all = true)}
      >Show the other {found.length - shown.length}</button
    >
  {/if}
</section>
