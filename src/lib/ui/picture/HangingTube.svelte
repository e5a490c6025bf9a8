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
  let width = $state(0);
  let height = $state(0);
  const tube = $derived(result.outline.tubes[piece] ?? result.outline.tubes[0]);
  // A tube hangs from its own stitches; a cord hangs from a few pins of the whole ring.
  const pins = $derived(tube?.flat ? (result.fabric.pieces[piece]?.pins ?? tube.pins) : (tube?.pins ?? 0));
</script>

<div class="h-full w-full" bind:clientWidth={width} bind:clientHeight={height}>
  {#if tube && width > 0 && height > 0}
    <ScenePicture scene={tubeScene(tube, result.yarns, pins, { width, height, rowsDone, slim })} />
  {/if}
</div>
