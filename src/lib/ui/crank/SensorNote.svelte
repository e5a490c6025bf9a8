<script lang="ts">
  import { release } from './release';

  let {
    waiting,
    doubtful,
    row,
    turns,
    onmissed,
    onnone
  }: {
    /** Turns of the sensor while something else had to be done first. */
    waiting: number;
    /** The row before which a turn may have been missed. */
    doubtful: number | null;
    /** What a row is called. */
    row: string;
    /** A row is what comes next. */
    turns: boolean;
    onmissed: () => void;
    onnone: () => void;
  } = $props();
</script>

<div
  class="flex flex-wrap items-center gap-x-3 gap-y-1 rounded-box border-2 border-warning bg-warning/15 px-4 py-2"
  role="status"
  data-testid="sensor"
>
  {#if waiting > 0}
    <p class="min-w-48 flex-1 text-base md:text-lg">
      The crank was turned {waiting === 1 ? 'once' : `${waiting} times`} while this waits: not counted.
    </p>
  {:else}
    <p class="min-w-48 flex-1 text-base md:text-lg">
      A {row} may have been missed before {row}
      {doubtful}: look at the fabric.
    </p>
    <button type="button" class="btn btn-quiet btn-sm" disabled={!turns} onclick={(e) => release(e, onmissed)}
      >One more</button
    >
    <button type="button" class="btn btn-quiet btn-sm" onclick={(e) => release(e, onnone)}>None missed</button>
  {/if}
</div>
