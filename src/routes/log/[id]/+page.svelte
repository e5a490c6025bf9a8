<script lang="ts">
  import { deleting } from '$lib/ui/frame/deleting';
  import { TUBE_FIGURES } from '$lib/ui/log/names';
  import Repeat from '@lucide/svelte/icons/repeat';
  import Trash from '@lucide/svelte/icons/trash';
  import { format } from 'date-fns/format';
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { offBy, within } from '$lib/core/log';
  import { lessonsOf } from '$lib/core/lesson';
  import { showLength, showMass } from '$lib/core/quantity';
  import { removeProject } from '$lib/store/delete';
  import { eventsOf } from '$lib/store/events';
  import { loadKit } from '$lib/store/kit';
  import { entryOf, rowTimes } from '$lib/store/log';
  import { planOf } from '$lib/store/plans';
  import { progressOf } from '$lib/store/records/crank-event';
  import PhotoStrip from '$lib/ui/finish/PhotoStrip.svelte';
  import AgainDialog from '$lib/ui/log/AgainDialog.svelte';
  import LearnedNote from '$lib/ui/log/LearnedNote.svelte';
  import { paths } from '$lib/ui/paths';
  import WornView from '$lib/ui/picture/WornView.svelte';
  import YarnDot from '$lib/ui/yarn/YarnDot.svelte';
  import { db } from '$lib/ui/state/db';
  import { live } from '$lib/ui/state/live.svelte';
  import { kindTitle, speak } from '$lib/words';

  const id = $derived(page.params.id!);
  const read = live(async () => {
    const [kit, project] = await Promise.all([loadKit(db()), db().projects.get(id)]);
    if (!kit || !project) return { entry: null };
    const events = await eventsOf(db(), project.id);
    const entry = entryOf(project, events, (what) => TUBE_FIGURES[what]);
    return { kit, entry, times: rowTimes(events), progress: progressOf(events.map(({ what }) => what)) };
  });
  const kit = $derived(read.value?.kit ?? null);
  const entry = $derived(read.value?.entry ?? null);
  const result = $derived(kit && entry ? planOf(kit, entry.project) : null);
  const say = $derived(result ? speak(result) : null);
  const lessons = $derived(kit && entry && result ? lessonsOf(kit, entry.project.id, result) : null);
  const units = $derived(kit?.habits.units ?? 'metric');
  const amount = (value: number, unit: 'mm' | 'g'): string =>
    unit === 'g' ? showMass(value, units) : showLength(value, units);
  let making = $state(false);

  /** How far off, with its sign. */
  function offWords(figure: { got: number; planned: number }): string {
    const share = offBy(figure);
    if (share === null) return '';
    const n = Math.round(1000 * share) / 10;
    return n === 0 ? 'as planned' : `${Math.abs(n)} % ${n > 0 ? 'over' : 'under'}`;
  }
  async function remove(): Promise<void> {
    const gone = entry!.project;
    if (await deleting(gone.brief.name, () => removeProject(db(), gone.id))) await goto(paths.log);
  }
</script>

<svelte:head><title>{entry ? entry.project.brief.name : 'Log'} · Tomble</title></svelte:head>

<div class="page">
  <p><a class="link text-sm" href={paths.log}>Log</a></p>
  {#if !read.value}
    <p class="mt-10 text-center quiet" role="status">Opening the entry …</p>
  {:else if !entry || !kit}
    <h1 class="mt-2 text-3xl font-bold">No such entry</h1>
    <p class="mt-2">Nothing finished stands under this address; it may have been deleted.</p>
  {:else}
    {@const { project, measured } = entry}
    <div class="flex flex-wrap items-start gap-3">
      <div class="min-w-64 flex-1">
        <h1 class="text-3xl font-bold">{project.brief.name}</h1>
        <p class="quiet">
          {kindTitle(entry.kind)}, finished {format(entry.at, 'd MMMM yyyy')}, {measured.planned.rows} rows on {entry.machine}
        </p>
      </div>
      <span class="flex flex-wrap gap-2">
        <button type="button" class="btn btn-primary" onclick={() => (making = true)}
          ><Repeat class="size-5" /> Make again</button
        >
        <a class="btn btn-quiet" href={paths.finish(project.id)}>Change</a>
        <a class="btn btn-quiet" href={paths.plan(project.id)}>Its plan</a>
        <button type="button" class="btn btn-square btn-ghost" aria-label="Delete {project.brief.name}" onclick={remove}
          ><Trash class="size-4" /></button
        >
      </span>
    </div>
    <div class="mt-5 grid grid-cols-1 gap-4 lg:grid-cols-2">
      <section class="sheet p-4" aria-label="Measured and planned">
        <h2 class="text-lg font-semibold">Measured and planned</h2>
        {#if entry.figures.length > 0}
          <div class="overflow-x-auto">
            <table class="mt-2 w-full">
              <thead>
                <tr class="text-left text-sm quiet">
                  <th class="py-1 font-normal" scope="col">Figure</th>
                  <th class="py-1 text-right font-normal" scope="col">Measured</th>
                  <th class="py-1 text-right font-normal" scope="col">Planned</th>
                  <th class="py-1 pl-3 font-normal" scope="col">Off</th>
                </tr>
              </thead>
              <tbody>
                {#each entry.figures as figure, i (i)}
                  <tr class="border-t border-base-300/60">
                    <td class="py-1.5 pr-2">{figure.label}</td>
                    <td class="py-1.5 text-right numerals font-semibold">{amount(figure.got, figure.unit)}</td>
                    <td class="py-1.5 text-right numerals">{amount(figure.planned, figure.unit)}</td>
                    <td class="py-1.5 pl-3 text-sm sm:whitespace-nowrap"
                      >{offWords(figure)}{figure.low < figure.high
                        ? within(figure)
                          ? ', as expected'
                          : ', outside its range'
                        : ''}</td
                    >
                  </tr>
                {/each}
              </tbody>
            </table>
          </div>
        {:else}
          <p class="mt-1">Nothing was measured; it is noted only.</p>
        {/if}
        {#if measured.note}<p class="mt-3 border-l-4 border-base-300 pl-3">{measured.note}</p>{/if}
      </section>
      <section class="sheet p-4" aria-label="How it looks">
        <h2 class="text-lg font-semibold">How it was planned</h2>
        {#if result}<WornView {result} />{/if}
      </section>
      {#if lessons && say && lessons.yarns.length > 0}
        <LearnedNote {lessons} {kit} {say} projectId={project.id} />
      {/if}
      <section class="sheet p-4" aria-label="How it went">
        <h2 class="text-lg font-semibold">How it went</h2>
        <dl class="mt-1 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
          {#if measured.minutes !== null}
            <dt class="quiet">Minutes in all</dt>
            <dd class="numerals">
              {Math.round(measured.minutes)}{result ? `, planned ${Math.round(result.pace.all.value)}` : ''}
            </dd>
          {/if}
          {#if entry.crankMinutes !== null}
            <dt class="quiet">At the crank</dt>
            <dd class="numerals">
              {Math.round(entry.crankMinutes)} minutes, {read.value.times?.length} rows counted here
            </dd>
          {/if}
          {#if read.value.progress && (read.value.progress.faults.length > 0 || read.value.progress.passed.length > 0)}
            <dt class="quiet">Told at the crank</dt>
            <dd>
              {read.value.progress.faults.length} things that went wrong or new balls, {read.value.progress.passed
                .length}
              steps not done in their turn
            </dd>
          {/if}
          {#if result}
            <dt class="quiet">Yarn by plan</dt>
            <dd>
              <ul>
                {#each result.yarnUse as use, i (use.yarnId)}
                  <li class="flex items-center gap-2">
                    <YarnDot hex={result.yarns[i]!.colour.hex} size={18} />{use.name}: {Math.round(use.grams.value)} g,
                    {Math.round(use.metres.value)} m
                  </li>
                {/each}
              </ul>
            </dd>
          {/if}
        </dl>
      </section>
      <div class="lg:col-span-2"><PhotoStrip projectId={project.id} /></div>
    </div>
    {#if making}<AgainDialog {project} {kit} onclose={() => (making = false)} />{/if}
  {/if}
</div>
