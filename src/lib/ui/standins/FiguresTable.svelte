<script lang="ts">
  import { gathered, type Substitute } from '$lib/core/substitute';
  import { type Habits, yarnName } from '$lib/core/kit';
  import { showFigure, showRange } from '$lib/core/quantity';
  import { standIn } from '$lib/words';
  import YarnDot from '../yarn/YarnDot.svelte';
  import TightnessChart from './TightnessChart.svelte';

  /** Every figure of every yarn; what comes out alike is one line. */
  let { table, habits }: { table: readonly Substitute[]; habits: Habits } = $props();
  const MOST = 12;
  const lines = $derived(gathered(table).slice(0, MOST + 1));
  const { units } = $derived(habits);
  const TITLES = ['Flat width', 'Length', 'Rows', 'Tightness', 'Stretch', 'Needs', 'Washing'];
</script>

<!-- On a narrow screen each yarn is a block, each figure with its word. -->
{#snippet label(text: string)}<span class="block text-xs font-normal quiet md:hidden">{text}</span>{/snippet}

<table class="block w-full text-left md:table" aria-label="Comparison">
  <thead class="hidden text-sm md:table-header-group">
    <tr
      >{#each TITLES as title (title)}<th class="px-2 py-1 font-semibold">{title}</th>{/each}</tr
    >
  </thead>
  {#each lines as { first: s, others }, i (s.yarn.id + s.strands)}
    <tbody class="block border-t border-base-300 py-1 md:table-row-group {s.isOriginal ? 'bg-base-200/60' : ''}">
      <tr class="block md:table-row">
        <th scope="rowgroup" colspan="7" class="block px-2 pt-1.5 font-normal md:table-cell">
          <span class="flex items-center gap-2"
            ><YarnDot hex={s.yarn.colour.hex} size={22} /><strong
              >{s.isOriginal ? '' : `${i}. `}{yarnName(s.yarn)}{s.strands > 1 ? `, ${s.strands} strands` : ''}</strong
            >{#if others.length}<span class="text-sm quiet"
                >and {others.map((other) => yarnName(other.yarn)).join('; ')}</span
              >{/if}</span
          >
          <span class="block text-sm quiet">{standIn(s, habits)}</span>
        </th>
      </tr>
      <tr class="grid grid-cols-3 gap-x-2 align-top numerals md:table-row">
        <td class="px-2 py-1"
          >{@render label('Flat width')}{showFigure(s.flatWidthMm, units)}<span class="block text-sm quiet"
            >{showRange(s.flatWidthMm, units)}</span
          ></td
        >
        <td class="px-2 py-1"
          >{@render label('Length')}{showFigure(s.lengthMm, units)}<span class="block text-sm quiet"
            >{showRange(s.lengthMm, units)}</span
          ></td
        >
        <td class="px-2 py-1 font-semibold"
          >{@render label('Rows')}{s.rows}<span class="block text-sm font-normal quiet">on {s.stitches} stitches</span
          ></td
        >
        <td class="px-2 py-1">{@render label('Tightness')}{s.tightness.toFixed(1)}</td>
        <td class="px-2 py-1">{@render label('Stretch')}{s.stretch === null ? '–' : `${Math.round(s.stretch)} %`}</td>
        <td class="px-2 py-1"
          >{@render label('Needs')}{showFigure(s.metres, units)}<span class="block text-sm quiet"
            >{showFigure(s.grams, units)}, {showFigure(s.balls, units)}</span
          ></td
        >
        <td class="px-2 py-1">{@render label('Washing')}{s.wash === 'machine' ? 'machine' : 'by hand'}</td>
      </tr>
    </tbody>
  {/each}
</table>
<figure class="mt-4">
  <figcaption class="mb-1 font-semibold">Tightness against size</figcaption>
  <TightnessChart substitutes={lines.map((line) => line.first)} />
</figure>
