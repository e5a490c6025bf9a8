<script lang="ts">
  import { ANNOUNCE_ROWS, type Ahead } from '$lib/core/read';
  import type { Speech } from '$lib/words';
  import Counting from '../figure/Counting.svelte';
  import Worded from '../words/Worded.svelte';
  import { release } from './release';

  let {
    told,
    coming,
    first,
    done,
    say,
    onheard,
    onlater
  }: {
    /** Due now. */
    told: readonly Ahead[];
    /** What comes after so many rows. */
    coming: Ahead | undefined;
    /** What is minded in the first rows. */
    first: Ahead | undefined;
    done: boolean;
    say: Speech;
    onheard: (cue: Ahead) => void;
    onlater: (cue: Ahead) => void;
  } = $props();
  const near = $derived(coming !== undefined && coming.inRows <= ANNOUNCE_ROWS);
</script>

<div
  class="rounded-box border-2 px-4 py-2.5 low:px-3 low:py-2 {told.length
    ? 'border-warning bg-warning/25'
    : near
      ? 'border-accent bg-base-100'
      : 'border-base-300 bg-base-100'}"
  aria-live="polite"
>
  {#each told as cue (`${cue.kind} ${cue.row} ${say.cue(cue)}`)}
    <div class="flex flex-wrap items-center gap-x-3 gap-y-1">
      <p class="min-w-48 flex-1 text-lg font-semibold md:text-2xl low:text-base">Now: <Worded text={say.cue(cue)} /></p>
      <span class="flex gap-2">
        <button type="button" class="btn btn-quiet btn-sm" onclick={(e) => release(e, () => onheard(cue))}
          >Seen to</button
        >
        <button type="button" class="btn btn-quiet btn-sm" onclick={(e) => release(e, () => onlater(cue))}>Later</button
        >
      </span>
    </div>
  {:else}
    {#if coming && !done}
      <p class="text-base md:text-xl low:text-base">
        <strong class="numerals"><Counting text="In {say.talk.rows(coming.inRows)}:" /></strong>
        <Worded text={say.cue(coming)} />
      </p>
    {:else if first}
      <p class="text-base md:text-xl low:text-base"><Worded text={say.cue(first)} /></p>
    {:else}
      <p class="text-base quiet md:text-xl low:text-base">
        {done ? 'Nothing more to crank.' : 'One thing at a time; the count waits for you.'}
      </p>
    {/if}
  {/each}
</div>
