<script lang="ts">
  import { SvelteMap } from 'svelte/reactivity';
  import { removeProject } from '$lib/store/delete';
  import { hang, progressThrough } from '$lib/store/busy';
  import { loadKit } from '$lib/store/kit';
  import type { Progress } from '$lib/store/records/crank-event';
  import type { Project } from '$lib/store/records/project';
  import { turn } from '../frame/turn';
  import { db } from '../state/db';
  import { live } from '../state/live.svelte';
  import DialogFrame from '../frame/DialogFrame.svelte';
  import { deleting } from '../frame/deleting';
  import ProjectCard from './ProjectCard.svelte';

  interface Props {
    /** What is open, the one that was changed last first. */
    projects: readonly Project[];
    /** Ids of those that anything happened to at the crank. */
    cranked: readonly string[];
    onbusy: (busy: ReadonlyMap<string, string>) => void;
  }
  let { projects, cranked, onbusy }: Props = $props();

  const NOTHING_DONE: Progress = { rows: 0, ticks: 0, faults: [], passed: [], undoable: false };
  const kits = live(() => loadKit(db()));
  const kit = $derived(kits.value ?? null);
  const progress = new SvelteMap<string, Progress>();
  // How far things are and what hangs where is looked up bunch by bunch, the newest first: years of projects must not stop the page.
  $effect(() => {
    const [own, open] = [kit, projects];
    void cranked;
    if (!own) return;
    let gone = false;
    const byId = new Map(open.map((p) => [p.id, p]));
    const busy = new Map<string, string>();
    void (async () => {
      for await (const bunch of progressThrough(db(), open)) {
        if (gone) return;
        for (const [id, far] of bunch) progress.set(id, far);
        hang(busy, own, byId, bunch);
      }
      if (!gone) onbusy(busy);
    })();
    return () => (gone = true);
  });

  const begun = $derived(new Set(cranked));
  const hasBegun = (id: string): boolean => begun.has(id) && (progress.get(id)?.rows ?? 1) > 0;
  const going = $derived(projects.filter(({ id }) => hasBegun(id)));
  const planned = $derived(projects.filter(({ id }) => !hasBegun(id)));

  // Cards further down are added a few at a time: more than these would hold up a hand that scrolls meanwhile.
  const FIRST = 16;
  const MORE = 6;
  let shown = $state(FIRST);
  $effect(() => {
    if (shown >= projects.length) return;
    void turn().then(() => (shown += MORE));
  });
  const sections = $derived([
    { title: 'On the machine', entries: going.slice(0, shown), large: going.length === 1 },
    { title: 'Planned', entries: planned.slice(0, Math.max(0, shown - going.length)), large: false }
  ]);

  /** What hangs on a machine is deleted only when that is meant. */
  let asked = $state.raw<Project | null>(null);
  async function remove(project: Project): Promise<void> {
    asked = null;
    await deleting(project.brief.name, () => removeProject(db(), project.id));
  }
</script>

{#each sections as section (section.title)}
  {#if section.entries.length}
    <section aria-label={section.title}>
      <h2 class="mb-3 text-xl font-semibold">{section.title}</h2>
      <div class="grid grid-cols-1 gap-4 md:grid-cols-2">
        {#each section.entries as project (project.id)}
          <ProjectCard
            {project}
            {kit}
            progress={begun.has(project.id) ? (progress.get(project.id) ?? null) : NOTHING_DONE}
            large={section.large}
            ondelete={() => (hasBegun(project.id) ? (asked = project) : void remove(project))}
          />
        {/each}
      </div>
    </section>
  {/if}
{/each}

{#if asked}
  {@const project = asked}
  {@const rows = progress.get(project.id)?.rows ?? 0}
  <DialogFrame title="Delete {project.brief.name}?" onclose={() => (asked = null)}>
    <p>
      {rows}
      {rows === 1 ? 'row' : 'rows'} of it {rows === 1 ? 'hangs' : 'hang'} on the machine. It goes into the bin with its history
      and photographs, and can be had back for 30 days.
    </p>
    <div class="mt-5 flex flex-wrap justify-end gap-2">
      <button type="button" class="btn btn-ghost" onclick={() => (asked = null)}>Keep it</button>
      <button type="button" class="btn btn-error" onclick={() => remove(project)}>Delete</button>
    </div>
  </DialogFrame>
{/if}
