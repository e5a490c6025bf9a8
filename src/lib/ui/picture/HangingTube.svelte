<script lang="ts">
  import type { Readings } from '$lib/core/tomble';
  import { tubeScene } from '$lib/draw/tube';
  import { tubeLayers } from '$lib/draw/tube-layers';
  import Counting from '../figure/Counting.svelte';
  import ScenePicture from './ScenePicture.svelte';

  let {
    result,
    piece = 0,
    rowsDone = null,
    slim = false,
    copy
  }: {
    result: Readings;
    piece?: number;
    rowsDone?: number | null;
    slim?: boolean;
    copy?: number | undefined;
  } = $props();
  // Told by the browser once it has laid the page out; asking for it would lay it out for every picture.
  let room = $state.raw<DOMRectReadOnly>();
  const width = $derived(room?.width ?? 0);
  const height = $derived(room?.height ?? 0);
  const tube = $derived(result.outline.tubes[piece] ?? result.outline.tubes[0]);
  // A tube hangs from its own stitches; a cord hangs from a few pins of the whole ring.
  const pins = $derived(tube?.flat ? (result.fabric.pieces[piece]?.pins ?? tube.pins) : (tube?.pins ?? 0));
  const turning = $derived(rowsDone !== null);
  const there = $derived(tube !== undefined && width > 0 && height > 0);
  // At the crank a row moves what is drawn already; nothing is drawn anew.
  const layers = $derived(
    there && turning ? tubeLayers(tube!, result.yarns, pins, { width, height, slim, ...(copy ? { copy } : {}) }) : null
  );
</script>

<div class="h-full w-full" bind:contentRect={room}>
  {#if layers && rowsDone !== null}
    <div class="relative overflow-hidden" style:height="{height}px" role="img" aria-label={layers.label(rowsDone)}>
      <ScenePicture scene={layers.behind} class="absolute inset-0" />
      <div class="absolute inset-x-0 bottom-0 overflow-hidden" style:top="{layers.cutPx}px">
        <div
          class="relative will-change-transform"
          style:top="{-layers.cutPx}px"
          style:transform="translateY({-layers.upPx(rowsDone)}px)"
        >
          <ScenePicture scene={layers.body} />
        </div>
      </div>
      {#if layers.count && layers.counted(rowsDone) > 0}
        <!-- Tall enough to hide the numbers of the scale that pass behind it; the ring is over both. -->
        <span
          class="absolute -translate-y-full bg-base-200 px-1 pt-6 pb-2.5 numerals text-xs leading-tight font-bold"
          style:left="{layers.count.x - 4}px"
          style:top="{layers.count.y + 13}px"><Counting text={layers.counted(rowsDone)} /></span
        >
      {/if}
      <ScenePicture scene={layers.ring} class="absolute inset-0" />
    </div>
  {:else if there && tube}
    <ScenePicture scene={tubeScene(tube, result.yarns, pins, { width, height, rowsDone, slim })} />
  {/if}
</div>
