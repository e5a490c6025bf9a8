<script lang="ts">
  import { format } from 'date-fns/format';
  import { parseISO } from 'date-fns/parseISO';
  import { loadKit } from '$lib/store/kit';
  import DrawUpForm from '$lib/ui/series/DrawUpForm.svelte';
  import { paths } from '$lib/ui/paths';
  import { db } from '$lib/ui/state/db';
  import { live } from '$lib/ui/state/live.svelte';

  const read = live(async () => {
    const [kit, projects, series] = await Promise.all([loadKit(db()), db().projects.toArray(), db().series.toArray()]);
    const there = new Map(projects.map((p) => [p.id, p]));
    return {
      kit: kit ?? null,
      projects: [...there.values()].sort((a, b) => b.updatedAt.localeCompare(a.updatedAt)),
      series: series
        .sort((a, b) => b.createdAt.localeCompare(a.createdAt))
        .map((s) => {
          const own = s.projectIds.flatMap((id) => there.get(id) ?? []);
          return { ...s, all: own.length, done: own.filter((p) => p.measured !== null).length };
        })
    };
  });
</script>

<svelte:head><title>Series · Tomble</title></svelte:head>

<div class="page">
  <div class="flex flex-wrap items-end justify-between gap-3">
    <div>
      <h1 class="text-3xl font-bold">Series</h1>
      <p class="quiet">The same thing many times: yarns shared out, evenings laid out.</p>
    </div>
    <a class="btn btn-quiet" href={paths.shopping}>Shopping list</a>
  </div>
  {#if !read.value}
    <p class="mt-10 text-center quiet" role="status">Opening the series …</p>
  {:else}
    {#if read.value.series.length > 0}
      <ul class="mt-5 grid gap-3 md:grid-cols-2">
        {#each read.value.series as s (s.id)}
          <li class="sheet p-4">
            <h2 class="text-lg font-semibold"><a class="hover:underline" href={paths.batch(s.id)}>{s.name}</a></h2>
            <p class="quiet">
              {s.done} of {s.all} finished{s.by ? `, by ${format(parseISO(s.by), 'd MMMM yyyy')}` : ''}
            </p>
            <progress class="progress mt-2 w-full" value={s.done} max={Math.max(1, s.all)} aria-label="Finished"
            ></progress>
          </li>
        {/each}
      </ul>
    {/if}
    <section class="mt-6 sheet p-4 sm:p-6" aria-label="Draw up a series">
      <h2 class="mb-3 text-xl font-semibold">Draw up a series</h2>
      {#if read.value.kit}<DrawUpForm kit={read.value.kit} projects={read.value.projects} />{/if}
    </section>
  {/if}
</div>
