<script lang="ts">
  import { type Kit, yarnName } from '$lib/core/kit';
  import { showMass } from '$lib/core/quantity';
  import type { ShoppingLine } from '$lib/core/series';
  import YarnDot from '../yarn/YarnDot.svelte';

  let { lines, kit }: { lines: readonly ShoppingLine[]; kit: Kit } = $props();

  const { units } = $derived(kit.habits);
  const yarnOf = (id: string) => kit.yarns.find((y) => y.id === id);
</script>

{#snippet label(text: string)}<span class="block text-xs font-normal quiet sm:hidden">{text}</span>{/snippet}

<!-- On a narrow screen each yarn is a block: its name on a line of its own, its figures below it, each with its word. -->
<table class="block w-full sm:table" aria-label="Shopping list">
  <thead class="hidden sm:table-header-group">
    <tr class="text-left text-sm quiet">
      <th class="py-1 font-normal" scope="col">Yarn</th>
      <th class="py-1 text-right font-normal" scope="col">Needed</th>
      <th class="py-1 text-right font-normal" scope="col">Reserve</th>
      <th class="py-1 text-right font-normal" scope="col">At hand</th>
      <th class="py-1 text-right font-normal" scope="col">To buy</th>
    </tr>
  </thead>
  <tbody class="block sm:table-row-group">
    {#each lines as line (line.yarnId)}
      {@const yarn = yarnOf(line.yarnId)}
      <tr
        class="grid grid-cols-2 gap-x-3 border-t border-base-300/60 py-1 sm:table-row {line.balls > 0
          ? 'font-semibold'
          : ''}"
      >
        <td class="col-span-2 py-1 sm:py-2">
          <span class="flex items-center gap-2">
            {#if yarn}<YarnDot hex={yarn.colour.hex} size={20} />{yarnName(yarn)}{/if}
          </span>
        </td>
        <td class="py-1 numerals sm:py-2 sm:pl-2 sm:text-right sm:whitespace-nowrap"
          >{@render label('Needed')}{showMass(line.grams, units)}, {Math.ceil(line.metres)} m</td
        >
        <td class="py-1 numerals sm:py-2 sm:pl-2 sm:text-right"
          >{@render label('Reserve')}{showMass(line.reserveGrams, units)}</td
        >
        <td class="py-1 numerals sm:py-2 sm:pl-2 sm:text-right"
          >{@render label('At hand')}{line.stockGrams === null ? 'unknown' : showMass(line.stockGrams, units)}</td
        >
        <td class="py-1 numerals sm:py-2 sm:pl-2 sm:text-right sm:whitespace-nowrap"
          >{@render label('To buy')}{line.balls === 0
            ? 'nothing'
            : `${line.balls} ${line.balls === 1 ? 'ball' : 'balls'} of ${yarn ? showMass(yarn.label.grams, units) : ''}`}</td
        >
      </tr>
    {/each}
  </tbody>
</table>
