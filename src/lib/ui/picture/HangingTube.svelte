<script lang="ts">
  import { tubeScene } from '$lib/draw/tube';
  import type { Result } from '$lib/core/tomble';
  import ScenePicture from './ScenePicture.svelte';

  let {
    result,
    rowsDone = null,
    slim = false
  }: { result: Result; rowsDone?: number | null; slim?: boolean } = $props();
  let width = $state(0);
  let height = $state(0);
  const pins = $derived(result.fabric.pieces[0]!.width);
</script>

<div class="h-full w-full" bind:clientWidth={width} bind:clientHeight={height}>
  {#if width > 0 && height > 0}
    <ScenePicture scene={tubeScene(result.outline.tubes[0]!, result.yarns, pins, { width, height, rowsDone, slim })} />
  {/if}
</div>
