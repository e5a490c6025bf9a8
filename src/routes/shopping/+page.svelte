<script lang="ts">
  import { FORMULA } from '$lib/formats/formula';
  import Papa from 'papaparse';
  import { yarnName } from '$lib/core/kit';
  import type { YarnUse } from '$lib/core/read';
  import { shoppingList } from '$lib/core/series';
  import { loadKit } from '$lib/store/kit';
  import { planOf } from '$lib/store/plans';
  import { inBunches } from '$lib/ui/frame/turn';
  import { download } from '$lib/ui/download';
  import ShoppingTable from '$lib/ui/series/ShoppingTable.svelte';
  import { paths } from '$lib/ui/paths';
  import { db } from '$lib/ui/state/db';
  import { live } from '$lib/ui/state/live.svelte';

  const read = live(async () => {
    const [kit, projects] = await Promise.all([loadKit(db()), db().projects.orderBy('updatedAt').reverse().toArray()]);
    return { kit: kit ?? null, projects: projects.filter((p) => p.measured === null) };
  });
  let left = $state.raw<readonly string[]>([]);
  const kit = $derived(read.value?.kit ?? null);
  const chosen = $derived((read.value?.projects ?? []).filter((p) => !left.includes(p.id)));
  /** What each plan uses; years of plans are made a few at a time, and the page stays alive. */
  let uses = $state.raw<ReadonlyMap<string, readonly YarnUse[]>>(new Map());
  $effect(() => {
    const [own, all] = [kit, read.value?.projects ?? []];
    if (!own) return;
    let gone = false;
    void inBunches(
      all,
      (project) => planOf(own, project)?.yarnUse ?? [],
      () => gone
    ).then((found) => {
      if (found) uses = new Map(all.map((project, i) => [project.id, found[i]!]));
    });
    return () => (gone = true);
  });
  const lines = $derived(
    kit
      ? shoppingList(
          chosen.map((p) => uses.get(p.id) ?? []),
          kit.yarns
        )
      : []
  );
  const toggle = (id: string): void => {
    left = left.includes(id) ? left.filter((l) => l !== id) : [...left, id];
  };
  const all = (on: boolean): void => {
    left = on ? [] : (read.value?.projects ?? []).map((p) => p.id);
  };
  function asCsv(): string {
    return Papa.unparse(
      lines.map((line) => ({
        yarn: yarnName(kit!.yarns.find((y) => y.id === line.yarnId)!),
        'needed g': Math.round(line.grams),
        'needed m': Math.ceil(line.metres),
        'reserve g': Math.round(line.reserveGrams),
        'at hand g': line.stockGrams ?? '',
        'balls to buy': line.balls
      })),
      { escapeFormulae: FORMULA }
    );
  }
</script>

<svelte:head><title>Shopping list · Tomble</title></svelte:head>

<div class="page">
  <p><a class="link text-sm" href={paths.series}>Series</a></p>
  <h1 class="text-3xl font-bold">Shopping list</h1>
  <p class="quiet">What the chosen projects need together, with a reserve up to the upper end of every range.</p>
  {#if !read.value || !kit}
    <p class="mt-10 text-center quiet" role="status">Opening the plans …</p>
  {:else}
    <div class="mt-5 grid grid-cols-1 gap-4 lg:grid-cols-[minmax(0,22rem)_minmax(0,1fr)]">
      <section class="sheet p-4" aria-label="For these">
        <h2 class="text-lg font-semibold">For these</h2>
        <p class="mb-2 flex gap-2">
          <button type="button" class="btn btn-quiet btn-sm" onclick={() => all(true)}>All</button>
          <button type="button" class="btn btn-quiet btn-sm" onclick={() => all(false)}>None</button>
        </p>
        <ul class="max-h-[60dvh] overflow-y-auto">
          {#each read.value.projects as project (project.id)}
            <li>
              <label class="flex min-h-10 cursor-pointer items-center gap-2">
                <input
                  type="checkbox"
                  class="size-4 accent-primary"
                  checked={!left.includes(project.id)}
                  onchange={() => toggle(project.id)}
                />
                {project.brief.name}
              </label>
            </li>
          {/each}
        </ul>
      </section>
      <section class="sheet p-4" aria-label="Yarn">
        <div class="flex items-center justify-between gap-3">
          <h2 class="text-lg font-semibold" aria-live="polite">
            {chosen.length}
            {chosen.length === 1 ? 'project' : 'projects'}
          </h2>
          <button
            type="button"
            class="btn btn-quiet btn-sm"
            disabled={lines.length === 0}
            onclick={() => download('shopping-list.csv', 'text/csv', asCsv())}>Save as CSV</button
          >
        </div>
        {#if lines.length > 0}
          <ShoppingTable {lines} {kit} />
        {:else}
          <p class="mt-2">
            {uses.size === 0 && read.value.projects.length > 0 ? 'Adding up …' : 'Choose something that is knitted.'}
          </p>
        {/if}
      </section>
    </div>
  {/if}
</div>
