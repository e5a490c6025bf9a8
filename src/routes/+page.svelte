<script lang="ts">
  import FolderInput from '@lucide/svelte/icons/folder-input';
  import Plus from '@lucide/svelte/icons/plus';
  import { SvelteMap } from 'svelte/reactivity';
  import { toast } from 'svelte-sonner';
  import { goto } from '$app/navigation';
  import { yarnName } from '$lib/core/kit';
  import { showMass } from '$lib/core/quantity';
  import { LARGEST_FILE, readProjectFile, type ReadFile } from '$lib/formats/project-file';
  import { importProject } from '$lib/store/import';
  import { loadKit } from '$lib/store/kit';
  import { busyMachines, crankedIds, openProjects, progressThrough } from '$lib/store/bench';
  import { newProject, removeProject, restoreProject, saveProject } from '$lib/store/projects';
  import type { Progress } from '$lib/store/records/crank-event';
  import type { Project } from '$lib/store/records/project';
  import ImportDialog from '$lib/ui/bench/ImportDialog.svelte';
  import ProjectCard from '$lib/ui/bench/ProjectCard.svelte';
  import { turn } from '$lib/ui/frame/turn';
  import { paths } from '$lib/ui/paths';
  import { db } from '$lib/ui/state/db';
  import { live } from '$lib/ui/state/live.svelte';
  import YarnDot from '$lib/ui/yarn/YarnDot.svelte';

  const NOTHING_DONE: Progress = { rows: 0, ticks: 0, undoable: false };
  const kits = live(() => loadKit(db()));
  const all = live(() => openProjects(db()));
  const cranked = live(() => crankedIds(db()));
  const kit = $derived(kits.value ?? null);

  const progress = new SvelteMap<string, Progress>();
  let busy = $state.raw<ReadonlyMap<string, string>>(new Map());
  // How far things are and what hangs where is looked up bunch by bunch, the newest first: years of projects must not stop the page.
  $effect(() => {
    const [projects, events] = [all.value, cranked.value];
    if (!projects || !events || !kit) return;
    let gone = false;
    void (async () => {
      for await (const bunch of progressThrough(db(), projects)) {
        if (gone) return;
        for (const [id, far] of bunch) progress.set(id, far);
      }
      const found = await busyMachines(db(), kit);
      if (!gone) busy = found;
    })();
    return () => (gone = true);
  });

  const begun = $derived(new Set(cranked.value));
  const entries = $derived(all.value ?? []);
  const hasBegun = (id: string): boolean => begun.has(id) && (progress.get(id)?.rows ?? 1) > 0;
  const going = $derived(entries.filter(({ id }) => hasBegun(id)));
  const planned = $derived(entries.filter(({ id }) => !hasBegun(id)));
  const ready = $derived(kits.value !== undefined && all.value !== undefined && cranked.value !== undefined);
  // The ring that is free: not the one a piece hangs on.
  const free = $derived(kit?.machines.find((m) => !busy.has(m.id)) ?? kit?.machines[0]);

  // Cards further down are added a few at a time.
  const FIRST = 16;
  let shown = $state(FIRST);
  $effect(() => {
    if (shown >= entries.length) return;
    void turn().then(() => (shown += FIRST));
  });

  async function start(kindCode: string, machineId: string): Promise<void> {
    if (!kit) return;
    const project = newProject(kit, kindCode, machineId);
    await saveProject(db(), project);
    await goto(paths.plan(project.id));
  }
  async function remove(project: Project): Promise<void> {
    await removeProject(db(), project.id);
    toast(`Deleted: ${project.brief.name}`, {
      action: { label: 'Undo', onClick: () => void restoreProject(db(), project.id) }
    });
  }

  let picker: HTMLInputElement;
  let incoming = $state.raw<{ name: string; read: ReadFile } | null>(null);
  async function look(file: File | undefined): Promise<void> {
    if (!file) return;
    // A huge file is refused by its size alone, before its text is loaded.
    const text = file.size > LARGEST_FILE ? 'x'.repeat(LARGEST_FILE + 1) : await file.text();
    incoming = { name: file.name, read: readProjectFile(text) };
    picker.value = '';
  }
  async function take(): Promise<void> {
    if (!incoming?.read.ok) return;
    const id = await importProject(db(), incoming.read.file);
    incoming = null;
    await goto(paths.plan(id));
  }
  const sections = $derived([
    { title: 'On the machine', entries: going.slice(0, shown), large: going.length === 1 },
    { title: 'Planned', entries: planned.slice(0, Math.max(0, shown - going.length)), large: false }
  ]);
</script>

<svelte:head><title>Bench · Tomble</title></svelte:head>

<div class="mx-auto max-w-[86rem] px-4 py-6">
  <div class="flex flex-wrap items-end justify-between gap-3">
    <h1 class="text-3xl font-bold">Bench</h1>
    <div class="flex flex-wrap gap-2">
      <input
        bind:this={picker}
        type="file"
        accept=".json,application/json"
        class="sr-only"
        tabindex="-1"
        aria-label="Project file"
        onchange={(e) => look(e.currentTarget.files?.[0])}
      />
      <button type="button" class="btn border-base-content/25 bg-base-100" onclick={() => picker.click()}
        ><FolderInput class="size-4" /> Open a project file</button
      >
      <a class="btn btn-primary" href={paths.choose}><Plus class="size-4" /> Begin something new</a>
    </div>
  </div>

  {#if kits.error ?? all.error ?? cranked.error}
    <p class="mt-6 border-l-4 border-error p-3" role="alert">
      The bench cannot be read: the browser's storage does not answer. Load the page again.
    </p>
  {:else if !ready}
    <p class="mt-10 text-center quiet" role="status">Looking what is on the bench …</p>
  {:else}
    <div class="mt-5 grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <div class="space-y-8">
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
                    ondelete={() => remove(project)}
                  />
                {/each}
              </div>
            </section>
          {/if}
        {/each}
        {#if !entries.length}
          <section class="rounded-box border-2 border-dashed border-base-content/30 p-8">
            <h2 class="text-xl font-semibold">Nothing on the pins</h2>
            <p class="mt-1 max-w-prose">
              Start with a hat: you get a plan you can knit at once, then you say for which head, in which colours.
            </p>
            <div class="mt-4 flex flex-wrap gap-2">
              {#if free}<button type="button" class="btn btn-primary" onclick={() => start('lined-hat', free.id)}
                  ><Plus class="size-4" /> Plan a lined hat</button
                >{/if}
              <a class="btn" href={paths.choose}>See everything else</a>
            </div>
          </section>
        {/if}
      </div>
      {#if kit}
        <aside class="space-y-6" aria-label="At hand">
          <section>
            <h2 class="mb-2 text-xl font-semibold">Machines</h2>
            <ul class="divide-y divide-base-300">
              {#each kit.machines as machine (machine.id)}
                <li class="flex items-baseline gap-3 py-2">
                  <span class="w-9 text-right numerals text-xl font-bold">{machine.pins}</span>
                  <span class="min-w-0 flex-1"
                    ><span class="block font-medium">{machine.name}</span><span class="block truncate text-sm quiet"
                      >{busy.get(machine.id) ?? 'free'}{machine.counter === 'none' ? ', no counter' : ''}</span
                    ></span
                  >
                </li>
              {/each}
            </ul>
          </section>
          <section>
            <h2 class="mb-2 text-xl font-semibold">Yarns</h2>
            <ul class="divide-y divide-base-300">
              {#each kit.yarns.slice(0, 12) as yarn (yarn.id)}
                <li class="flex items-center gap-3 py-1.5">
                  <YarnDot hex={yarn.colour.hex} size={22} /><span class="min-w-0 flex-1 truncate"
                    >{yarnName(yarn)}</span
                  ><span class="numerals text-sm quiet"
                    >{yarn.stockGrams === null ? '' : showMass(yarn.stockGrams, kit.habits.units)}</span
                  >
                </li>
              {/each}
            </ul>
            {#if kit.yarns.length > 12}<p class="mt-1 text-sm quiet">and {kit.yarns.length - 12} more</p>{/if}
          </section>
        </aside>
      {/if}
    </div>
  {/if}
</div>

{#if incoming}<ImportDialog
    name={incoming.name}
    read={incoming.read}
    ontake={take}
    onclose={() => (incoming = null)}
  />{/if}
