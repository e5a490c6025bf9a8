<script lang="ts">
  import type { tileOf } from '$lib/draw/texture';

  /** Knitted fabric of one yarn, to fill a shape with. */
  let { id, tile, y }: { id: string; tile: ReturnType<typeof tileOf>; y?: number } = $props();
</script>

<pattern {id} width={tile.width} height={tile.height} {y} patternUnits="userSpaceOnUse">
  <rect width={tile.width} height={tile.height} fill={tile.ground} />
  {#each tile.strokes as stroke, i (i)}
    <path d={stroke.d} stroke={stroke.colour} stroke-width={stroke.width} fill="none" />
  {/each}
</pattern>
