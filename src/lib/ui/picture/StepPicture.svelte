<script lang="ts">
  import { finishingSketch } from '$lib/core/read';
  import type { Result } from '$lib/core/tomble';
  import { sketchScene } from '$lib/draw/sketch';
  import ScenePicture from './ScenePicture.svelte';

  let {
    result,
    finish,
    large = false,
    class: extra = ''
  }: { result: Result; finish: number; large?: boolean; class?: string } = $props();
  const size = $derived(large ? [420, 190] : [240, 150]);
  const sketch = $derived(finishingSketch(result, finish));
</script>

{#if sketch}
  <figure class={extra}>
    <ScenePicture scene={sketchScene(sketch, result.yarns, size[0]!, size[1]!, true, true)} class="w-full" />
    <figcaption class="text-center text-xs leading-tight quiet">{sketch.label}</figcaption>
  </figure>
{/if}
