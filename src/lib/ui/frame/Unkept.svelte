<script lang="ts">
  import { yarnName } from '$lib/core/kit';
  import type { Departure } from '$lib/core/read';
  import { whyRefused } from '$lib/store/why';
  import { optionLabels } from '$lib/words';
  import { REFUSED } from '$lib/ui/frame/refusals';
  import { fileName, download } from '../download';
  import type { ProjectState } from '../state/project.svelte';

  let { at }: { at: ProjectState } = $props();
  const OWN: Readonly<Record<string, string>> = {
    name: 'Name',
    machineId: 'Machine',
    hole: 'Tension hole',
    fingers: 'Finger tension',
    strands: 'Strands',
    pompom: 'Pompoms',
    ownSteps: 'Your own steps'
  };
  const DEPARTS: Readonly<Record<Departure['what'], string>> = {
    machine: 'This piece hangs on another machine.',
    pins: 'This piece hangs on other pins.',
    shape: 'These rows are knitted in another shape.',
    piece: 'This piece is knitted already.',
    yarn: 'These rows are knitted in another yarn.',
    shorter: 'More is knitted than the plan would have.'
  };
  const yarn = (id: string): string => {
    const found = at.kit?.yarns.find((y) => y.id === id);
    return found ? yarnName(found) : 'a yarn that is gone';
  };
  function talk(departs: Departure): string {
    const { rows } = at.progress;
    if (departs.what === 'yarn')
      return `Row ${departs.row} of ${rows} is ${yarn(departs.knitted)}; the plan would say ${yarn(departs.planned)}.`;
    if (departs.what === 'shorter') return `${rows} rows are knitted; the plan would end after ${departs.rows}.`;
    return `${rows} ${rows === 1 ? 'row is' : 'rows are'} knitted; the plan would differ from row ${departs.row}.`;
  }
  const label = (field: string): string =>
    field.startsWith('options.')
      ? optionLabels(at.project!.brief.kind, field.slice('options.'.length)).title
      : (OWN[field] ?? field);

  async function saveFile(): Promise<void> {
    if (!at.project || !at.result) return;
    const { writeProjectFile } = await import('$lib/formats/project-file');
    const name = fileName(at.project.brief.name, '.tomble.json');
    download(name, 'application/json', writeProjectFile(at.project, at.result, at.events));
  }
</script>

{#if at.refused}
  <div class="border-b border-error bg-error/8 print:hidden" role="alert">
    <div class="mx-auto flex max-w-[110rem] flex-wrap items-center gap-x-4 gap-y-2 px-4 py-2">
      <p class="min-w-64 flex-1">
        <strong>Not kept yet: the last change.</strong>
        {REFUSED[whyRefused(at.refused)]} It stays on this screen and everything can be read; save the project as a file,
        make room, and try again.
      </p>
      <button type="button" class="btn btn-primary btn-sm" onclick={saveFile}>Save as a file</button>
      <button type="button" class="btn btn-quiet btn-sm" onclick={() => at.retry()}>Try again</button>
    </div>
  </div>
{/if}
{#if at.collisions.length}
  <div class="border-b border-warning bg-warning/15 print:hidden" role="alert">
    <div class="mx-auto flex max-w-[110rem] flex-wrap items-center gap-x-4 gap-y-2 px-4 py-2">
      <p class="min-w-64 flex-1">
        <strong>Changed in two windows at once: {at.collisions.map(({ field }) => label(field)).join(', ')}.</strong>
        What you set here stands; the other window's version is one undo away.
      </p>
      <button type="button" class="btn btn-quiet btn-sm" onclick={() => at.undo()}>Take the other</button>
      <button type="button" class="btn btn-quiet btn-sm" onclick={() => (at.collisions = [])}>Keep this one</button>
    </div>
  </div>
{/if}
{#if at.asked}
  {@const { go, departs } = at.asked}
  <div class="sticky top-16 z-10 border-b border-warning bg-base-100 shadow-md print:hidden" role="alert">
    <div class="mx-auto flex max-w-[110rem] flex-wrap items-center gap-x-4 gap-y-2 bg-warning/15 px-4 py-2">
      <p class="min-w-64 flex-1">
        <strong>{DEPARTS[departs.what]}</strong>
        {talk(departs)} What hangs on the machine does not change by that: unravel it, or begin a new project for the other
        plan.
      </p>
      <button type="button" class="btn btn-primary btn-sm" onclick={() => (at.asked = null)}
        >Leave it as it hangs</button
      >
      <button type="button" class="btn btn-quiet btn-sm" onclick={() => go()}>Change the plan all the same</button>
    </div>
  </div>
{/if}
