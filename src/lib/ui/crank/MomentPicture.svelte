<script lang="ts">
  import type { Moment } from '$lib/core/read';
  import type { Readings } from '$lib/core/tomble';
  import { momentScene } from '$lib/draw/close-up/moment';
  import type { Speech } from '$lib/words';
  import ScenePicture from '../picture/ScenePicture.svelte';

  let {
    result,
    piece,
    moment,
    say,
    class: extra = ''
  }: { result: Readings; piece: number; moment: Moment; say: Speech; class?: string } = $props();

  /** A picture of the ring is wider than it is high; what room is left over stays paper. */
  const TALLEST = 0.95;

  let room = $state<DOMRectReadOnly>();
  const width = $derived(Math.round(room?.width ?? 0));
  const height = $derived(Math.round(Math.min(room?.height ?? 0, width * TALLEST)));
</script>

<span
  class="relative block overflow-hidden {extra}"
  bind:contentRect={room}
  data-testid="moment"
  data-code={moment.code}
>
  {#if width > 40 && height > 40}
    <span class="absolute inset-0 flex items-center">
      <ScenePicture scene={momentScene(result, piece, moment, say, say.moment(moment), width, height)} class="w-full" />
    </span>
  {/if}
</span>
