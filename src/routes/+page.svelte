<script lang="ts">
  import FolderInput from '@lucide/svelte/icons/folder-input';
  import Plus from '@lucide/svelte/icons/plus';
  import { goto } from '$app/navigation';
  import type { Read } from '$lib/core/tomble';
  import type { ReadFile } from '$lib/formats/project-file';
  import { crankedIds, openProjects } from '$lib/store/bench';
  import { ME } from '$lib/store/db';
  import { byName, largestFirst } from '$lib/store/order';
  import { keeping, notKept } from '$lib/ui/frame/keeping';
  import AtHand from '$lib/ui/bench/AtHand.svelte';
  import type { ToldChange } from '$lib/store/changes';
  import { paths } from '$lib/ui/paths';
  import { db } from '$lib/ui/state/db';
  import { live } from '$lib/ui/state/live.svelte';

  // The bench of a new knitter needs no plan: what plans, draws and reads files is loaded when there is something to plan,
  // draw or read.
  const found = live(async () => {
    const [machines, yarns, habits] = await Promise.all([
      db().machines.toArray(),
      db().yarns.toArray(),
      db().habits.get(ME)
    ]);
    return {
      machines: machines.sort(largestFirst),
      yarns: yarns.sort(byName),
      units: habits?.units ?? 'metric'
    };
  });
  const all = live(() => openProjects(db()));
  const newer = live(async () =>
    (await db().newer.count()) > 0 ? (await import('$lib/store/newer-projects')).newerProjects(db()) : []
  );
  const cranked = live(() => crankedIds(db()));
  // Looked up once the bench is there: nobody waits for it.
  let old = $state<number | null>(null);
  $effect(() => {
    if (ready) void import('$lib/store/overdue').then(async ({ overdue }) => (old = await overdue(db())));
  });
  const projects = $derived(all.value ?? []);
  // What an update changed in kept plans is looked up then too.
  let changes = $state.raw<readonly ToldChange[]>([]);
  $effect(() => {
    if (ready) void import('$lib/store/changes').then(async ({ untold }) => (changes = await untold(db(), projects)));
  });
  const ready = $derived(found.value !== undefined && all.value !== undefined && cranked.value !== undefined);
  const failed = $derived(found.error ?? all.error ?? cranked.error);
  let hangs = $state.raw<ReadonlyMap<string, string> | null>(null);
  const turned = $derived(new Set(cranked.value));
  // Where nothing that is open was cranked, nothing hangs anywhere.
  const busy = $derived(projects.some(({ id }) => turned.has(id)) ? hangs : new Map<string, string>());
  // The ring that is free: not the one a piece hangs on.
  const free = $derived(found.value?.machines.find((m) => !busy?.has(m.id)) ?? found.value?.machines[0]);

  async function start(kindCode: string, machineId: string): Promise<void> {
    const [{ loadKit }, { newProject, saveProject }] = await Promise.all([
      import('$lib/store/kit'),
      import('$lib/store/projects')
    ]);
    const kit = await loadKit(db());
    if (!kit) return;
    const project = newProject(kit, kindCode, machineId);
    if (!(await keeping(() => saveProject(db(), project)))) return;
    await goto(paths.plan(project.id));
  }

  let picker: HTMLInputElement;
  let incoming = $state.raw<{ name: string; read: ReadFile; here: Read | null } | null>(null);
  async function look(file: File | undefined): Promise<void> {
    if (!file) return;
    const { openProjectFile } = await import('$lib/workers/read-project-file');
    const read = await openProjectFile(file);
    const { isBegun, plannedHere } = await import('$lib/store/import');
    // Where it cannot be tried out, for want of room, it can still be looked at.
    const here = read.ok && !isBegun(read.file) ? await plannedHere(db(), read.file).catch(() => null) : null;
    incoming = { name: file.name, read, here };
    picker.value = '';
  }
  async function take(keep: boolean): Promise<string> {
    if (!incoming?.read.ok) return '';
    const { importProject } = await import('$lib/store/import');
    const { file } = incoming.read;
    let id = '';
    const fault = await notKept(async () => (id = await importProject(db(), file, new Date(), keep)));
    if (fault) return fault;
    incoming = null;
    await goto(paths.plan(id));
    return '';
  }
</script>

<svelte:head><title>Bench · Tomble</title></svelte:head>

<div class="page">
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
      <button type="button" class="btn btn-quiet" onclick={() => picker.click()}
        ><FolderInput class="size-4" /> Open a project file</button
      >
      <a class="btn btn-primary" href={paths.choose}><Plus class="size-4" /> Begin something new</a>
    </div>
  </div>

  {#if failed}
    <p class="mt-6 border-l-4 border-error p-3" role="alert">
      The bench cannot be read: the browser's storage does not answer. Load the page again.
    </p>
  {:else if !ready}
    <p class="mt-10 text-center quiet" role="status">Looking what is on the bench …</p>
  {:else}
    {#if old !== null}
      <p class="mt-4 flex flex-wrap items-center gap-x-3 gap-y-1 border-l-4 border-warning bg-warning/15 px-3 py-2">
        What you did in the last {old} days is in no backup.
        <a class="font-semibold underline" href={paths.backup}>Back up</a>
      </p>
    {/if}
    {#if changes.length}
      {#await import('$lib/ui/bench/ChangedPlans.svelte') then { default: ChangedPlans }}
        <ChangedPlans {changes} onread={() => (changes = [])} />
      {/await}
    {/if}
    <div class="mt-5 grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <div class="space-y-8">
        {#if projects.length}
          {#await import('$lib/ui/bench/BenchCards.svelte') then { default: BenchCards }}
            <BenchCards {projects} cranked={cranked.value ?? []} onbusy={(now) => (hangs = now)} />
          {/await}
        {/if}
        {#if newer.value?.length}
          {#await import('$lib/ui/bench/NewerCards.svelte') then { default: NewerCards }}
            <NewerCards projects={newer.value} />
          {/await}
        {/if}
        {#if !projects.length}
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
        {#if !projects.length && found.value}
          {@const { machines, yarns } = found.value}
          {#await import('$lib/ui/bench/FirstRun.svelte') then { default: FirstRun }}
            <FirstRun {machines} {yarns} />
          {/await}
        {/if}
      </div>
      {#if found.value}<AtHand {...found.value} {busy} />{/if}
    </div>
  {/if}
</div>

{#if incoming}
  {@const { name, read, here } = incoming}
  {#await import('$lib/ui/bench/ImportDialog.svelte') then { default: ImportDialog }}
    <ImportDialog {name} {read} {here} ontake={take} onclose={() => (incoming = null)} />
  {/await}
{/if}
