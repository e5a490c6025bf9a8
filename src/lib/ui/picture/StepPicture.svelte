<script lang="ts">
  import type { Readings } from '$lib/core/tomble';
  import { actSketch } from '$lib/draw/acts';
  import { sketchScene } from '$lib/draw/sketch';
  import type { Speech } from '$lib/words';
  import { inView } from '../frame/in-view';
  import { onPaper } from '../paper/printing.svelte';
  import ScenePicture from './ScenePicture.svelte';

  let {
    result,
    say,
    act,
    large = false,
    class: extra = ''
  }: { result: Readings; say: Speech; act: number; large?: boolean; class?: string } = $props();
  const size = $derived(large ? [420, 190] : [240, 150]);
  // A plan has many steps, and few of them are in view: those that are not are drawn when they come near.
  let near = $state(false);
  const sketch = $derived(near || onPaper() ? actSketch(result, act, say) : undefined);
</script>

{#if sketch === undefined}
  <div class="{extra} {large ? '' : 'min-h-20'}" {@attach inView(() => (near = true))}></div>
{:else if sketch}
  <figure class={extra}>
    <ScenePicture scene={sketchScene(sketch, result.yarns, size[0]!, size[1]!, true, true)} class="w-full" />
    <figcaption class="text-center text-xs leading-tight quiet print:hidden">{sketch.label}</figcaption>
  </figure>
{/if}
