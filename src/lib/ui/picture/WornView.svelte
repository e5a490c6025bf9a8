<script lang="ts">
  import { pieceAt } from '$lib/core/read';
  import type { Readings } from '$lib/core/tomble';
  import { finishedScene } from '$lib/draw/finished';
  import { cutScene, hatScene } from '$lib/draw/hat';
  import { MediaQuery } from 'svelte/reactivity';
  import ScenePicture from './ScenePicture.svelte';

  let { result }: { result: Readings } = $props();
  const worn = $derived(result.outline.worn);
  // On a narrow screen pieces with a measure on every edge lie one below the other, each as wide as it can be read.
  const small = new MediaQuery('width < 40rem');
  const panels = $derived(result.plan.worn?.form === 'panels' ? result.plan.worn.rows.flat().length : 0);
  const narrow = $derived(small.current && panels > 0);
  const finished = $derived(
    worn ? null : finishedScene(result, narrow ? 300 : 520, narrow ? 340 * panels : 340, true, true, narrow)
  );
</script>

{#if worn}
  <div class="grid grid-cols-2 gap-2">
    <figure>
      <ScenePicture
        scene={hatScene(worn, result.yarns, pieceAt(result, 0).fabric.width, 260, 210)}
        class="w-full print:max-h-[3.6cm]"
      />
      <figcaption class="text-center text-sm quiet">As worn</figcaption>
    </figure>
    <figure>
      <ScenePicture scene={cutScene(worn, result.yarns, 260, 210)} class="w-full print:max-h-[3.6cm]" />
      <figcaption class="text-center text-sm quiet">Cut through: how the layers lie</figcaption>
    </figure>
  </div>
{:else if finished}
  <figure>
    <ScenePicture scene={finished} class="mx-auto w-full max-w-140 print:max-h-[4.6cm]" />
    <figcaption class="text-center text-sm quiet">{finished.label}</figcaption>
  </figure>
{/if}
