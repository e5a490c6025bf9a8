<script lang="ts">
  import type { Yarn } from '$lib/core/kit';
  import type { YarnUse } from '$lib/core/read';
  import { showFigure, showMass, showRange, showRun, type Units } from '$lib/core/quantity';
  import { yarnLetter } from '$lib/draw/tube';
  import YarnDot from './YarnDot.svelte';

  let { uses, yarns, units }: { uses: readonly YarnUse[]; yarns: readonly Yarn[]; units: Units } = $props();
</script>

<div class="overflow-x-auto" role="region" aria-label="Yarn needed" tabindex="-1">
  <table class="w-full text-left">
    <thead class="text-sm quiet">
      <tr
        ><th class="py-1 pr-3 font-medium">Yarn</th><th class="px-2 font-medium">Metres</th><th class="px-2 font-medium"
          >Weight</th
        ><th class="px-2 font-medium">Balls</th><th class="pl-2 font-medium">At hand</th></tr
      >
    </thead>
    <tbody>
      {#each uses as use, i (use.yarnId)}
        <tr class="border-t border-base-300 align-top">
          <td class="py-2 pr-3">
            <span class="flex items-center gap-2"
              ><YarnDot hex={yarns[i]!.colour.hex} letter={yarnLetter(i)} size={26} />
              <span class="font-medium">{use.name}</span></span
            >
            <span class="block text-sm quiet"
              >{use.parts.map((part) => `${part.what} ${showRun(part.metres, units)}`).join(', ')}</span
            >
          </td>
          <td class="px-2 py-2 numerals"
            >{showFigure(use.metres, units)}<span class="block text-sm whitespace-nowrap quiet"
              >{showRange(use.metres, units)}</span
            ></td
          >
          <td class="px-2 py-2 numerals whitespace-nowrap">{showFigure(use.grams, units)}</td>
          <td class="px-2 py-2 numerals whitespace-nowrap">{Math.ceil(use.balls.high)}</td>
          <td class="py-2 pl-2 numerals whitespace-nowrap"
            >{use.stockGrams === null ? 'unknown' : showMass(use.stockGrams, units)}</td
          >
        </tr>
      {/each}
    </tbody>
  </table>
</div>
