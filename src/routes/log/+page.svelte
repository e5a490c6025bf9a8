<script lang="ts">
  import { TUBE_FIGURES } from '$lib/ui/log/names';
  import { sum } from 'd3-array';
  import { choicesOf, type LogFilter, narrowed, NO_FILTER, readLog } from '$lib/store/log';
  import { loadKit } from '$lib/store/kit';
  import LogTable from '$lib/ui/log/LogTable.svelte';
  import { inView } from '$lib/ui/frame/in-view';
  import { paths } from '$lib/ui/paths';
  import { db } from '$lib/ui/state/db';
  import { live } from '$lib/ui/state/live.svelte';
  import { kindTitle } from '$lib/words';

  const log = live(async () => {
    const [kit, read] = await Promise.all([loadKit(db()), readLog(db(), (what) => TUBE_FIGURES[what])]);
    return { kit: kit ?? null, ...read };
  });
  let filter = $state<LogFilter>(NO_FILTER);
  const entries = $derived(narrowed(log.value?.entries ?? [], filter));
  const rows = $derived(sum(entries, (e) => e.measured.planned.rows));
  const minutes = $derived(sum(entries, (e) => e.measured.minutes ?? 0));
  const FILTERS: readonly { of: keyof LogFilter; label: string; all: string; name?: (value: string) => string }[] = [
    { of: 'kind', label: 'Kind', all: 'Every kind', name: kindTitle },
    { of: 'machine', label: 'Machine', all: 'Every machine' },
    { of: 'yarn', label: 'Yarn', all: 'Every yarn' },
    { of: 'person', label: 'Person', all: 'All people' },
    { of: 'wearer', label: 'For', all: 'Everybody', name: (who) => (who === 'baby' ? 'a baby' : who === 'child' ? 'a child' : 'an adult') }, // prettier-ignore
    { of: 'year', label: 'Year', all: 'Every year' }
  ];
  const narrow = $derived(Object.values(filter).some((value) => value !== ''));
  let near = $state(false);
</script>

<svelte:head><title>Log · Tomble</title></svelte:head>

<div class="page">
  <h1 class="text-3xl font-bold">Log</h1>
  <p class="quiet">What was made, and how far it came from the plan.</p>
  {#if !log.value}
    <p class="mt-10 text-center quiet" role="status">Opening the log …</p>
  {:else if !log.value.entries.length || !log.value.kit}
    <div class="mt-6 rounded-box border-2 border-dashed border-base-content/30 p-8">
      <h2 class="text-xl font-semibold">No finished piece yet</h2>
      <p class="mt-1 max-w-prose">
        When a piece is off the machine and closed, measure it on its Finish page. It then stands here beside what was
        planned.
      </p>
      <a class="btn mt-4 btn-primary" href={paths.bench}>To the bench</a>
    </div>
  {:else}
    {@const kit = log.value.kit}
    <div class="mt-4 flex flex-wrap items-end gap-3" role="group" aria-label="Show only">
      {#each FILTERS as { of, label, all, name } (of)}
        {@const choices = choicesOf(log.value.entries, of)}
        {#if choices.length > 1 || filter[of]}
          <label class="min-w-32 flex-1 sm:max-w-56">
            <span class="mb-0.5 block text-sm font-semibold">{label}</span>
            <select
              class="select w-full"
              bind:value={() => filter[of], (value) => (filter = { ...filter, [of]: value })}
            >
              <option value="">{all}</option>
              {#each choices as choice (choice)}<option value={choice}>{name ? name(choice) : choice}</option>{/each}
            </select>
          </label>
        {/if}
      {/each}
      {#if narrow}
        <button type="button" class="btn btn-ghost" onclick={() => (filter = NO_FILTER)}>Show all</button>
      {/if}
    </div>
    <p class="mt-3" aria-live="polite" data-testid="log-sum">
      <span class="numerals text-2xl font-bold">{entries.length}</span>
      {entries.length === 1 ? 'piece' : 'pieces'}{narrow ? ` of ${log.value.entries.length}` : ''},
      <span class="numerals text-2xl font-bold">{rows}</span>
      rows{#if minutes}, <span class="numerals text-2xl font-bold">{Math.round(minutes)}</span> minutes{/if}
    </p>
    <div class="mt-3"><LogTable {entries} {kit} /></div>
    <!-- Charts and what draws them come when they are scrolled to. -->
    <div class="mt-6 min-h-64" {@attach inView(() => (near = true))}>
      {#if near}
        {#await import('$lib/ui/log/LogCharts.svelte') then { default: LogCharts }}
          <LogCharts {entries} rows={log.value.rows} {kit} />
        {/await}
      {/if}
    </div>
  {/if}
</div>
