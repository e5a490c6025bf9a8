<script lang="ts">
  import { ALIKE_COLOURS } from '$lib/core/kit/colour';
  import { type LeftoverProject, problemOf } from '$lib/core/colour/leftovers';
  import { sectionsOf } from '$lib/core/colour';
  import { yarnName } from '$lib/core/kit';
  import type { ColourSection } from '$lib/core/plan';
  import { readCount, readNumber, wordFault } from '$lib/core/quantity';
  import type { Readings } from '$lib/core/tomble';
  import { planProject, replanned } from '$lib/store/projects';
  import { reviseProject } from '$lib/store/revise';
  import type { Project } from '$lib/store/records/project';
  import { findLeftovers, type Search } from '$lib/workers/find-leftovers';
  import type { Found, Searched, Searching } from '$lib/workers/leftovers';
  import { keeping } from '../frame/keeping';
  import { tell } from '../frame/tell.svelte';
  import { db } from '../state/db';
  import type { ProjectState } from '../state/project.svelte';
  import { live } from '../state/live.svelte';
  import YarnDot from '../yarn/YarnDot.svelte';
  import type { ColourDesk } from './desk.svelte';
  import LeftoverAnswers from './LeftoverAnswers.svelte';

  let { at, desk }: { at: ProjectState; desk: ColourDesk } = $props();
  const WANTED = 3;
  const SECONDS = 10;
  const yarns = $derived(at.kit!.yarns);
  interface Row {
    readonly on: boolean;
    readonly grams: string;
    readonly ugly: boolean;
  }
  let rows = $state.raw<Readonly<Record<string, Row>>>({});
  const rowOf = (id: string): Row => rows[id] ?? { on: false, grams: String(yarns.find((y) => y.id === id)?.stockGrams ?? ''), ugly: false }; // prettier-ignore
  const set = (id: string, change: Partial<Row>): void => void (rows = { ...rows, [id]: { ...rowOf(id), ...change } });
  let least = $state('4');
  let inOrder = $state(false);
  let mirrored = $state(false);
  let contrast = $state(true);
  let fault = $state('');
  let search = $state.raw<Search | null>(null);
  let how = $state.raw<Searching | null>(null);
  let searched = $state.raw<Searched | null>(null);
  let asked = $state.raw<{ readonly yarns: readonly string[]; readonly projects: readonly LeftoverProject[] } | null>(
    null
  );
  let along = $state.raw<readonly string[]>([]);
  // Other things that are not begun may be made from the same ends.
  const projects = live(() => db().projects.toArray());
  const others = $derived((projects.value ?? []).filter((p) => p.id !== at.project!.id && !p.measured && !p.knowledge));
  const piecesOf = (r: Readings): number[] =>
    r.plan.pieces.flatMap((piece, p) => (sectionsOf(piece).length > 0 ? [p] : []));

  function projectOf(p: Project): LeftoverProject[] {
    const planned = planProject(at.kit!, p);
    return planned.ok ? [{ id: p.id, result: planned.value, pieces: piecesOf(planned.value) }] : [];
  }
  async function begin(): Promise<void> {
    fault = '';
    const chosen = yarns.filter((y) => rowOf(y.id).on);
    const low = readCount(least, { field: 'Least height of a section', min: 1, max: 100 });
    if (!low.ok) return void (fault = wordFault(low.fault));
    if (chosen.length === 0) return void (fault = 'At least one yarn must be ticked; received none.');
    const wished = chosen.map((y) => ({ id: y.id, grams: readNumber(rowOf(y.id).grams), ugly: rowOf(y.id).ugly }));
    const wrong = chosen.find((_, i) => !((wished[i]!.grams ?? 0) > 0));
    if (wrong) return void (fault = `Grams left of ${yarnName(wrong)} must be a number above 0; received ${JSON.stringify(rowOf(wrong.id).grams)}.`); // prettier-ignore
    const own: LeftoverProject = { id: at.project!.id, result: at.result!, pieces: piecesOf(at.result!) };
    const list = [own, ...others.filter((p) => along.includes(p.id)).flatMap(projectOf)];
    const problem = problemOf(at.kit!, list, {
      yarns: wished.map((w) => ({ ...w, grams: w.grams! })),
      leastRows: low.value,
      inOrder,
      mirrored,
      contrast: contrast ? ALIKE_COLOURS : 0
    });
    [searched, how, asked] = [null, null, { yarns: chosen.map((y) => y.id), projects: list }];
    search = findLeftovers(problem, { wanted: WANTED, seconds: SECONDS }, (told) => (how = told));
    try {
      searched = await search.found;
    } catch (error) {
      if (!(error instanceof Error && error.message === 'stopped')) fault = 'The search did not start: a part of the application did not load. Load the page again.'; // prettier-ignore
    } finally {
      search = null;
    }
  }
  $effect(() => () => search?.stop());

  /** Sections of one piece of an answer. */
  const sectionsIn = (laid: Found['answer'][number]): ColourSection[] =>
    laid.map((s) => ({ yarn: asked!.yarns[s.yarn]!, rows: s.rows, locked: false }));

  async function take(found: Found): Promise<void> {
    let next = 0;
    for (const { id, pieces } of asked!.projects) {
      const colours = pieces.map((piece) => ({ piece, sections: sectionsIn(found.answer[next++]!) }));
      if (id === at.project!.id) desk.share(colours);
      else await keeping(() => reviseProject(db(), id, (p) => replanned(p, { ...p.brief, colours })));
    }
    void tell('Laid on the tube; one undo takes it back.');
  }
</script>

<h2 class="text-lg font-semibold">From leftovers</h2>
<p class="quiet">Tick what is left and weigh it. None of it runs out; joins are as few as can be.</p>
<ul class="mt-2 space-y-1" aria-label="Leftovers">
  {#each yarns as yarn (yarn.id)}
    {@const row = rowOf(yarn.id)}
    <li class="flex flex-wrap items-center gap-2">
      <label class="flex min-w-40 flex-1 items-center gap-2">
        <input
          type="checkbox"
          class="checkbox"
          checked={row.on}
          onchange={(e) => set(yarn.id, { on: e.currentTarget.checked })}
        />
        <YarnDot hex={yarn.colour.hex} size={20} />
        <span class="min-w-0">{yarnName(yarn)}</span>
      </label>
      {#if row.on}
        <label class="flex items-center gap-1 text-sm"
          ><input
            class="input h-9 w-20 text-center numerals text-base"
            inputmode="decimal"
            aria-label="Grams left of {yarnName(yarn)}"
            value={row.grams}
            oninput={(e) => set(yarn.id, { grams: e.currentTarget.value })}
          /> g</label
        >
        <label class="flex items-center gap-1 text-sm"
          ><input
            type="checkbox"
            class="checkbox checkbox-sm"
            checked={row.ugly}
            onchange={(e) => set(yarn.id, { ugly: e.currentTarget.checked })}
          /> better hidden</label
        >
      {/if}
    </li>
  {/each}
</ul>
<div class="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1 text-sm">
  <label class="flex items-center gap-1"
    >A section has at least <input
      class="input h-9 w-16 text-center numerals text-base"
      inputmode="numeric"
      bind:value={least}
    /> rows</label
  >
  <label class="flex items-center gap-1"
    ><input type="checkbox" class="checkbox checkbox-sm" bind:checked={contrast} /> neighbours plainly differ</label
  >
  <label class="flex items-center gap-1"
    ><input type="checkbox" class="checkbox checkbox-sm" bind:checked={inOrder} /> in the order of the stash</label
  >
  <label class="flex items-center gap-1"
    ><input type="checkbox" class="checkbox checkbox-sm" bind:checked={mirrored} /> the same from either end</label
  >
</div>
{#if others.length > 0}
  <details class="mt-2">
    <summary class="cursor-pointer text-sm font-semibold">Something else from the same ends</summary>
    <ul class="mt-1">
      {#each others as p (p.id)}
        <li>
          <label class="flex items-center gap-2 py-1 text-sm"
            ><input
              type="checkbox"
              class="checkbox checkbox-sm"
              checked={along.includes(p.id)}
              onchange={(e) => (along = e.currentTarget.checked ? [...along, p.id] : along.filter((id) => id !== p.id))}
            />
            {p.brief.name}</label
          >
        </li>
      {/each}
    </ul>
  </details>
{/if}
<p class="min-h-5 text-sm font-semibold text-error" aria-live="polite">{fault}</p>
<div class="flex flex-wrap items-center gap-2" role="status">
  {#if search}
    <button type="button" class="btn" onclick={() => search?.stop()}>Stop</button>
    <span class="text-sm"
      >Looking for answer {how?.answer ?? 1}{how?.gap != null && Number.isFinite(how.gap)
        ? `, at most ${Math.round(100 * how.gap)} % from the best`
        : ''} …</span
    >
  {:else}
    <button type="button" class="btn btn-primary" onclick={() => void begin()}>Find sections</button>
  {/if}
</div>
{#if searched && asked}
  <LeftoverAnswers {searched} asked={asked.yarns} {yarns} units={at.units} ontake={(found) => void take(found)} />
{/if}
