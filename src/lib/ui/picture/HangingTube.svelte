<script lang="ts">
  import { tubeScene } from '$lib/draw/tube';
  import type { Result } from '$lib/core/tomble';
  import ScenePicture from './ScenePicture.svelte';

  let {
    result,
    piece = 0,
    rowsDone = null,
    slim = false
  }: { result: Result; piece?: number; rowsDone?: number | null; slim?: boolean } = $props();
  // Told by the browser once it has laid the page out; asking for it would lay it out for every picture.
  let room = $state.raw<DOMRectReadOnly>();
  const width = $derived(room?.width ?? 0);
  const height = $derived(room?.height ?? 0);
  const tube = $derived(result.outline.tubes[piece] ?? result.outline.tubes[0]);
  // A tube hangs from its own stitches; a cord hangs from a few pins of the whole ring.
  const pins = $derived(tube?.flat ? (result.fabric.pieces[piece]?.pins ?? tube.pins) : (tube?.pins ?? 0));
</script>

<div class="h-full w-full" bind:contentRect={room}>
  {#if tube && width > 0 && height > 0}
    <ScenePicture scene={tubeScene(tube, result.yarns, pins, { width, height, rowsDone, slim })} />
  {/if}
</div>
