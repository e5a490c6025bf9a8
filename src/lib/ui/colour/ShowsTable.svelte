<script lang="ts">
  import { FATES, readJoins, readSeen } from '$lib/core/colour';
  import { yarnName } from '$lib/core/kit';
  import { showArea } from '$lib/core/quantity';
  import type { Readings } from '$lib/core/tomble';
  import YarnDot from '../yarn/YarnDot.svelte';
  import { FATE_WORDS } from './words';

  let { result }: { result: Readings } = $props();
  const seen = $derived(readSeen(result));
  const joins = $derived(readJoins(result));
  const fates = $derived(FATES.filter((fate) => seen.some((own) => own.rows[fate] > 0)));
  const area = (cm2: number): string => showArea(cm2, result.kit.habits.units);
</script>

<div>
  <table class="w-full text-sm" data-testid="shows">
    <thead>
      <tr>
        {#each fates as fate (fate)}<th scope="col" class="py-1 pl-2 text-right leading-tight">{FATE_WORDS[fate]}</th
          >{/each}
      </tr>
    </thead>
    {#each seen as own (own.yarn)}
      {@const yarn = result.yarns[own.yarn]!}
      <tbody>
        <tr class="border-t border-base-300">
          <th scope="rowgroup" colspan={fates.length} class="pt-1.5 text-left font-semibold"
            ><span class="flex items-center gap-2"><YarnDot hex={yarn.colour.hex} size={18} />{yarnName(yarn)}</span
            ></th
          >
        </tr>
        <tr class="align-top">
          {#each fates as fate (fate)}
            <td class="pb-1.5 pl-2 text-right numerals whitespace-nowrap">
              {#if own.rows[fate] > 0}
                <span class="block text-base font-semibold">{own.rows[fate]} rows</span>
                <span class="block text-xs quiet">{area(own.cm2[fate])}</span>
              {:else}
                <span class="quiet">none</span>
              {/if}
            </td>
          {/each}
        </tr>
      </tbody>
    {/each}
  </table>
</div>
<p class="mt-1">
  {#if joins.joins === 0}
    One colour from end to end: nothing to tie.
  {:else}
    <strong class="numerals">{joins.joins}</strong>
    {joins.joins === 1 ? 'join' : 'joins'}, <span class="numerals">{joins.tails}</span> tails,
    <span class="numerals">{(joins.tailMm / 1000).toFixed(1)} m</span> of yarn and
    <span class="numerals">{Math.max(1, Math.round(joins.minutes))} min</span> to tie them.
    {#if joins.saved > 0}
      Each yarn in one stretch would save {joins.saved === 1 ? 'one of them' : `${joins.saved} of them`}.
    {/if}
  {/if}
</p>
