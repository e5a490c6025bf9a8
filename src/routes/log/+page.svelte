<script lang="ts">
  import { format } from 'date-fns/format';
  import Trash2 from '@lucide/svelte/icons/trash-2';
  import { toast } from 'svelte-sonner';
  import { showLength } from '$lib/core/quantity';
  import { loadKit } from '$lib/store/kit';
  import { removeProject, restoreProject } from '$lib/store/projects';
  import type { Project } from '$lib/store/records/project';
  import { paths } from '$lib/ui/paths';
  import { db } from '$lib/ui/state/db';
  import { live } from '$lib/ui/state/live.svelte';

  const log = live(async () => {
    const [kit, projects] = await Promise.all([loadKit(db()), db().projects.toArray()]);
    const done = projects.filter((p) => p.measured !== null && !p.deletedAt);
    return { units: kit?.habits.units ?? ('metric' as const), done: done.sort((a, b) => b.measured!.at.localeCompare(a.measured!.at)) };
  });
  async function remove(project: Project): Promise<void> {
    await removeProject(db(), project.id);
    toast(`Deleted: ${project.brief.name}`, { action: { label: 'Undo', onClick: () => void restoreProject(db(), project.id) } });
  }
  /** Longer or shorter than planned, in words. */
  function off(measured: number, planned: number): string {
    const percent = Math.round((measured / planned - 1) * 100);
    return percent === 0 ? 'as planned' : `${Math.abs(percent)} % ${percent > 0 ? 'over' : 'under'} plan`;
  }
</script>

<svelte:head><title>Log · Tomble</title></svelte:head>

<div class="mx-auto max-w-[70rem] px-4 py-6">
  <h1 class="text-3xl font-bold">Log</h1>
  <p class="quiet">What was made, and how far it came from the plan.</p>
  {#if !log.value}
    <p class="quiet mt-10 text-center" role="status">Opening the log …</p>
  {:else if !log.value.done.length}
    <div class="border-base-content/30 rounded-box mt-6 border-2 border-dashed p-8">
      <h2 class="text-xl font-semibold">No finished piece yet</h2>
      <p class="mt-1 max-w-prose">When a piece is off the machine and closed, measure it on its Finish page. It then stands here beside what was planned.</p>
      <a class="btn btn-primary mt-4" href={paths.bench}>To the bench</a>
    </div>
  {:else}
    {@const { units, done } = log.value}
    <ol class="mt-5 space-y-4">
      {#each done as project (project.id)}
        {@const m = project.measured!}
        <li class="bg-base-100 border-base-300 rounded-box grid gap-x-6 gap-y-2 border p-4 sm:grid-cols-[minmax(0,1fr)_auto_auto_auto]">
          <div class="min-w-0">
            <h2 class="text-lg font-semibold"><a class="hover:underline" href={paths.plan(project.id)}>{project.brief.name}</a></h2>
            <p class="quiet text-sm">{format(new Date(m.at), 'd MMMM yyyy')} · {m.planned.rows} rows on {m.planned.machine} · {m.planned.yarns.join(' and ')}{m.minutes ? ` · ${Math.round(m.minutes)} min` : ''}</p>
            {#if m.note}<p class="mt-1">{m.note}</p>{/if}
          </div>
          {#each [{ label: 'Length', got: m.lengthMm, plan: m.planned.lengthMm }, { label: 'Flat width', got: m.flatWidthMm, plan: m.planned.flatWidthMm }] as entry (entry.label)}
            <div class="min-w-28">
              <p class="quiet text-sm">{entry.label}</p>
              {#if entry.got === null}
                <p>not measured</p>
              {:else}
                <p class="numerals text-xl font-semibold">{showLength(entry.got, units)}</p>
                <p class="text-sm">{off(entry.got, entry.plan)}, {showLength(entry.plan, units)}</p>
              {/if}
            </div>
          {/each}
          <div class="flex items-start gap-1">
            <a class="btn btn-ghost" href={paths.finish(project.id)}>Change</a>
            <button type="button" class="btn btn-ghost btn-square" aria-label="Delete {project.brief.name}" onclick={() => remove(project)}><Trash2 class="size-4" /></button>
          </div>
        </li>
      {/each}
    </ol>
  {/if}
</div>
