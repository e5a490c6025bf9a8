<script lang="ts">
  import FolderOpen from '@lucide/svelte/icons/folder-open';
  import { gathered } from '$lib/core/colour';
  import { yarnName } from '$lib/core/kit';
  import type { Readings } from '$lib/core/tomble';
  import { finishedScene } from '$lib/draw/finished';
  import type { Scene } from '$lib/draw/scene';
  import { tubeScene } from '$lib/draw/tube';
  import { download, downloadBlob, fileName } from '../download';
  import { tell } from '../frame/tell.svelte';
  import type { ProjectState } from '../state/project.svelte';
  import type { ColourDesk } from './desk.svelte';
  import { scenePng } from './png';

  let { at, desk, result }: { at: ProjectState; desk: ColourDesk; result: Readings } = $props();
  let reasons = $state.raw<readonly string[]>([]);
  const nameOf = (id: string): string => {
    const yarn = at.kit!.yarns.find((y) => y.id === id);
    return yarn ? yarnName(yarn) : id;
  };
  const sceneOf = (what: 'tube' | 'worn'): Scene | null => {
    const tube = result.outline.tubes[desk.piece];
    if (what === 'worn') return finishedScene(result, 600, 480);
    return tube
      ? tubeScene(tube, result.yarns, tube.pins, { width: 320, height: 900, rowsDone: null, slim: false })
      : null;
  };
  async function save(what: 'csv' | 'json' | 'tube.svg' | 'worn.svg' | 'tube.png' | 'worn.png'): Promise<void> {
    const { name } = at.project!.brief;
    try {
      if (what === 'csv' || what === 'json') {
        const { sectionsCsv, sectionsJson } = await import('$lib/formats/sections');
        const [type, text] = what === 'csv' ? (['text/csv', sectionsCsv(desk.sections, nameOf)] as const) : (['application/json', sectionsJson(desk.sections, nameOf)] as const); // prettier-ignore
        download(fileName(name, `-sections.${what}`), type, text);
        return;
      }
      const [of, kind] = what.split('.') as ['tube' | 'worn', 'svg' | 'png'];
      const scene = sceneOf(of);
      if (!scene) return void tell('There is no picture of this one.');
      const { sceneSvg } = await import('$lib/formats/svg');
      const svg = sceneSvg(scene);
      if (kind === 'svg') download(fileName(name, `-${of}.svg`), 'image/svg+xml', svg);
      else downloadBlob(fileName(name, `-${of}.png`), await scenePng(svg, scene.width, scene.height));
    } catch {
      void tell('The file could not be made: a part of the application did not load. Load the page again.');
    }
  }
  async function open(input: HTMLInputElement): Promise<void> {
    const [file] = input.files ?? [];
    if (!file) return;
    const { readSectionsFile } = await import('$lib/workers/read-sections-file');
    const read = await readSectionsFile(file, at.kit!.yarns.map((y) => [yarnName(y), y.id] as const)); // prettier-ignore
    input.value = '';
    reasons = read.ok ? [] : read.reasons;
    if (read.ok) desk.put(gathered(read.sections));
  }
  const FILES = [
    ['csv', 'Sections (CSV)'],
    ['json', 'Sections (JSON)'],
    ['tube.svg', 'Tube (SVG)'],
    ['tube.png', 'Tube (PNG)'],
    ['worn.svg', 'As worn (SVG)'],
    ['worn.png', 'As worn (PNG)']
  ] as const;
</script>

<h2 class="text-lg font-semibold">Files</h2>
<div class="mt-1 flex flex-wrap gap-1.5">
  {#each FILES as [what, label] (what)}
    <button type="button" class="btn btn-quiet btn-sm" onclick={() => void save(what)}>{label}</button>
  {/each}
</div>
<label class="btn mt-2 btn-quiet btn-sm focus-within:outline-2">
  <FolderOpen class="size-4" /> Open sections, CSV or JSON
  <input
    class="sr-only"
    type="file"
    accept=".csv,.json,text/csv,application/json"
    onchange={(e) => void open(e.currentTarget)}
  />
</label>
{#if reasons.length}
  <ul class="mt-1 text-sm font-semibold text-error" role="alert">
    {#each reasons as reason (reason)}<li>{reason}</li>{/each}
  </ul>
{/if}
