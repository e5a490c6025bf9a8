<script lang="ts">
  import ImagePlus from '@lucide/svelte/icons/image-plus';
  import { blocks } from '$lib/core/colour';
  import { colourDifference, type Yarn, yarnName } from '$lib/core/kit';
  import { readPalette } from '$lib/workers/read-palette';
  import YarnDot from '../yarn/YarnDot.svelte';
  import type { ColourDesk } from './desk.svelte';

  let { desk, yarns }: { desk: ColourDesk; yarns: readonly Yarn[] } = $props();
  const COLOURS = 6;
  /** Up to this a yarn passes for the colour; beyond it, it is only the nearest there is (own estimate on CIEDE2000, no source). */
  const NEAR = 15;
  let palette = $state.raw<readonly string[]>([]);
  let fault = $state('');
  let reading = $state(false);
  const matched = $derived(
    palette.map((hex) => {
      const [best] = yarns
        .map((yarn) => ({ yarn, apart: colourDifference(hex, yarn.colour.hex) }))
        .sort((a, b) => a.apart - b.apart);
      return { hex, best: best! };
    })
  );
  async function look(input: HTMLInputElement): Promise<void> {
    const [file] = input.files ?? [];
    input.value = '';
    if (!file) return;
    [reading, fault] = [true, ''];
    try {
      palette = await readPalette(file, COLOURS);
    } catch {
      fault = `The photograph must be a picture the browser can read; received ${file.name}.`;
    } finally {
      reading = false;
    }
  }
</script>

<h2 class="text-lg font-semibold">Colours from a photograph</h2>
<p class="quiet">Looked at here in the browser, and not kept.</p>
<label class="btn mt-2 btn-quiet btn-sm focus-within:outline-2">
  <ImagePlus class="size-4" />
  {reading ? 'Looking …' : 'Choose a photograph'}
  <input class="sr-only" type="file" accept="image/*" onchange={(e) => void look(e.currentTarget)} />
</label>
{#if fault}<p class="mt-1 text-sm font-semibold text-error" role="alert">{fault}</p>{/if}
{#if matched.length}
  <ul class="mt-2 space-y-1" aria-label="Colours of the photograph and the nearest yarns">
    {#each matched as { hex, best } (hex)}
      <li class="flex items-center gap-2 text-sm">
        <span class="size-6 shrink-0 rounded border border-base-content/30" style:background={hex}></span>
        <YarnDot hex={best.yarn.colour.hex} size={20} />
        <span class="min-w-0 flex-1">{yarnName(best.yarn)}</span>
        <span class="quiet">{best.apart <= NEAR ? 'near' : 'the nearest there is'}</span>
      </li>
    {/each}
  </ul>
  <button
    type="button"
    class="btn mt-2 btn-quiet btn-sm"
    onclick={() => desk.put(blocks([...new Set(matched.map((m) => m.best.yarn.id))], desk.total))}
    >Lay even blocks of these yarns</button
  >
{/if}
