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
      <ScenePicture
        scene={hatScene(worn, result.yarns, result.fabric.pieces[0]!.width, 260, 210)}
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
    {#if result.plan.worn?.form === 'panels'}
      <!-- Several pieces with a measure on every edge keep their size on a narrow screen and scroll sideways. -->
      <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
      <div class="overflow-x-auto" tabindex="0" role="group" aria-label="The pieces, scrolls sideways">
        <ScenePicture
          scene={finished}
          class="mx-auto w-full max-w-none min-w-120 sm:max-w-140 sm:min-w-0 print:max-h-[4.6cm]"
        />
      </div>
    {:else}
      <ScenePicture scene={finished} class="mx-auto w-full max-w-140 print:max-h-[4.6cm]" />
    {/if}
    <figcaption class="text-center text-sm quiet">{finished.label}</figcaption>
  </figure>
{/if}
