<script lang="ts">
  import { yarnEdge, pieceAt, type Track } from '$lib/core/read';
  import type { Side } from '$lib/core/plan';
  import type { Readings } from '$lib/core/tomble';
  import type { Speech } from '$lib/words';
  import { release } from './release';

  interface Props {
    result: Readings;
    say: Speech;
    leg: Track['legs'][number];
    /** Rows of the piece that are counted, waste and all. */
    inPiece: number;
    /** The count is to be set. */
    onset: () => void;
  }
  let { result, say, leg, inPiece, onset }: Props = $props();
  const fabric = $derived(pieceAt(result, leg.piece).fabric);
  /** What was answered, and at which place: a new place asks anew. */
  let answered = $state.raw<{ readonly at: string; readonly side: Side } | null>(null);
  const place = $derived(`${leg.piece} ${leg.copy} ${inPiece}`);
  const side = $derived(answered?.at === place ? answered.side : null);
  const row = $derived(Math.max(0, inPiece - 1));
  const answer = $derived(side && yarnEdge(fabric, inPiece, side));
  const EDGES = ['low', 'high'] as const;
  const pinOf = (edge: Side): number => (edge === 'low' ? fabric.low : fabric.high)[row]!;
</script>

<div
  class="rounded-box border-2 px-4 py-2 text-base {answer && answer.off > 0
    ? 'border-warning bg-warning/15'
    : 'border-base-300 bg-base-100'}"
  role="group"
  aria-label="At which edge is your yarn?"
>
  <div class="flex flex-wrap items-center gap-x-3 gap-y-2">
    <span class="font-semibold">At which edge is your yarn?</span>
    {#each EDGES as edge (edge)}
      <button
        type="button"
        class="btn btn-sm {side === edge ? 'btn-primary' : 'btn-quiet'}"
        aria-pressed={side === edge}
        onclick={(e) => release(e, () => (answered = { at: place, side: edge }))}>At {say.talk.pin(pinOf(edge))}</button
      >
    {/each}
  </div>
  <p class="mt-1 min-h-6" aria-live="polite" data-testid="edge-answer">
    {#if answer}
      {say.words.yarnEdge(answer, inPiece - leg.before, say.talk)}
      {#if answer.off > 0}
        <button type="button" class="btn ml-1 btn-quiet btn-sm" onclick={(e) => release(e, onset)}>Set the count</button
        >
      {/if}
    {/if}
  </p>
</div>
