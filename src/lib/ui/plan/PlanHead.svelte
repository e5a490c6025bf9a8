<script lang="ts">
  import ChevronRight from '@lucide/svelte/icons/chevron-right';
  import { allRows, pieceAt, trackOf, type VerdictCode, verdictOf, workCount } from '$lib/core/read';
  import type { Readings } from '$lib/core/tomble';
  import { optionLabels, type SaidFinding, speak } from '$lib/words';
  import { paths } from '../paths';
  import type { ProjectState } from '../state/project.svelte';
  import FilesMenu from './FilesMenu.svelte';

  /** The first lines of a plan: how many rows on which ring, the way to the crank, and what is to be looked at. */
  interface Props {
    at: ProjectState;
    result: Readings;
    /** The part that hangs beside it. */
    piece: number;
    serious: readonly SaidFinding[];
    /** Whether a finding stands beside its field, where one can jump to. */
    isAtField: (finding: SaidFinding) => boolean;
    onjump: (option: string | undefined) => void;
  }
  let { at, result, piece, serious, isAtField, onjump }: Props = $props();
  const brief = $derived(at.project!.brief);
  const workRows = $derived(result.sizes.pieces.reduce((sum, p) => sum + p.copies * p.rows, 0));
  const waste = $derived(allRows(result) - workRows);
  const verdict = $derived(verdictOf(result));
  const GOOD: readonly VerdictCode[] = ['snug', 'fits'];
  /** Beside the words, never instead of them: whether it is good whatever it turns out to be. */
  const lamp = $derived.by(() => {
    if (!verdict) return '';
    if (verdict.code === 'too-small' || verdict.code === 'too-large') return 'bg-error';
    return [verdict.code, verdict.atLow, verdict.atHigh].every((code) => GOOD.includes(code))
      ? 'bg-success'
      : 'bg-warning';
  });
  const machineName = (id: string): string => at.kit!.machines.find((m) => m.id === id)?.name ?? '';
</script>

{#if verdict}
  <p class="mb-1 flex items-baseline gap-2 text-lg leading-snug font-semibold" data-testid="verdict">
    <span class="inline-block size-2.5 shrink-0 rounded-full {lamp}" aria-hidden="true"></span>
    {speak(result).verdict(verdict)}
  </p>
{/if}
<div class="flex flex-wrap items-center justify-between gap-x-3 gap-y-2 sm:flex-nowrap">
  <div class="leading-snug">
    <h1 class="sr-only print:not-sr-only print:mb-1 print:text-2xl print:font-bold">{brief.name}</h1>
    {#if result.plan.pieces.length === 0}
      <span class="numerals text-2xl font-bold" data-testid="rows">No rows</span>
      <span class="block quiet">made by hand, without a machine</span>
    {:else}
      <span class="numerals text-2xl font-bold" data-testid="rows">{workRows} rows</span>
      <span class="block quiet">
        {#if result.plan.pieces.length === 1}
          {pieceAt(result, 0).fabric.width} pins on {machineName(pieceAt(result, 0).planned.machineId)}{result.plan
            .pieces[0]!.copies > 1
            ? `, ${pieceAt(result, 0).planned.copies} alike`
            : ''}{:else}in {result.plan.pieces.reduce((sum, p) => sum + p.copies, 0)} pieces{/if}{waste > 0
          ? `, and ${waste} rows of waste yarn`
          : ''}
      </span>
    {/if}
  </div>
  <div class="flex shrink-0 gap-2 print:hidden">
    <FilesMenu {at} {piece} />
    {#if result.plan.pieces.length === 0}
      <a class="btn btn-primary" href={paths.finish(at.project!.id)}>To the making <ChevronRight class="size-4" /></a>
    {:else}
      <a class="btn btn-primary" href={paths.crank(at.project!.id)}
        >{at.progress.rows > 0 ? `On at row ${workCount(trackOf(result), at.progress.rows) + 1}` : 'To the crank'}
        <ChevronRight class="size-4" /></a
      >
    {/if}
  </div>
</div>
{#if serious.length}
  <p class="mt-2 flex flex-wrap items-center gap-2 text-sm print:hidden">
    <strong>{serious.length === 1 ? 'One thing to look at:' : `${serious.length} things to look at:`}</strong>
    {#each serious as finding, i (`${finding.code} ${i}`)}
      {#if isAtField(finding)}
        <button
          type="button"
          class="badge h-auto min-h-7 cursor-pointer badge-warning"
          onclick={() => onjump(finding.place.option)}>{optionLabels(brief.kind, finding.place.option!).title}</button
        >
      {/if}
    {/each}
  </p>
{/if}
