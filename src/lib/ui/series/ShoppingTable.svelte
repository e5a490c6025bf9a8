<script lang="ts">
  import { type Kit, yarnName } from '$lib/core/kit';
  import { showMass } from '$lib/core/quantity';
  import type { ShoppingLine } from '$lib/core/series';
  import YarnDot from '../yarn/YarnDot.svelte';

  let { lines, kit }: { lines: readonly ShoppingLine[]; kit: Kit } = $props();

  const { units } = $derived(kit.habits);
  const yarnOf = (id: string) => kit.yarns.find((y) => y.id === id);
</script>

<div class="overflow-x-auto">
  <table class="w-full min-w-140" aria-label="Shopping list">
    <thead>
      <tr class="text-left text-sm quiet">
        <th class="py-1 font-normal" scope="col">Yarn</th>
        <th class="py-1 text-right font-normal" scope="col">Needed</th>
        <th class="py-1 text-right font-normal" scope="col">Reserve</th>
        <th class="py-1 text-right font-normal" scope="col">At hand</th>
        <th class="py-1 text-right font-normal" scope="col">To buy</th>
      </tr>
    </thead>
    <tbody>
      {#each lines as line (line.yarnId)}
        {@const yarn = yarnOf(line.yarnId)}
        <tr class="border-t border-base-300/60 {line.balls > 0 ? 'font-semibold' : ''}">
          <td class="py-2">
            <span class="flex items-center gap-2">
              {#if yarn}<YarnDot hex={yarn.colour.hex} size={20} />{yarnName(yarn)}{/if}
            </span>
          </td>
          <td class="py-2 text-right numerals whitespace-nowrap"
            >{showMass(line.grams, units)}, {Math.ceil(line.metres)} m</td
          >
          <td class="py-2 text-right numerals">{showMass(line.reserveGrams, units)}</td>
          <td class="py-2 text-right numerals"
            >{line.stockGrams === null ? 'unknown' : showMass(line.stockGrams, units)}</td
          >
          <td class="py-2 text-right numerals whitespace-nowrap"
            >{line.balls === 0
              ? 'nothing'
              : `${line.balls} ${line.balls === 1 ? 'ball' : 'balls'} of ${yarn ? showMass(yarn.label.grams, units) : ''}`}</td
          >
        </tr>
      {/each}
    </tbody>
  </table>
</div>
