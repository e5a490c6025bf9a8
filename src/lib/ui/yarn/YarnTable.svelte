<script lang="ts">
  import type { Yarn } from '$lib/core/kit';
  import type { YarnUse } from '$lib/core/read';
  import { showFigure, showMass, showRange, showRun, type Units } from '$lib/core/quantity';
  import { yarnLetter } from '$lib/draw/tube-parts';
  import YarnDot from './YarnDot.svelte';

  let { uses, yarns, units }: { uses: readonly YarnUse[]; yarns: readonly Yarn[]; units: Units } = $props();
</script>

{#snippet label(text: string)}<span class="block text-xs font-normal quiet sm:hidden">{text}</span>{/snippet}

<!-- On a narrow screen each yarn is a block: its name on a line of its own, its figures below it, each with its word. -->
<table class="block w-full text-left sm:[display:table]" aria-label="Yarn needed">
  <thead class="hidden text-sm quiet sm:table-header-group">
    <tr
      ><th class="py-1 pr-3 font-medium">Yarn</th><th class="px-2 font-medium">Metres</th><th class="px-2 font-medium"
        >Weight</th
      ><th class="px-2 font-medium">Balls</th><th class="pl-2 font-medium">At hand</th></tr
    >
  </thead>
  <tbody class="block sm:table-row-group">
    {#each uses as use, i (use.yarnId)}
      <tr
        class="grid grid-cols-[1.6fr_1fr_0.7fr_1fr] gap-x-2 border-t border-base-300 py-1 align-top sm:table-row sm:py-0"
      >
        <td class="col-span-4 py-1 sm:py-2 sm:pr-3">
          <span class="flex items-center gap-2"
            ><YarnDot hex={yarns[i]!.colour.hex} letter={yarnLetter(i)} size={26} />
            <span class="font-medium">{use.name}</span></span
          >
          <span class="block text-sm quiet"
            >{use.parts.map((part) => `${part.what} ${showRun(part.metres, units)}`).join(', ')}</span
          >
        </td>
        <td class="py-1 numerals sm:px-2 sm:py-2"
          >{@render label('Metres')}{showFigure(use.metres, units)}<span class="block text-sm whitespace-nowrap quiet"
            >{showRange(use.metres, units)}</span
          ></td
        >
        <td class="py-1 numerals whitespace-nowrap sm:px-2 sm:py-2"
          >{@render label('Weight')}{showFigure(use.grams, units)}</td
        >
        <td class="py-1 numerals whitespace-nowrap sm:px-2 sm:py-2"
          >{@render label('Balls')}{Math.ceil(use.balls.high)}</td
        >
        <td class="py-1 numerals whitespace-nowrap sm:py-2 sm:pl-2"
          >{@render label('At hand')}{use.stockGrams === null ? 'unknown' : showMass(use.stockGrams, units)}</td
        >
      </tr>
    {/each}
  </tbody>
</table>
