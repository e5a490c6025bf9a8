<script lang="ts">
  import { removeOne } from '$lib/store/delete';
  import { deleting } from '$lib/ui/frame/deleting';
  import CalendarDown from '@lucide/svelte/icons/calendar-arrow-down';
  import FileDown from '@lucide/svelte/icons/file-down';
  import Trash from '@lucide/svelte/icons/trash';
  import { format } from 'date-fns/format';
  import { formatISO } from 'date-fns/formatISO';
  import { parseISO } from 'date-fns/parseISO';
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { minutesLeft, trackOf, workCount } from '$lib/core/read';
  import { ballEnds, doneOn, evenings, shoppingList } from '$lib/core/series';
  import { yarnName } from '$lib/core/kit';
  import { seriesCsv, type SeriesLine } from '$lib/formats/series-csv';
  import { loadKit } from '$lib/store/kit';
  import { planOf } from '$lib/store/plans';
  import { changeSeries, readSeries } from '$lib/store/series';
  import { download, fileName } from '$lib/ui/download';
  import { keeping } from '$lib/ui/frame/keeping';
  import EveningsField from '$lib/ui/series/EveningsField.svelte';
  import ShoppingTable from '$lib/ui/series/ShoppingTable.svelte';
  import ThingsTable from '$lib/ui/series/ThingsTable.svelte';
  import { paths } from '$lib/ui/paths';
  import { db } from '$lib/ui/state/db';
  import { live } from '$lib/ui/state/live.svelte';

  const id = $derived(page.params.id!);
  const today = formatISO(new Date(), { representation: 'date' });
  const read = live(async () => {
    const [kit, found] = await Promise.all([loadKit(db()), readSeries(db(), id)]);
    return { kit: kit ?? null, found };
  });
  const kit = $derived(read.value?.kit ?? null);
  const series = $derived(read.value?.found?.series ?? null);
  /** Every thing with its plan, how far it is, and the minutes that are left of it. */
  const things = $derived.by(() => {
    if (!kit) return [];
    return (read.value?.found?.members ?? []).map(({ project, progress }) => {
      const result = planOf(kit, project);
      const track = result ? trackOf(result) : null;
      const done = project.measured !== null;
      const rows = track?.workRows ?? 0;
      const worked = track ? workCount(track, progress.rows) : 0;
      const hands = result?.pace.finishing.value ?? 0;
      const left = done || !result || !track ? 0 : minutesLeft(track, progress.rows) + hands;
      const state = done
        ? 'finished'
        : worked === 0
          ? 'planned'
          : worked < rows
            ? `row ${worked} of ${rows}`
            : 'off the machine';
      return { project, result, done, rows, left, state };
    });
  });
  const plan = $derived(
    series
      ? evenings(
          things.map(({ project, left }) => ({ id: project.id, minutes: left })),
          { from: series.from, today, ...series.evenings }
        )
      : []
  );
  const next = $derived(things.find((t) => !t.done));
  const end = $derived(plan.at(-1)?.on ?? null);
  const late = $derived(series?.by && end && end > series.by ? series.by : null);
  const day = (on: string): string => format(parseISO(on), 'EEE d MMM yyyy');
  const nameOf = (projectId: string): string =>
    things.find((t) => t.project.id === projectId)?.project.brief.name ?? projectId;
  /** What tells a thing from the others: its own part of a name that begins with the name of the series. */
  function shortOf(name: string): string {
    const own = series && name.startsWith(series.name) ? name.slice(series.name.length).replace(/^[\s·]+/, '') : name;
    return own === name || own === '' ? name : `No. ${own}`;
  }
  const open = $derived(things.filter((t) => !t.done));
  const lines = $derived(
    kit
      ? shoppingList(
          open.flatMap(({ result }) => (result ? [result.yarnUse] : [])),
          kit.yarns
        )
      : []
  );
  /** Where balls end when the things are knitted in their order. */
  const ends = $derived.by(() => {
    if (!kit) return [];
    return lines.flatMap(({ yarnId }) => {
      const yarn = kit.yarns.find((y) => y.id === yarnId)!;
      const needs = open.flatMap(({ project, result }) => {
        const use = result?.yarnUse.find((u) => u.yarnId === yarnId);
        return use ? [{ id: project.id, metres: use.metres.value }] : [];
      });
      return ballEnds(needs, yarn.label.metres).map((e) => ({ ...e, yarn: yarnName(yarn) }));
    });
  });
  const csvLines = $derived(
    things.map(({ project, result, rows, left, state }): SeriesLine => ({
      name: project.brief.name,
      wearer: typeof project.brief.options.wearer === 'string' ? project.brief.options.wearer : '',
      yarns: result?.yarnUse.map((use) => use.name) ?? [],
      rows,
      grams: result?.yarnUse.reduce((sum, use) => sum + use.grams.value, 0) ?? 0,
      minutes: left,
      state,
      doneOn: doneOn(plan, project.id)
    }))
  );
  async function calendar(): Promise<void> {
    const { eveningsIcs } = await import('$lib/formats/evenings-ics');
    const text = eveningsIcs(series!.name, plan, series!.evenings.at, nameOf, series!.id);
    download(fileName(series!.name, '.ics'), 'text/calendar', text);
  }
  async function remove(): Promise<void> {
    const gone = series!;
    if (await deleting(`${gone.name}; its projects stay`, () => removeOne(db(), 'series', gone.id, gone.name)))
      await goto(paths.series);
  }
</script>

<svelte:head><title>{series ? series.name : 'Series'} · Tomble</title></svelte:head>

<div class="page">
  <p><a class="link text-sm" href={paths.series}>Series</a></p>
  {#if !read.value}
    <p class="mt-10 text-center quiet" role="status">Opening the series …</p>
  {:else if !series || !kit}
    <h1 class="mt-2 text-3xl font-bold">No such series</h1>
    <p class="mt-2">Nothing stands under this address; it may have been deleted.</p>
  {:else}
    <div class="flex flex-wrap items-start justify-between gap-3">
      <div class="min-w-64 flex-1">
        <h1 class="text-3xl font-bold">{series.name}</h1>
        <p class="quiet">
          {things.filter((t) => t.done).length} of {things.length} finished{series.by
            ? `, wanted by ${day(series.by)}`
            : ''}
        </p>
      </div>
      <span class="flex flex-wrap gap-2">
        <button type="button" class="btn btn-quiet" disabled={plan.length === 0} onclick={calendar}
          ><CalendarDown class="size-5" /> Calendar</button
        >
        <button
          type="button"
          class="btn btn-quiet"
          onclick={() => download(fileName(series.name, '.csv'), 'text/csv', seriesCsv(csvLines))}
          ><FileDown class="size-5" /> CSV</button
        >
        <button type="button" class="btn btn-square btn-ghost" aria-label="Delete {series.name}" onclick={remove}
          ><Trash class="size-4" /></button
        >
      </span>
    </div>
    <p
      class="mt-4 rounded-box border-2 px-4 py-3 {late
        ? 'border-warning bg-warning/15'
        : 'border-base-300 bg-base-100'}"
      role="status"
      data-testid="ends"
    >
      {#if end === null}
        Everything is done.
      {:else if late}
        At this pace the last one is done on <strong>{day(end)}</strong>, after {day(late)}: more evenings, longer ones,
        or fewer things.
      {:else}
        At this pace the last one is done on <strong>{day(end)}</strong>, in {plan.length}
        {plan.length === 1 ? 'evening' : 'evenings'}.
      {/if}
      {#if next}
        Next: <a class="link font-semibold" href={paths.plan(next.project.id)}>{shortOf(next.project.brief.name)}</a>.
      {/if}
    </p>
    <div class="mt-4 grid grid-cols-1 gap-4 xl:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
      <section class="sheet p-4" aria-label="Things">
        <h2 class="text-lg font-semibold">One after the other</h2>
        <ThingsTable {things} {next} {shortOf} {day} doneOn={(thing) => doneOn(plan, thing)} />
      </section>
      <section class="sheet p-4" aria-label="Evenings">
        <h2 class="text-lg font-semibold">Evenings</h2>
        <EveningsField
          evenings={series.evenings}
          onevenings={(e) => void keeping(() => changeSeries(db(), series.id, { evenings: e }))}
        />
        <ol class="mt-3 max-h-96 space-y-1 overflow-y-auto">
          {#each plan as evening (evening.on)}
            <li class="border-t border-base-300/60 py-1">
              <span class="font-semibold">{day(evening.on)}</span>
              <span class="block text-sm quiet"
                >{evening.parts
                  .map((p) => `${shortOf(nameOf(p.id))}, ${Math.round(p.minutes)} min${p.last ? ', done' : ''}`)
                  .join('; ')}</span
              >
            </li>
          {/each}
        </ol>
      </section>
      <section class="sheet p-4 xl:col-span-2" aria-label="Yarn for all of it">
        <h2 class="text-lg font-semibold">Yarn for what is open</h2>
        <ShoppingTable {lines} {kit} />
        {#if ends.length > 0}
          <h3 class="mt-3 font-semibold">Where balls end</h3>
          <p class="text-sm quiet">A join with two tails; nearer the marker or inside it is never seen.</p>
          <ul class="mt-1 columns-1 text-sm md:columns-2">
            {#each ends as e (`${e.yarn} ${e.ball}`)}
              <li>
                {e.yarn}, ball {e.ball}: in {shortOf(nameOf(e.id))}, after {Math.round(e.share * 100)} % of its yarn
              </li>
            {/each}
          </ul>
        {/if}
      </section>
    </div>
  {/if}
</div>
