<script lang="ts">
  import { ringLook } from '$lib/core/read';
  import type { Readings } from '$lib/core/tomble';
  import { smallRing } from '$lib/draw/close-up/small-ring';
  import type { Speech } from '$lib/words';
  import ScenePicture from '../picture/ScenePicture.svelte';

  let {
    result,
    piece,
    row,
    say,
    class: extra = ''
  }: { result: Readings; piece: number; row: number; say: Speech; class?: string } = $props();
  const hexes = $derived(result.yarns.map((yarn) => yarn.colour.hex));
  const scene = $derived(smallRing(ringLook(result, piece, row), hexes, say, 120));
</script>

<span class="block {extra}" data-testid="small-ring"><ScenePicture {scene} class="size-full" /></span>
