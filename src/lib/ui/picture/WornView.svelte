<script lang="ts">
  import type { Result } from '$lib/core/tomble';
  import { finishedScene } from '$lib/draw/finished';
  import { cutScene, hatScene } from '$lib/draw/hat';
  import ScenePicture from './ScenePicture.svelte';

  let { result }: { result: Result } = $props();
  const worn = $derived(result.outline.worn);
  const finished = $derived(worn ? null : finishedScene(result, 520, 340, true, true));
</script>

{#if worn}
  <div class="grid grid-cols-2 gap-2">
    <figure>
      <ScenePicture scene={hatScene(worn, result.yarns, result.fabric.pieces[0]!.width, 260, 210)} class="w-full" />
      <figcaption class="text-center text-sm quiet">As worn</figcaption>
    </figure>
    <figure>
      <ScenePicture scene={cutScene(worn, result.yarns, 260, 210)} class="w-full" />
      <figcaption class="text-center text-sm quiet">Cut through: how the layers lie</figcaption>
    </figure>
  </div>
{:else if finished}
  <figure>
    <ScenePicture scene={finished} class="mx-auto w-full max-w-140" />
    <figcaption class="text-center text-sm quiet">{finished.label}</figcaption>
  </figure>
{/if}
