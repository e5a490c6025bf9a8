<script lang="ts">
  import type { Readings } from '$lib/core/tomble';
  import { tubeScene } from '$lib/draw/tube';
  import { onPaper } from '../paper/printing.svelte';
  import ScenePicture from './ScenePicture.svelte';

  let { result, piece }: { result: Readings; piece: number } = $props();

  // A sheet of paper has a size of its own: the picture cannot wait to measure its place, as the one on screen does.
  const SIZE = { width: 190, height: 430 };
  const tube = $derived(result.outline.tubes[piece]);
  const pins = $derived(result.fabric.pieces[piece]?.pins ?? 0);
</script>

{#if tube && onPaper()}
  <div class="float-left mr-4 hidden w-[4.2cm] print:block">
    <ScenePicture scene={tubeScene(tube, result.yarns, pins, { ...SIZE, rowsDone: null, slim: false })} />
  </div>
{/if}
