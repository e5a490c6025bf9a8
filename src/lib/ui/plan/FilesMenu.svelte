<script lang="ts">
  import Download from '@lucide/svelte/icons/download';
  import FileBraces from '@lucide/svelte/icons/file-braces';
  import Image from '@lucide/svelte/icons/image';
  import Printer from '@lucide/svelte/icons/printer';
  import Table2 from '@lucide/svelte/icons/table-2';
  import { DropdownMenu } from 'bits-ui';
  import { finishedScene } from '$lib/draw/finished';
  import { tubeScene } from '$lib/draw/tube';
  import { download, fileName } from '../download';
  import type { ProjectState } from '../state/project.svelte';

  let { at, piece }: { at: ProjectState; piece: number } = $props();

  // What writes files is loaded with the first file.
  async function saveFile(what: 'project' | 'fresh' | 'rows' | 'tube' | 'worn'): Promise<void> {
    const { project, result } = at;
    if (!result || !project) return;
    const { name } = project.brief;
    if (what === 'project' || what === 'fresh') {
      const { writeProjectFile } = await import('$lib/formats/project-file');
      download(
        fileName(name, '.tomble.json'),
        'application/json',
        writeProjectFile(project, result, what === 'fresh' ? null : at.events)
      );
    } else if (what === 'rows') {
      const { rowTable } = await import('$lib/formats/row-table');
      download(fileName(name, '-rows.csv'), 'text/csv', rowTable(result));
    } else if (what === 'tube') {
      const tube = result.outline.tubes[piece];
      if (!tube) return;
      const { sceneSvg } = await import('$lib/formats/svg');
      const scene = tubeScene(tube, result.yarns, tube.pins, {
        width: 320,
        height: 900,
        rowsDone: null,
        slim: false
      });
      download(fileName(name, '-tube.svg'), 'image/svg+xml', sceneSvg(scene));
    } else {
      const { sceneSvg } = await import('$lib/formats/svg');
      const scene = finishedScene(result, 600, 480);
      if (scene) download(fileName(name, '-finished.svg'), 'image/svg+xml', sceneSvg(scene));
    }
  }
  const begun = $derived(at.progress.rows > 0 || Boolean(at.project?.measured));
  const files = $derived([
    { what: 'project', label: begun ? 'Project file, with the rows done' : 'Project file', icon: FileBraces },
    ...(begun ? [{ what: 'fresh', label: 'The plan alone, to begin anew', icon: FileBraces } as const] : []),
    { what: 'rows', label: 'Row table (CSV)', icon: Table2 },
    { what: 'tube', label: 'Hanging tube (SVG)', icon: Image },
    { what: 'worn', label: 'The finished thing (SVG)', icon: Image }
  ] as const);
</script>

<DropdownMenu.Root>
  <DropdownMenu.Trigger class="btn"><Download class="size-4" /> Files</DropdownMenu.Trigger>
  <DropdownMenu.Portal>
    <DropdownMenu.Content
      class="z-50 rounded-lg border border-base-300 bg-base-100 p-1 shadow-xl"
      align="end"
      sideOffset={4}
    >
      {#each files as file (file.what)}
        <DropdownMenu.Item
          class="flex min-h-10 cursor-pointer items-center gap-2 rounded-md px-3 data-highlighted:bg-base-200"
          onSelect={() => saveFile(file.what)}><file.icon class="size-4" /> {file.label}</DropdownMenu.Item
        >
      {/each}
      <DropdownMenu.Item
        class="flex min-h-10 cursor-pointer items-center gap-2 rounded-md px-3 data-highlighted:bg-base-200"
        onSelect={() => setTimeout(() => print(), 50)}><Printer class="size-4" /> Print the plan</DropdownMenu.Item
      >
    </DropdownMenu.Content>
  </DropdownMenu.Portal>
</DropdownMenu.Root>
