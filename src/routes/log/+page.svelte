<script lang="ts">
  import { sum } from 'd3-array';
  import { format } from 'date-fns/format';
  import Trash from '@lucide/svelte/icons/trash';
  import { keeping } from '$lib/ui/frame/keeping';
  import { tell } from '$lib/ui/frame/tell.svelte';
  import { showLength } from '$lib/core/quantity';
  import { finishedScene } from '$lib/draw/finished';
  import { loadKit } from '$lib/store/kit';
  import { removeProject, restoreProject } from '$lib/store/bin';
  import { planProject } from '$lib/store/projects';
  import type { Project } from '$lib/store/records/project';
  import HangingTube from '$lib/ui/picture/HangingTube.svelte';
  import ScenePicture from '$lib/ui/picture/ScenePicture.svelte';
  import { paths } from '$lib/ui/paths';
  import { db } from '$lib/ui/state/db';
  import { live } from '$lib/ui/state/live.svelte';

  const log = live(async () => {
    const [kit, projects] = await Promise.all([loadKit(db()), db().projects.toArray()]);
    const done = projects.filter((p) => p.measured !== null && !p.deletedAt);
    const entries = done
      .sort((a, b) => b.measured!.at.localeCompare(a.measured!.at))
      .map((project) => {
        const planned = kit ? planProject(kit, project) : null;
        return { project, measured: project.measured!, result: planned?.ok ? planned.value : null };
      });
    return { units: kit?.habits.units ?? ('metric' as const), entries };
  });
  async function remove(project: Project): Promise<void> {
    if (!(await keeping(() => removeProject(db(), project.id)))) return;
    void tell(`Deleted: ${project.brief.name}`, {
      label: 'Undo',
      onClick: () => void keeping(() => restoreProject(db(), project.id))
    });
  }
  /** Longer or shorter than planned, in words. */
  function off(measured: number, planned: number): string {
    const percent = Math.round((measured / planned - 1) * 100);
    return percent === 0 ? 'as planned' : `${Math.abs(percent)} % ${percent > 0 ? 'over' : 'under'} plan`;
  }
</script>

<svelte:head><title>Log · Tomble</title></svelte:head>

<div class="page">
  <h1 class="text-3xl font-bold">Log</h1>
  <p class="quiet">What was made, and how far it came from the plan.</p>
  {#if !log.value}
    <p class="mt-10 text-center quiet" role="status">Opening the log …</p>
  {:else if !log.value.entries.length}
    <div class="mt-6 rounded-box border-2 border-dashed border-base-content/30 p-8">
      <h2 class="text-xl font-semibold">No finished piece yet</h2>
      <p class="mt-1 max-w-prose">
        When a piece is off the machine and closed, measure it on its Finish page. It then stands here beside what was
        planned.
      </p>
      <a class="btn mt-4 btn-primary" href={paths.bench}>To the bench</a>
    </div>
  {:else}
    {@const { units, entries } = log.value}
    {@const rows = sum(entries, (e) => e.measured.planned.rows)}
    {@const minutes = sum(entries, (e) => e.measured.minutes ?? 0)}
    <p class="mt-3">
      <span class="numerals text-2xl font-bold">{entries.length}</span>
      {entries.length === 1 ? 'piece' : 'pieces'}, <span class="numerals text-2xl font-bold">{rows}</span>
      rows{#if minutes}, <span class="numerals text-2xl font-bold">{Math.round(minutes)}</span> minutes{/if}
    </p>
    <ol class="mt-5 space-y-4">
      {#each entries as { project, measured: m, result } (project.id)}
        {@const scene = result ? finishedScene(result, 260, 210, false) : null}
        <li
          class="grid grid-cols-[4rem_minmax(0,1fr)] gap-x-5 gap-y-3 sheet p-4 sm:grid-cols-[4rem_8rem_minmax(0,1fr)_auto_auto_auto]"
        >
          <div class="h-32 max-sm:row-span-2">
            {#if result}<HangingTube {result} slim />{/if}
          </div>
          <div class="self-center max-sm:hidden">
            {#if scene}<ScenePicture {scene} class="w-full" />{/if}
          </div>
          <div class="min-w-0 self-center">
            <h2 class="text-lg font-semibold">
              <a class="hover:underline" href={paths.plan(project.id)}>{project.brief.name}</a>
            </h2>
            <p class="text-sm quiet">
              {format(new Date(m.at), 'd MMMM yyyy')} · {m.planned.rows} rows on {m.planned.machine} · {m.planned.yarns.join(
                ' and '
              )}{m.minutes ? ` · ${Math.round(m.minutes)} min` : ''}
            </p>
            {#if m.note}<p class="mt-1">{m.note}</p>{/if}
          </div>
          {#each [{ label: 'Length', got: m.lengthMm, plan: m.planned.lengthMm }, { label: 'Flat width', got: m.flatWidthMm, plan: m.planned.flatWidthMm }] as entry (entry.label)}
            <div class="min-w-28 self-center max-sm:col-start-2">
              <p class="text-sm quiet">{entry.label}</p>
              {#if entry.got === null}
                <p>not measured</p>
              {:else}
                <p class="numerals text-xl font-semibold">{showLength(entry.got, units)}</p>
                <p class="text-sm">{off(entry.got, entry.plan)}, {showLength(entry.plan, units)}</p>
              {/if}
            </div>
          {/each}
          <div class="flex items-center gap-1 max-sm:col-start-2">
            <a class="btn btn-ghost" href={paths.finish(project.id)}>Change</a>
            <button
              type="button"
              class="btn btn-square btn-ghost"
              aria-label="Delete {project.brief.name}"
              onclick={() => remove(project)}><Trash class="size-4" /></button
            >
          </div>
        </li>
      {/each}
    </ol>
  {/if}
</div>
