<script lang="ts">
  import { tileOf } from '$lib/draw/texture';
  import KnitPattern from '../picture/KnitPattern.svelte';

  let { hex, letter = '', size = 22 }: { hex: string; letter?: string; size?: number } = $props();
  const uid = $props.id();
  const tile = $derived(tileOf({ yarn: 0, hex, stitchPx: size / 3, rowPx: size / 4, originY: 0 }));
</script>

<span class="relative inline-flex shrink-0 items-center justify-center" style="width:{size}px;height:{size}px">
  <svg width={size} height={size} aria-hidden="true" class="absolute inset-0">
    <defs>
      <KnitPattern id="{uid}-k" {tile} />
    </defs>
    <circle cx={size / 2} cy={size / 2} r={size / 2 - 0.5} fill="url(#{uid}-k)" stroke="rgba(0,0,0,.35)" />
  </svg>
  {#if letter}
    <span class="relative rounded-full bg-base-100 px-1 text-xs leading-tight font-bold text-base-content"
      >{letter}</span
    >
  {/if}
</span>
