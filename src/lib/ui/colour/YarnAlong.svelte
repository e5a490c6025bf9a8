<script lang="ts">
  import { pieceAt } from '$lib/core/read';
  import { alongRows, ballEndRows } from '$lib/core/colour';
  import { yarnName } from '$lib/core/kit';
  import { showRun } from '$lib/core/quantity';
  import type { Readings } from '$lib/core/tomble';
  import YarnDot from '../yarn/YarnDot.svelte';

  let { result }: { result: Readings } = $props();
  const units = $derived(result.kit.habits.units);
  const rows = $derived(alongRows(result));
  const ends = $derived(ballEndRows(result));
  const used = $derived(
    result.yarns.flatMap((yarn, y) => {
      const last = rows.findLast((row) => row.yarn === y);
      return last ? [{ yarn, metres: last.until, ends: ends.filter((e) => e.yarn === y) }] : [];
    })
  );
  const where = (end: (typeof ends)[number]): string => {
    const piece = pieceAt(result, end.piece).planned;
    const of = result.plan.pieces.length > 1 ? ` of the ${piece.label.toLowerCase()}` : '';
    const copy = piece.copies > 1 ? `, number ${end.copy}` : '';
    return end.work === null ? `in the waste${of}` : `in row ${end.work}${of}${copy}, give or take ${end.rowsOff}`;
  };
</script>

<h2 class="text-lg font-semibold">Yarn along the rows</h2>
<ul class="mt-1 space-y-1.5">
  {#each used as { yarn, metres, ends: own } (yarn.id)}
    <li class="flex gap-2">
      <YarnDot hex={yarn.colour.hex} size={20} />
      <span
        ><strong>{yarnName(yarn)}</strong>: <span class="numerals">{showRun(metres, units)}</span> in rows.
        {#if own.length === 0}
          One ball of {showRun(yarn.label.metres, units)} is enough for them.
        {:else}
          {#each own as end (end.ball)}<span class="block">Ball {end.ball} ends {where(end)}.</span>{/each}
        {/if}</span
      >
    </li>
  {/each}
</ul>
<p class="mt-1 text-sm quiet">
  Whole balls by their labels, begun new; tails are not in it. Move a change of colour to where a ball ends, and it
  needs no join of its own.
</p>
