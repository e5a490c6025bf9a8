<script lang="ts">
  import type { Fill, Ink, Scene } from '$lib/draw/scene';
  import { tileOf } from '$lib/draw/texture';
  import KnitPattern from './KnitPattern.svelte';

  let { scene, class: extra = '' }: { scene: Scene; class?: string } = $props();
  const uid = $props.id();

  const INKS: Record<Ink, string> = {
    text: 'var(--color-base-content)',
    quiet: 'color-mix(in oklab, var(--color-base-content) 70%, var(--color-base-100))',
    line: 'color-mix(in oklab, var(--color-base-content) 45%, var(--color-base-100))',
    paper: 'var(--color-base-100)',
    accent: 'oklch(0.72 0.15 75)',
    none: 'none'
  };
  const paint = (fill: Fill): string =>
    'ink' in fill ? INKS[fill.ink] : 'hex' in fill ? fill.hex : `url(#${uid}-knit-${fill.knit})`;
  /** Every shape with its paints as attributes, made at once for the whole picture. */
  const shapes = $derived(
    scene.shapes.map((shape) =>
      shape.shape === 'path'
        ? { ...shape, fill: paint(shape.fill), stroke: shape.stroke && paint(shape.stroke) }
        : { ...shape, fill: INKS[shape.ink] }
    )
  );
</script>

<svg
  viewBox="0 0 {scene.width} {scene.height}"
  role={scene.label ? 'img' : undefined}
  aria-label={scene.label || undefined}
  aria-hidden={scene.label ? undefined : true}
  class="block max-w-full {extra}"
>
  <defs>
    {#each scene.textures as texture (texture.yarn)}
      <KnitPattern id="{uid}-knit-{texture.yarn}" tile={tileOf(texture)} y={texture.originY} />
    {/each}
  </defs>
  {#each shapes as shape, i (i)}
    {#if shape.shape === 'path'}
      <path
        d={shape.d}
        fill={shape.fill}
        stroke={shape.stroke}
        stroke-width={shape.width}
        stroke-dasharray={shape.dash}
        stroke-linecap="round"
        opacity={shape.opacity}
        class={shape.flow ? 'flow' : undefined}
        >{#if shape.title}<title>{shape.title}</title>{/if}</path
      >
    {:else}
      <text
        x={shape.x}
        y={shape.y}
        font-size={shape.size}
        text-anchor={shape.anchor}
        fill={shape.fill}
        font-weight={shape.bold ? 700 : 400}>{shape.text}</text
      >
    {/if}
  {/each}
</svg>
