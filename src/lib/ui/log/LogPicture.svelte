<script lang="ts">
  import type { Kit } from '$lib/core/kit';
  import { finishedScene } from '$lib/draw/finished';
  import { planOf } from '$lib/store/plans';
  import type { Project } from '$lib/store/records/project';
  import { inView } from '../frame/in-view';
  import ScenePicture from '../picture/ScenePicture.svelte';

  /** A finished piece, small; it is planned and drawn when it comes into view. */
  let {
    project,
    kit,
    width = 84,
    height = 64
  }: { project: Project; kit: Kit; width?: number; height?: number } = $props();
  let seen = $state(false);
  const scene = $derived.by(() => {
    const result = seen ? planOf(kit, project) : null;
    return result ? finishedScene(result, width, height, false) : null;
  });
</script>

<div style:width="{width}px" style:height="{height}px" class="overflow-hidden" {@attach inView(() => (seen = true))}>
  {#if scene}<ScenePicture {scene} class="h-full w-full" />{/if}
</div>
