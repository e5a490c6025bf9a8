<script lang="ts">
  import type { Scene } from '$lib/draw/scene';
  import ScenePicture from '../picture/ScenePicture.svelte';

  /** A chart that is drawn to the room it has. */
  let { height, scene }: { height: number; scene: (width: number) => Scene } = $props();
  let room = $state.raw<DOMRectReadOnly>();
  const width = $derived(Math.round(room?.width ?? 0));
</script>

<div class="w-full" style:min-height="{height}px" bind:contentRect={room}>
  {#if width > 120}<ScenePicture scene={scene(width)} class="w-full" />{/if}
</div>
