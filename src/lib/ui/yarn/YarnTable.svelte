<script lang="ts">
  import TriangleAlert from '@lucide/svelte/icons/triangle-alert';
  import type { Yarn } from '$lib/core/kit';
  import type { YarnUse } from '$lib/core/read';
  import { shoppingList } from '$lib/core/series/shopping';
  import { showFigure, showMass, showRange, showRun, type Units } from '$lib/core/quantity';
  import { yarnLetter } from '$lib/draw/tube-parts';
  import { paths } from '../paths';
  import YarnDot from './YarnDot.svelte';

  interface Props {
    uses: readonly YarnUse[];
    yarns: readonly Yarn[];
    units: Units;
    /** The plan they are of, where another yarn can be looked for. */
    projectId?: string;
  }
  let { uses, yarns, units, projectId }: Props = $props();
  /** What is missing of each, the reserve included, by the list that is taken to the shop. */
  const lines = $derived(new Map(shoppingList([uses], yarns).map((line) => [line.yarnId, line])));
  const plural = (n: number): string => (n === 1 ? '1 ball' : `${n} balls`);
  function toBuy(use: YarnUse): string {
    const balls = lines.get(use.yarnId)?.balls ?? 0;
    if (balls === 0) return 'nothing';
    return use.stockGrams === null ? `${plural(balls)}, if none is there` : plural(balls);
  }
  const short = (use: YarnUse): boolean => use.stockGrams !== null && (lines.get(use.yarnId)?.balls ?? 0) > 0;
</script>

{#snippet label(text: string)}<span class="block text-xs font-normal quiet sm:hidden">{text}</span>{/snippet}

<!-- On a narrow screen each yarn is a block: its name on a line of its own, its figures below it, each with its word. -->
<table class="block w-full text-left sm:[display:table]" aria-label="Yarn needed">
  <thead class="hidden text-sm quiet sm:table-header-group">
    <tr
      ><th class="py-1 pr-3 font-medium">Yarn</th><th class="px-2 font-medium">Metres</th><th class="px-2 font-medium"
        >Needed</th
      ><th class="px-2 font-medium whitespace-nowrap">In the stash</th><th class="pl-2 font-medium whitespace-nowrap"
        >To buy</th
      ></tr
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
          {#if projectId}<a class="text-sm underline print:hidden" href={paths.standInsFor(projectId, use.yarnId)}
              >Substitute<span class="sr-only"> {use.name}</span></a
            >{/if}
        </td>
        <td class="py-1 numerals sm:px-2 sm:py-2"
          >{@render label('Metres')}{showFigure(use.metres, units)}<span class="block text-sm whitespace-nowrap quiet"
            >{showRange(use.metres, units)}</span
          ></td
        >
        <td class="py-1 numerals whitespace-nowrap sm:px-2 sm:py-2"
          >{@render label('Needed')}{showFigure(use.grams, units)}</td
        >
        <td class="py-1 numerals whitespace-nowrap sm:px-2 sm:py-2"
          >{@render label('In the stash')}{#if short(use)}<strong class="text-error"
              ><TriangleAlert class="mr-1 inline size-4" aria-hidden="true" />{showMass(use.stockGrams!, units)}</strong
            >{:else}{use.stockGrams === null ? 'unknown' : showMass(use.stockGrams, units)}{/if}</td
        >
        <td class="py-1 numerals sm:py-2 sm:pl-2 {short(use) ? 'font-semibold' : ''}"
          >{@render label('To buy')}{toBuy(use)}</td
        >
      </tr>
    {/each}
  </tbody>
</table>
