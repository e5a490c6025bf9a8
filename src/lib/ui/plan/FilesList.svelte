<script lang="ts">
  import FileBraces from '@lucide/svelte/icons/file-braces';
  import FileText from '@lucide/svelte/icons/file-text';
  import Image from '@lucide/svelte/icons/image';
  import Printer from '@lucide/svelte/icons/printer';
  import Table2 from '@lucide/svelte/icons/table-2';
  import { DropdownMenu } from 'bits-ui';
  import { finishedScene } from '$lib/draw/finished';
  import { tubeScene } from '$lib/draw/tube';
  import { tell } from '../frame/tell.svelte';
  import { download, downloadBytes, fileName } from '../download';
  import type { ProjectState } from '../state/project.svelte';

  /** What a plan is saved as. It is loaded with the first look at it. */
  interface Props {
    at: ProjectState;
    /** The part that hangs beside the plan. */
    piece: number;
    /** The button that opened it, and closes it too. */
    button: HTMLElement;
    onclose: () => void;
  }
  let { at, piece, button, onclose }: Props = $props();

  // What writes files is loaded with the first file.
  async function saveFile(
    what: 'project' | 'fresh' | 'rows' | 'tube' | 'worn' | 'a4' | 'letter' | 'markdown' | 'html'
  ): Promise<void> {
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
    } else if (what === 'a4' || what === 'letter') {
      const [{ paperOf }, { writePdf }] = await Promise.all([
        import('$lib/formats/paper/content'),
        import('$lib/formats/paper/write-pdf')
      ]);
      const bytes = await writePdf(paperOf(result), what === 'a4' ? 'A4' : 'LETTER');
      downloadBytes(fileName(name, '.pdf'), 'application/pdf', bytes);
    } else if (what === 'markdown') {
      const { paperOf } = await import('$lib/formats/paper/content');
      const { paperMarkdown } = await import('$lib/formats/paper/markdown');
      download(fileName(name, '.md'), 'text/markdown', paperMarkdown(paperOf(result)));
    } else if (what === 'html') {
      const { paperOf } = await import('$lib/formats/paper/content');
      const { paperHtml } = await import('$lib/formats/paper/html');
      download(fileName(name, '.html'), 'text/html', paperHtml(paperOf(result)));
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
  async function save(what: Parameters<typeof saveFile>[0]): Promise<void> {
    try {
      await saveFile(what);
    } catch {
      void tell('The file could not be made: a part of the application did not load. Load the page again.');
    }
  }
  const begun = $derived(at.progress.rows > 0 || Boolean(at.project?.measured));
  const files = $derived([
    { what: 'project', label: begun ? 'Project file, with the rows done' : 'Project file', icon: FileBraces },
    ...(begun ? [{ what: 'fresh', label: 'The plan alone, to begin anew', icon: FileBraces } as const] : []),
    { what: 'a4', label: 'The plan on paper (PDF, A4)', icon: FileText },
    { what: 'letter', label: 'The plan on paper (PDF, Letter)', icon: FileText },
    { what: 'html', label: 'The plan as a page (HTML)', icon: FileText },
    { what: 'markdown', label: 'The plan as text (Markdown)', icon: FileText },
    { what: 'rows', label: 'Row table (CSV)', icon: Table2 },
    { what: 'tube', label: 'Hanging tube (SVG)', icon: Image },
    { what: 'worn', label: 'The finished thing (SVG)', icon: Image }
  ] as const);
</script>

<DropdownMenu.Root bind:open={() => true, (open) => !open && onclose()}>
  <DropdownMenu.Portal>
    <DropdownMenu.Content
      customAnchor={button}
      class="z-50 rounded-lg border border-base-300 bg-base-100 p-1 shadow-xl"
      align="end"
      sideOffset={4}
      onInteractOutside={(e) => e.target instanceof Node && button.contains(e.target) && e.preventDefault()}
      onCloseAutoFocus={(e) => {
        e.preventDefault();
        button.focus();
      }}
    >
      {#each files as file (file.what)}
        <DropdownMenu.Item
          class="flex min-h-10 cursor-pointer items-center gap-2 rounded-md px-3 data-highlighted:bg-base-200"
          onSelect={() => void save(file.what)}><file.icon class="size-4" /> {file.label}</DropdownMenu.Item
        >
      {/each}
      <DropdownMenu.Item
        class="flex min-h-10 cursor-pointer items-center gap-2 rounded-md px-3 data-highlighted:bg-base-200"
        onSelect={() => setTimeout(() => print(), 50)}><Printer class="size-4" /> Print the plan</DropdownMenu.Item
      >
    </DropdownMenu.Content>
  </DropdownMenu.Portal>
</DropdownMenu.Root>
