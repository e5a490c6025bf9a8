<script lang="ts">
  import Plus from '@lucide/svelte/icons/plus';
  import { type Candidate, gathered, nearestYarns, type Original, substitute, workYarns } from '$lib/core/convert';
  import { classOfLabel, perCm, Yarn, yarnName, yarnOf } from '$lib/core/kit';
  import { showFigure, showMass, showRange } from '$lib/core/quantity';
  import { tryPlan } from '$lib/core/tomble';
  import { standIn, standInUnknown } from '$lib/words';
  import { loadKit } from '$lib/store/kit';
  import { kitFor, planProject } from '$lib/store/projects';
  import CountField from '$lib/ui/options/CountField.svelte';
  import NumberField from '$lib/ui/options/NumberField.svelte';
  import SelectField from '$lib/ui/options/SelectField.svelte';
  import TextField from '$lib/ui/options/TextField.svelte';
  import TightnessChart from '$lib/ui/standins/TightnessChart.svelte';
  import { db } from '$lib/ui/state/db';
  import { live } from '$lib/ui/state/live.svelte';
  import YarnDot from '$lib/ui/yarn/YarnDot.svelte';

  const source = live(async () => {
    const [kit, projects] = await Promise.all([loadKit(db()), db().projects.orderBy('updatedAt').reverse().toArray()]);
    return { kit, projects: projects.filter((p) => !p.deletedAt) };
  });
  const TUBE = 'tube';
  const GAUGE = 'gauge';
  const GIVEN = 'given';
  const NEAREST = 12;
  const stash = $derived(source.value?.kit ?? null);
  const projects = $derived((source.value?.projects ?? []).filter((p) => stash && planProject(stash, p).ok));
  let pickedWhat = $state('');
  let pickedYarn = $state('');
  let pickedMachine = $state('');
  let rows = $state(110);
  let cmTo40Stitches = $state(29.6);
  let cmTo20Rows = $state(10);
  let givenMetres = $state(200);
  let givenGrams = $state(100);
  /** A pattern's yarn of which only the gauge and the label are known. */
  const given = $derived(
    Yarn.parse({
      id: GIVEN,
      name: 'The gauge given',
      weightClass: classOfLabel(givenMetres, givenGrams),
      label: { metres: givenMetres, grams: givenGrams },
      colour: { name: 'as typed', hex: '#8a8f94' }
    })
  );
  // Yarns that are not in the stash, typed in for this comparison only.
  let typed = $state.raw<readonly Yarn[]>([]);
  let chosen = $state.raw<readonly { id: string; strands: number }[] | null>(null);
  let find = $state('');

  const what = $derived(pickedWhat || projects[0]?.id || TUBE);
  const project = $derived(projects.find((p) => p.id === what));
  // A project on the machine is compared as it was begun; see the store.
  const kit = $derived(
    stash && {
      ...(project ? kitFor(stash, project) : stash),
      yarns: [...stash.yarns, ...typed, ...(pickedWhat === GAUGE ? [given] : [])]
    }
  );
  const machine = $derived(kit?.machines.find((m) => m.id === pickedMachine) ?? kit?.machines[0]);
  /** Yarns that can be replaced: those of the work, most rows first. */
  const places = $derived.by((): string[] => {
    if (!kit) return [];
    if (what === GAUGE) return [GIVEN];
    if (!project) return kit.yarns.map((y) => y.id);
    const planned = tryPlan(kit, project.brief);
    return planned.ok ? workYarns(planned.value) : [];
  });
  const yarnId = $derived(places.includes(pickedYarn) ? pickedYarn : (places[0] ?? ''));
  const own = $derived(kit && yarnId ? yarnOf(kit, yarnId, project?.brief.strands) : null);
  /** Before anything is chosen, those nearest in thickness stand there; what comes out alike is one line. */
  const nearest = $derived(
    kit && own ? nearestYarns(kit, own, NEAREST).map((c) => ({ id: c.yarn.id, strands: c.strands })) : []
  );
  const picked = $derived((chosen ?? nearest).filter((c) => c.id !== own?.id && kit?.yarns.some((y) => y.id === c.id)));
  const original = $derived.by((): Original | null => {
    if (!yarnId || !machine) return null;
    if (what === GAUGE) {
      const gauge = perCm({ as: 'lengths', cmTo40Stitches, cmTo20Rows });
      return { from: 'gauge', machineId: machine.id, yarnId: GIVEN, rows, gauge };
    }
    return project
      ? { from: 'project', brief: project.brief, yarnId }
      : { from: 'tube', machineId: machine.id, yarnId, rows };
  });
  const table = $derived.by(() => {
    if (!kit || !original) return [];
    const candidates = picked.map((c): Candidate => ({
      yarn: kit.yarns.find((y) => y.id === c.id)!,
      strands: c.strands
    }));
    return substitute(kit, original, candidates);
  });
  const lines = $derived(gathered(table));
  const units = $derived(kit?.habits.units ?? 'metric');
  const offered = $derived(
    (kit?.yarns ?? [])
      .filter(
        (y) =>
          y.id !== own?.id &&
          y.id !== GIVEN &&
          `${yarnName(y)} ${y.fibre}`.toLowerCase().includes(find.trim().toLowerCase())
      )
      .slice(0, 60)
  );
  const strandsOf = (id: string): number => picked.find((c) => c.id === id)?.strands ?? 0;
  function choose(id: string, strands: number): void {
    const others = picked.filter((c) => c.id !== id);
    chosen = strands === 0 ? others : [...others, { id, strands }];
  }

  let newName = $state('');
  let newMetres = $state<number | null>(null);
  let newGrams = $state<number | null>(null);
  function typeIn(): void {
    if (!newName.trim() || !newMetres || !newGrams) return;
    const yarn = Yarn.parse({
      id: crypto.randomUUID(),
      name: newName.trim(),
      weightClass: classOfLabel(newMetres, newGrams),
      label: { metres: newMetres, grams: newGrams },
      colour: { name: 'typed in', hex: '#8a8f94' }
    });
    const before = picked;
    typed = [...typed, yarn];
    chosen = [...before, { id: yarn.id, strands: 1 }];
    newName = '';
    newMetres = null;
    newGrams = null;
  }
  const WORD = { good: 'Good', possible: 'Possible', poor: 'Better not' } as const;
  const BADGE = { good: 'badge-success', possible: 'badge-warning', poor: 'badge-error' } as const;
</script>

<svelte:head><title>Stand-ins · Tomble</title></svelte:head>

<div class="mx-auto max-w-[100rem] px-4 py-6">
  <h1 class="text-3xl font-bold">Stand-ins</h1>
  <p class="quiet">Same pins, other yarn: what becomes of the piece, and is it still a good idea?</p>
  {#if kit && machine}
    <div class="mt-4 grid grid-cols-1 gap-5 xl:grid-cols-[18rem_minmax(0,1fr)]">
      <div class="space-y-5">
        <section class="sheet p-4" aria-label="What is matched">
          <SelectField
            label="In"
            value={what}
            choices={[
              ...projects.map((p) => ({ value: p.id, label: p.brief.name })),
              { value: TUBE, label: 'A plain tube' },
              { value: GAUGE, label: 'A gauge' }
            ]}
            onvalue={(v) => {
              pickedWhat = v;
              chosen = null;
            }}
          />
          {#if !project}
            <SelectField
              label="Machine"
              value={machine.id}
              choices={kit.machines.map((m) => ({ value: m.id, label: `${m.name}, ${m.pins} pins` }))}
              onvalue={(v) => (pickedMachine = v)}
            />
            <CountField label="Rows" value={rows} min={10} max={5000} onvalue={(v) => (rows = v)} />
          {/if}
          {#if what === GAUGE}
            <div class="grid grid-cols-2 gap-x-3">
              <NumberField
                label="40 stitches"
                unit="cm"
                value={cmTo40Stitches}
                min={4}
                max={120}
                onvalue={(v) => v && (cmTo40Stitches = v)}
              />
              <NumberField
                label="20 rows"
                unit="cm"
                value={cmTo20Rows}
                min={1}
                max={60}
                onvalue={(v) => v && (cmTo20Rows = v)}
              />
              <NumberField
                label="Its metres"
                value={givenMetres}
                min={1}
                max={5000}
                onvalue={(v) => v && (givenMetres = v)}
              />
              <NumberField
                label="Its grams"
                value={givenGrams}
                min={1}
                max={2000}
                onvalue={(v) => v && (givenGrams = v)}
              />
            </div>
          {:else}
            <SelectField
              label="In place of"
              value={yarnId}
              choices={places.map((id) => ({ value: id, label: yarnName(kit.yarns.find((y) => y.id === id)!) }))}
              onvalue={(v) => {
                pickedYarn = v;
                chosen = null;
              }}
            />
          {/if}
        </section>
        <section class="sheet p-4" aria-label="Try these">
          <h2 class="text-lg font-semibold">Try these</h2>
          <input
            class="input mt-2 w-full"
            type="search"
            aria-label="Find a yarn to try"
            placeholder="Find"
            bind:value={find}
          />
          <ul class="mt-2 max-h-72 overflow-y-auto">
            {#each offered as yarn (yarn.id)}
              <li class="flex items-center gap-2 border-t border-base-300 py-1">
                <YarnDot hex={yarn.colour.hex} size={22} />
                <span class="min-w-0 flex-1 truncate text-sm">{yarnName(yarn)}</span>
                <select
                  class="select w-26 select-sm"
                  aria-label="Strands of {yarnName(yarn)}"
                  value={String(strandsOf(yarn.id))}
                  onchange={(e) => choose(yarn.id, Number(e.currentTarget.value))}
                >
                  <option value="0">leave out</option><option value="1">1 strand</option><option value="2"
                    >2 strands</option
                  ><option value="3">3 strands</option>
                </select>
              </li>
            {/each}
          </ul>
          <details class="mt-2">
            <summary class="cursor-pointer font-semibold">One that is not in the stash</summary>
            <TextField label="Name of it" value={newName} most={60} optional onvalue={(v) => (newName = v)} />
            <div class="grid grid-cols-2 gap-3">
              <NumberField
                label="Metres"
                value={newMetres}
                min={1}
                max={5000}
                optional
                onvalue={(v) => (newMetres = v)}
              />
              <NumberField label="Grams" value={newGrams} min={1} max={2000} optional onvalue={(v) => (newGrams = v)} />
            </div>
            <button type="button" class="btn btn-sm" disabled={!newName || !newMetres || !newGrams} onclick={typeIn}
              ><Plus class="size-4" /> Try it</button
            >
          </details>
        </section>
      </div>
      <div class="min-w-0 space-y-5">
        <div class="overflow-x-auto sheet" role="region" aria-label="Comparison" tabindex="-1">
          <table class="w-full min-w-3xl text-left">
            <thead class="bg-base-200 text-sm">
              <tr>
                {#each ['Yarn', 'Stitches, rows', 'Flat width', 'Length', 'Rows for that length', 'Tightness', 'Stretch', 'Needs', 'Washing'] as title (title)}
                  <th class="px-3 py-2 font-semibold">{title}</th>
                {/each}
              </tr>
            </thead>
            {#each lines as { first: s, others }, i (s.yarn.id + s.strands)}
              <tbody class="border-t border-base-300 {s.isOriginal ? 'bg-base-200/60' : ''}">
                <tr class="align-top">
                  <th scope="row" class="px-3 pt-2 font-normal">
                    <span class="flex items-center gap-2"
                      ><YarnDot hex={s.yarn.colour.hex} size={24} /><span class="font-semibold"
                        >{s.isOriginal ? '' : `${i}. `}{yarnName(s.yarn)}{s.strands > 1
                          ? `, ${s.strands} strands`
                          : ''}</span
                      ></span
                    >
                  </th>
                  <td class="px-3 pt-2 numerals whitespace-nowrap">{s.stitches}, {s.rows}</td>
                  <td class="px-3 pt-2 numerals whitespace-nowrap"
                    >{showFigure(s.flatWidthMm, units)}<span class="block text-sm whitespace-nowrap quiet"
                      >{showRange(s.flatWidthMm, units)}</span
                    ></td
                  >
                  <td class="px-3 pt-2 numerals whitespace-nowrap"
                    >{showFigure(s.lengthMm, units)}<span class="block text-sm whitespace-nowrap quiet"
                      >{showRange(s.lengthMm, units)}</span
                    ></td
                  >
                  <td class="px-3 pt-2 numerals font-semibold whitespace-nowrap">{s.rows + s.rowsMore}</td>
                  <td class="px-3 pt-2 numerals whitespace-nowrap">{s.tightness.toFixed(1)}</td>
                  <td class="px-3 pt-2 numerals whitespace-nowrap"
                    >{s.stretch === null ? '–' : `${Math.round(s.stretch)} %`}</td
                  >
                  <td class="px-3 pt-2 numerals whitespace-nowrap"
                    >{showFigure(s.metres, units)}<span class="block text-sm whitespace-nowrap quiet"
                      >{showFigure(s.grams, units)}, {showFigure(s.balls, units)}</span
                    ></td
                  >
                  <td class="px-3 pt-2">{s.wash === 'machine' ? 'machine' : 'by hand'}</td>
                </tr>
                <tr>
                  <td colspan="9" class="px-3 pt-0.5 pb-3 text-sm">
                    <span class="mr-1 badge badge-sm {BADGE[s.verdict]}">{WORD[s.verdict]}</span>
                    {standIn(s, kit.habits)}
                    <span class="quiet">{standInUnknown(s, kit.habits)}</span>
                    {#if others.length}
                      <ul class="mt-1.5 flex flex-wrap gap-x-4 gap-y-1" aria-label="They come out alike">
                        <li class="font-semibold">Alike:</li>
                        {#each others as other (other.yarn.id + other.strands)}
                          <li class="flex items-center gap-1.5">
                            <YarnDot hex={other.yarn.colour.hex} size={18} />
                            <span
                              >{yarnName(other.yarn)}<span class="numerals quiet"
                                >{other.yarn.stockGrams === null
                                  ? ''
                                  : `, ${showMass(other.yarn.stockGrams, units)} at hand`}</span
                              ></span
                            >
                          </li>
                        {/each}
                      </ul>
                    {/if}
                  </td>
                </tr>
              </tbody>
            {/each}
          </table>
        </div>
        <figure class="sheet p-4">
          <figcaption class="mb-1 text-lg font-semibold">Tightness against size</figcaption>
          <TightnessChart substitutes={lines.map((line) => line.first)} />
        </figure>
      </div>
    </div>
  {/if}
</div>
