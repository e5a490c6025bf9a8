<script lang="ts">
  import { english, kindTitle, speak } from '$lib/words';
  import type { Finding } from '$lib/core/plan';
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { isKindMeant } from '$lib/words/choosing';
  import { begun } from '$lib/ui/choose/begun';
  import { FAMILIES, type Kind, KINDS, machinesFor } from '$lib/core/kinds';
  import type { Kit, Machine } from '$lib/core/kit';
  import { type Result, tryPlan } from '$lib/core/tomble';
  import { busyMachines } from '$lib/store/busy';
  import { loadKit } from '$lib/store/kit';
  import { keeping } from '$lib/ui/frame/keeping';
  import { newBrief, newProject, saveProject } from '$lib/store/projects';
  import KindCard from '$lib/ui/choose/KindCard.svelte';
  import { paths } from '$lib/ui/paths';
  import { db } from '$lib/ui/state/db';
  import { live } from '$lib/ui/state/live.svelte';

  const data = live(async () => {
    const kit = await loadKit(db());
    const [people, busy] = await Promise.all([
      db().people.toArray(),
      kit ? busyMachines(db(), kit) : new Map<string, string>()
    ]);
    return { kit, people, busy };
  });
  // What was chosen stands in the address, so that it is there again on the way back.
  const asked = page.url.searchParams;
  let personId = $state(asked.get('for') ?? '');
  let machineId = $state(asked.get('on') ?? '');
  let family = $state(asked.get('kind') ?? '');
  let typed = $state(asked.get('find') ?? '');
  function remember(): void {
    const told = Object.entries({ for: personId, on: machineId, kind: family, find: typed }).filter(
      ([, value]) => value
    );
    const query = new URLSearchParams(told).toString();
    void goto(query ? `?${query}` : page.url.pathname, { replaceState: true, keepFocus: true, noScroll: true });
  }
  const kit = $derived(data.value?.kit ?? null);
  const busy = $derived(data.value?.busy ?? new Map<string, string>());
  const person = $derived(data.value?.people.find((p) => p.id === personId));
  const body = $derived(person ?? { measures: {} });

  /** Findings that mean a ring cannot make it well; yarn and care are mended on the plan. */
  const OF_THE_RING = new Set(['wrong-ring', 'stretch-too-high', 'slips-off', 'hat-loose', 'mug-height']);
  const against = (result: Result): Finding | undefined => result.findings.find((f) => OF_THE_RING.has(f.code));

  function planned(own: Kit, kind: Kind, machine: Machine): Result | null {
    const answer = tryPlan(own, newBrief(own, kind.code, machine.id, body));
    return answer.ok ? answer.value : null;
  }
  interface Offer {
    kind: Kind;
    machine: Machine;
    result: Result | null;
    cannot: { why: string; other: Machine | null } | null;
  }
  function offer(own: Kit, kind: Kind): Offer {
    const tried = machinesFor(kind, own, [...busy.keys()]).map((machine) => {
      const result = planned(own, kind, machine);
      return { machine, result, finding: result ? against(result) : undefined };
    });
    const good = tried.find((t) => t.result && !t.finding);
    // Without a wish the best ring that can; with one that ring, and the word which other could.
    const chosen = tried.find((t) => t.machine.id === machineId) ?? good ?? tried[0]!;
    const { machine, result, finding } = chosen;
    return {
      kind,
      machine,
      result,
      cannot: finding ? { why: speak(result!).finding(finding), other: good?.machine ?? null } : null
    };
  }
  const offers = $derived(kit ? KINDS.map((kind) => offer(kit, kind)) : []);
  const shown = $derived(offers.filter(({ kind }) => isKindMeant(kind.code, typed)));
  const shelves = $derived(
    FAMILIES.filter((f) => (family === '' || f === family) && shown.some(({ kind }) => kind.family === f))
  );

  async function start(kind: Kind, id: string): Promise<void> {
    if (!kit) return;
    const project = newProject(kit, kind.code, id, new Date(), body);
    if (person) project.forWhom = person.name;
    if (person) project.brief = { ...project.brief, name: `${kindTitle(kind.code)} for ${person.name}`.slice(0, 80) };
    if (!(await keeping(() => saveProject(db(), project)))) return;
    begun.id = project.id;
    await goto(paths.plan(project.id));
  }
</script>

<svelte:head><title>Begin something · Tomble</title></svelte:head>

<div class="page">
  <h1 class="text-3xl font-bold">What is it going to be?</h1>
  <p class="quiet">
    Everything here is drawn from a plan on your machines and yarns. Take one, then change what you like.
  </p>
  {#if data.error}
    <p class="mt-6 border-l-4 border-error p-3" role="alert">
      The browser's storage does not answer. Load the page again.
    </p>
  {:else if !kit}
    <p class="mt-10 text-center quiet" role="status">Drawing what can be made …</p>
  {:else}
    <div class="mt-4 grid gap-x-5 gap-y-3 sm:grid-cols-2 lg:grid-cols-4">
      <label class="block font-semibold"
        >Find
        <input
          class="input mt-1 w-full text-base font-normal"
          type="search"
          placeholder="moth, lamp, baby …"
          bind:value={typed}
          oninput={remember}
        />
      </label>
      <label class="block font-semibold"
        >For whom
        <select class="select mt-1 w-full text-base font-normal" bind:value={personId} onchange={remember}>
          <option value="">Usual sizes</option>
          {#each data.value?.people ?? [] as p (p.id)}<option value={p.id}>{p.name}, as measured</option>{/each}
        </select>
      </label>
      <label class="block font-semibold"
        >On which machine
        <select class="select mt-1 w-full text-base font-normal" bind:value={machineId} onchange={remember}>
          <option value="">What fits best, free first</option>
          {#each kit.machines as m (m.id)}<option value={m.id}
              >{m.name}, {m.pins} pins: {busy.has(m.id) ? `busy with ${busy.get(m.id)}` : 'free'}</option
            >{/each}
        </select>
      </label>
      <label class="block font-semibold"
        >What kind of thing
        <select class="select mt-1 w-full text-base font-normal" bind:value={family} onchange={remember}>
          <option value="">Everything</option>
          {#each FAMILIES as f (f)}<option value={f}>{english.families[f]}</option>{/each}
        </select>
      </label>
    </div>
    {#if shelves.length === 0}
      <div class="mt-8 text-center" role="status">
        <p>Nothing here is called that.</p>
        <button
          type="button"
          class="btn mt-3 btn-quiet"
          onclick={() => {
            typed = '';
            family = '';
            remember();
          }}>Show everything</button
        >
      </div>
    {/if}
    <div class="mt-6 space-y-8">
      {#each shelves as shelf (shelf)}
        <section aria-labelledby="shelf-{shelf}">
          <h2 id="shelf-{shelf}" class="text-xl font-semibold">{english.families[shelf]}</h2>
          <ul class="-mx-2 mt-1 grid grid-cols-1 gap-y-3 min-[26rem]:grid-cols-2 md:grid-cols-3 lg:grid-cols-4">
            {#each shown.filter((o) => o.kind.family === shelf) as { kind, machine, result, cannot } (kind.code)}
              <KindCard
                {kind}
                {machine}
                {result}
                {cannot}
                busyWith={busy.get(machine.id) ?? null}
                units={kit.habits.units}
                onstart={(id) => void start(kind, id)}
              />
            {/each}
          </ul>
        </section>
      {/each}
    </div>
  {/if}
</div>
